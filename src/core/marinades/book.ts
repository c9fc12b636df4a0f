import type { Use } from '../cooking';
import type { Marinade } from './scaleMarinade';

/** What is said of a marinade beside its lines. */
export interface MarinadeFacts extends Omit<Marinade, 'id' | 'uses' | 'lines'> {
  note: string;
  ways: Use[];
}

export interface BookEntry extends MarinadeFacts {
  lines: { ingredientId: string; massG: number; note?: string }[];
}

const line = (ingredientId: string, massG: number, note?: string) => ({ ingredientId, massG, note });

/** The marinades a new kitchen starts with, of our own making, each written for a kilogram of trimmed meat. */
export const STARTER_BOOK: readonly BookEntry[] = [
  {
    name: 'Cumin and orange', note: 'Savoury with a little fruit; no soy, no wheat.', ways: ['flat-skewers', 'stir-fry', 'cube-skewers'], forMassG: 1000, minutes: { from: 60, to: 1200 }, holdBackShare: 0.15, holdBackFor: 'brushing',
    lines: [line('orange-juice', 110), line('salt-fine', 11), line('cumin', 9, 'toasted first'), line('coriander-seed', 4), line('chilli-flakes', 2), line('garlic', 20), line('onion', 75), line('olive-oil', 45)],
  },
  {
    name: 'Fennel and soy', note: 'Savoury, unsweetened, with starch and oil to coat.', ways: ['stir-fry'], forMassG: 1000, minutes: { from: 20, to: 720 }, holdBackShare: 0.15, holdBackFor: 'sauce',
    lines: [line('soy-sauce', 62), line('rice-wine', 40), line('fennel-seed', 5), line('ginger', 10), line('garlic', 15), line('corn-starch', 14), line('sesame-oil', 18)],
  },
  {
    name: 'Juniper and cider', note: 'For poultry and pork: sour-sweet, dark berries.', ways: ['flat-skewers', 'stir-fry', 'cube-skewers'], forMassG: 1000, minutes: { from: 30, to: 480 }, holdBackShare: 0.1, holdBackFor: 'glaze',
    lines: [line('cider-vinegar', 35), line('water', 40), line('salt-sea', 12), line('honey', 20), line('juniper', 5), line('black-pepper', 3), line('thyme', 4), line('neutral-oil', 30)],
  },
  {
    name: 'Pear and dark soy', note: 'Sweet and mild; the pear tenderizes gently.', ways: ['flat-skewers', 'stir-fry', 'table-grill', 'cube-skewers'], forMassG: 1000, minutes: { from: 60, to: 1440 }, holdBackShare: 0.15, holdBackFor: 'brushing',
    lines: [line('soy-sauce', 55), line('dark-soy-sauce', 25), line('brown-sugar', 35), line('pear', 90), line('garlic', 18), line('ginger', 6), line('black-pepper', 2), line('sesame-oil', 20)],
  },
  {
    name: 'Lemon, yogurt and paprika', note: 'Clings well; sour enough that soda has to be rinsed off first.', ways: ['flat-skewers', 'cube-skewers'], forMassG: 1000, minutes: { from: 60, to: 720 }, holdBackShare: 0.2, holdBackFor: 'dip',
    lines: [line('yogurt', 160), line('lemon-juice', 25), line('salt-fine', 12), line('paprika', 8), line('cumin', 5), line('garlic', 20), line('olive-oil', 25)],
  },
  {
    name: 'Kiwi and ginger, quick', note: 'Strong fruit: for tough cuts and for a short time only.', ways: ['stir-fry'], forMassG: 1000, minutes: { from: 20, to: 60 }, holdBackShare: 0,
    lines: [line('tamari', 60), line('kiwi', 35, 'just before use'), line('ginger', 12), line('spring-onion', 30), line('potato-starch', 14), line('neutral-oil', 20)],
  },
  {
    name: 'Salt, pepper and rosemary', note: 'Nearly dry: seasoned, oiled, nothing in the way.', ways: ['flat-skewers', 'stir-fry', 'cube-skewers', 'table-grill', 'thin-steak'], forMassG: 1000, minutes: { from: 30, to: 720 }, holdBackShare: 0,
    lines: [line('salt-flake', 11), line('black-pepper', 4), line('rosemary', 5), line('garlic', 10), line('lemon-juice', 15), line('olive-oil', 40)],
  },
  {
    name: 'Onion and lime', note: 'For a whole thin steak: onion juice and lime from the surface, four to eight hours at most.', ways: ['thin-steak', 'table-grill'], forMassG: 1000, minutes: { from: 60, to: 480 }, holdBackShare: 0.15, holdBackFor: 'sauce',
    lines: [line('soy-sauce', 45), line('lime-juice', 40), line('onion', 120, 'grated, with its juice'), line('garlic', 15), line('black-pepper', 4), line('neutral-oil', 30)],
  },
  {
    name: 'Coconut and lemongrass', note: 'Mild and fragrant, clings well; turmeric stains the board.', ways: ['flat-skewers', 'cube-skewers', 'table-grill'], forMassG: 1000, minutes: { from: 60, to: 960 }, holdBackShare: 0.2, holdBackFor: 'brushing',
    lines: [line('coconut-milk', 150), line('fish-sauce', 45), line('palm-sugar', 25), line('lemongrass', 30), line('turmeric', 4), line('coriander-seed', 6), line('shallot', 30), line('neutral-oil', 20)],
  },
  {
    name: 'Coffee and dark sugar', note: 'Dark and bittersweet, for beef and game; brush it on late, it burns.', ways: ['table-grill', 'thin-steak', 'flat-skewers'], forMassG: 1000, minutes: { from: 60, to: 960 }, holdBackShare: 0.15, holdBackFor: 'glaze',
    lines: [line('coffee', 60), line('soy-sauce', 50), line('brown-sugar', 30), line('paprika-smoked', 5), line('garlic', 15), line('black-pepper', 4), line('neutral-oil', 25)],
  },
  {
    name: 'Orange, lime and chilli', note: 'Sour and hot; four to eight hours are enough.', ways: ['thin-steak', 'flat-skewers', 'stir-fry'], forMassG: 1000, minutes: { from: 60, to: 480 }, holdBackShare: 0.2, holdBackFor: 'sauce',
    lines: [line('orange-juice', 90), line('lime-juice', 40), line('salt-fine', 12), line('chilli-fresh', 20), line('garlic', 20), line('oregano', 2), line('coriander-leaf', 15), line('olive-oil', 40)],
  },
  {
    name: 'Smoky rub, dry', note: 'No liquid at all: rub it in and let the salt draw its own brine.', ways: ['flat-skewers', 'cube-skewers', 'thin-steak', 'table-grill'], forMassG: 1000, minutes: { from: 60, to: 960 }, holdBackShare: 0,
    lines: [line('salt-sea', 12), line('brown-sugar', 10), line('paprika-smoked', 8), line('cumin', 4), line('black-pepper', 4), line('garlic-powder', 3), line('mustard-powder', 2)],
  },
  {
    name: 'Cider and star anise, simmered', note: 'Simmered so that the spice opens, then cooled; sweet, for pork and poultry.', ways: ['flat-skewers', 'cube-skewers', 'table-grill'], forMassG: 1000, minutes: { from: 60, to: 960 }, holdBackShare: 0.2, holdBackFor: 'glaze', heated: true,
    lines: [line('cider', 120), line('soy-sauce', 45), line('salt-fine', 4), line('brown-sugar', 25), line('star-anise', 3), line('ginger', 8), line('garlic', 10), line('neutral-oil', 20)],
  },
  {
    name: 'Pepper and soy, for drying', note: 'Jerky, wet and unsweetened; no oil, which would go rancid.', ways: ['jerky'], forMassG: 1000, minutes: { from: 720, to: 4320 }, holdBackShare: 0,
    lines: [line('soy-sauce', 80), line('water', 30), line('salt-fine', 4), line('black-pepper', 7), line('garlic-powder', 4), line('onion-powder', 3)],
  },
  {
    name: 'Juniper and maple, for drying', note: 'Jerky, wet, sweet and smoky; no wheat.', ways: ['jerky'], forMassG: 1000, minutes: { from: 720, to: 4320 }, holdBackShare: 0,
    lines: [line('tamari', 60), line('maple-syrup', 45), line('salt-fine', 6), line('juniper', 6), line('black-pepper', 5), line('smoke', 4)],
  },
  {
    name: 'Salt and pepper rub, for drying', note: 'Jerky, dry: two parts of salt to one of pepper; no sugar, no soy.', ways: ['jerky'], forMassG: 1000, minutes: { from: 240, to: 1440 }, holdBackShare: 0,
    lines: [line('salt-sea', 14), line('black-pepper', 7), line('coriander-seed', 4), line('garlic-powder', 3)],
  },
];
