import type { Cut } from '../cut';
import { row, type Row } from './row';

const lamb = (id: string, name: string, given: Row): Cut => row('lamb', `lamb-${id}`, `Lamb ${name}`, given);
const goat = (id: string, name: string, given: Row): Cut => row('goat', `goat-${id}`, `Goat ${name}`, given);
const SEAMS = 'Follow the seams, take out hard fat and silver skin; keep the marbling.';

export const LAMB_AND_GOAT: readonly Cut[] = [
  lamb('leg', 'leg, boned', { names: 'boneless leg of lamb, gigot, easy carve leg, mutton leg', work: 'some', fat: 'some', is: [73.5, 20.3, 5.2], size: [1.75, 45, 1800], seams: true, loss: [4, 10], trim: 'Take off the skin, hard fat and the gland in its fat pocket.', suits: { 'flat-skewers': 'short-fibres', 'stir-fry': 'short-fibres', 'cube-skewers': 'cubes' } }),
  lamb('shoulder', 'shoulder, boned', { names: 'boneless shoulder of lamb, square cut shoulder, lamb forequarter', work: 'hard', fat: 'marbled', is: [67, 18.5, 13.5], size: [1.5, 45, 1500], seams: true, loss: [8, 18], trim: SEAMS, suits: { 'flat-skewers': 'marbled', 'table-grill': 'shaves' } }),
  lamb('neck', 'neck fillet', { names: 'lamb scrag boned, neck of lamb, lamb neck eye', work: 'hard', fat: 'marbled', form: 'round', is: [66, 18, 15], size: [4, 45, 300], loss: [6, 15], trim: SEAMS, suits: { 'flat-skewers': 'marbled', 'stir-fry': 'short-fibres' } }),
  lamb('loin', 'loin, boned', { names: 'lamb backstrap, eye of loin, cannon, lamb short loin', work: 'tender', fat: 'lean', form: 'round', is: [73, 20.5, 5.5], size: [5, 40, 350], loss: [8, 20], trim: 'Take off the fat and slide the knife under the silver skin.', suits: { 'stir-fry': 'tender', 'cube-skewers': 'tender', 'flat-skewers': 'tender' } }),
  lamb('rump', 'rump', { names: 'lamb chump, lamb sirloin, chump steak', work: 'some', fat: 'some', is: [71, 20, 8], size: [1.4, 40, 250], loss: [6, 15], trim: 'Take off the fat cap and the skin under it.', suits: { 'stir-fry': 'tender', 'thin-steak': 'flat', 'cube-skewers': 'cubes' } }),
  lamb('flap', 'flap', { names: 'breast of lamb, lamb flank, lamb flap meat', work: 'hard', fat: 'rich', form: 'slab', is: [58, 16, 25], size: [2, 20, 500], loss: [15, 35], trim: 'Take off membrane and hard fat from both faces.', suits: { 'flat-skewers': 'marbled', 'table-grill': 'marbled' } }),
  goat('leg', 'leg, boned', { names: 'kid leg, chevon leg, cabrito, raan', work: 'hard', fat: 'lean', is: [74.5, 21, 3.5], size: [1.75, 40, 1200], seams: true, loss: [6, 14], trim: 'Take off skin and silver skin; there is little fat.', suits: { 'flat-skewers': 'short-fibres', 'stir-fry': 'short-fibres', 'cube-skewers': 'cubes' } }),
  goat('shoulder', 'shoulder, boned', { names: 'kid shoulder, chevon shoulder', work: 'hard', fat: 'some', is: [73, 20, 6], size: [1.5, 35, 1000], seams: true, loss: [10, 20], trim: SEAMS, suits: { 'flat-skewers': 'short-fibres', 'cube-skewers': 'cubes' } }),
  goat('loin', 'loin', { names: 'kid backstrap, goat backstrap, chevon loin', work: 'some', fat: 'lean', form: 'round', is: [75, 21, 3], size: [5, 35, 250], loss: [6, 14], trim: 'Slide the knife under the silver skin and take it off whole.', suits: { 'stir-fry': 'tender', 'flat-skewers': 'tender' } }),
];
