import { reduceGlaze, slurryFor } from '../cooking';
import { coolingMinutes, type Marinade } from '../marinades';
import { wayRecipe } from '../ways';
import type { BatchInputs } from './inputs';
import type { MarinatePlan, SidesPlan } from './plan';

/** What is made beside the meat: a glaze, a dip or the slurry for a sauce from the part held back, and the cooling of a mix from the stove. */
export function planSides(
  { way, people, pins }: BatchInputs,
  { heated, holdBackFor }: Marinade,
  marinate: MarinatePlan,
): SidesPlan {
  const place = pins.coolIn ?? 'bench';
  const heldMl = marinate.whole.massG > 0 ? (marinate.mixMl * marinate.heldBackG) / marinate.whole.massG : 0;
  // What was held back for nothing in particular is served beside.
  const purpose = heldMl > 0 ? (holdBackFor ?? 'dip') : undefined;
  const inPan = wayRecipe(way).heat.sauceInPan;
  const massG = marinate.heldBackG;
  return {
    ...(heated ? { cooling: { place, minutes: coolingMinutes({ massG: marinate.whole.massG, place }) } } : {}),
    ...(purpose === 'glaze' ? { glaze: reduceGlaze(heldMl) } : {}),
    ...(purpose === 'sauce' && inPan
      ? { slurry: slurryFor({ heldBackMl: heldMl, people, starchOnMeatG: marinate.onMeat.starchG }) }
      : {}),
    ...(purpose === 'dip' || (purpose === 'sauce' && !inPan) ? { dip: { massG } } : {}),
    ...(purpose === 'brushing' ? { brush: { massG } } : {}),
    // A glaze is simmered anyway.
    ...(purpose !== undefined && purpose !== 'glaze' && marinate.heldBack === 'raw' ? { boil: { massG } } : {}),
  };
}
