import type { Ingredient } from './ingredient';

/** Fine salt: what salt is made up with. It stands apart so that a plan can salt a mix without the whole list of ingredients. */
export const FINE_SALT: Ingredient = {
  id: 'salt-fine', name: 'Salt, fine', otherNames: ['table salt', 'fine salt'], kind: 'salt', densityGPerMl: 1.217, waterFraction: 0, saltFraction: 1, sugarFraction: 0, acidFraction: 0, fatFraction: 0, starchFraction: 0, allergens: [],
};
