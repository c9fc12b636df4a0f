import type { Ingredient } from '@/core/marinades';
import type { IngredientRow } from '@/data/tables';

export const ingredientRow = (
  one: Omit<Ingredient, 'id' | 'own' | 'piece'> & { piece?: Ingredient['piece'] | null },
): Partial<IngredientRow> => ({
  name: one.name,
  other_names: [...one.otherNames],
  kind: one.kind,
  density_g_per_ml: one.densityGPerMl,
  water_fraction: one.waterFraction,
  salt_fraction: one.saltFraction,
  sugar_fraction: one.sugarFraction,
  acid_fraction: one.acidFraction ?? 0,
  fat_fraction: one.fatFraction ?? 0,
  starch_fraction: one.starchFraction ?? 0,
  allergens: [...one.allergens],
  strong_enzyme: one.strongEnzyme ?? false,
  enzyme_class: one.enzymeClass ?? null,
  alcohol: one.alcohol ?? false,
  glutamate: one.glutamate ?? false,
  piece_name: one.piece?.name ?? null,
  piece_mass_g: one.piece?.massG ?? null,
});

export const toIngredient = (row: IngredientRow): Ingredient => ({
  id: row.id,
  name: row.name,
  otherNames: row.other_names,
  kind: row.kind,
  densityGPerMl: row.density_g_per_ml,
  waterFraction: row.water_fraction,
  saltFraction: row.salt_fraction,
  sugarFraction: row.sugar_fraction,
  acidFraction: row.acid_fraction,
  fatFraction: row.fat_fraction,
  starchFraction: row.starch_fraction,
  allergens: row.allergens,
  strongEnzyme: row.strong_enzyme,
  ...(row.enzyme_class ? { enzymeClass: row.enzyme_class } : {}),
  alcohol: row.alcohol,
  glutamate: row.glutamate,
  own: row.own,
  ...(row.deleted_at ? { removed: true } : {}),
  ...(row.piece_name && row.piece_mass_g ? { piece: { name: row.piece_name, massG: row.piece_mass_g } } : {}),
});
