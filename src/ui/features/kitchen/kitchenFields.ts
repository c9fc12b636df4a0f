import type { Household } from '@/contract/resources';

/** What of a kitchen is set by hand. What slicing has taught of the freezer is not sent back, unless it is to be forgotten. */
export type KitchenFields = Pick<
  Household,
  'name' | 'zone' | 'measures' | 'currency' | 'slicerStacks' | 'cooks' | 'heats'
> & {
  tempC: number;
  lies: Household['freezer']['lies'];
};

export const kitchenFieldsOf = ({
  name,
  zone,
  measures,
  currency,
  slicerStacks,
  cooks,
  heats,
  freezer: { tempC, lies },
}: Household): KitchenFields => ({ name, zone, measures, currency, slicerStacks, cooks, heats, tempC, lies });

/** As the API takes it. @param known what the freezer is to know from now on; left out, what it has learned */
export const toWrite = ({ tempC, lies, ...fields }: KitchenFields, known?: Household['freezer']['known']) => ({
  ...fields,
  freezer: { tempC, lies, ...(known ? { known } : {}) },
});
