import { cubeSkewers } from './cube-skewers';
import { flatSkewers } from './flat-skewers';
import { stirFry } from './stir-fry';
import { tableGrill } from './table-grill';
import { thinSteak } from './thin-steak';

/** Every way there is, in the order in which they are offered. A new one is a folder beside these and a line here. */
export const ALL_WAYS = [stirFry, flatSkewers, cubeSkewers, tableGrill, thinSteak] as const;
