import type { ScaledMarinade, UptakeInput } from '../marinades';
import type { Cut } from '../pieces';
import type { BatchInputs } from './inputs';
import type { PiecePlan, SlicePlan } from './plan';

export const OWN_SALT_OF_MEAT = 0.001;
export const ROOM_C = 21;
const FRIDGE_C = 4;
const COLDEST_C = -2;

/** What salt does in this meat, this liquid, this place. */
export function uptakeInput(
  { pins }: BatchInputs,
  cut: Cut,
  { piece, slice, scaled }: { piece: PiecePlan; slice: SlicePlan; scaled: ScaledMarinade },
): Omit<UptakeInput, 'minutes'> {
  return {
    thicknessMm: slice.soakThicknessMm,
    // Meat that freezes takes up nothing: the model ends where its water does.
    tempC: Math.max(
      COLDEST_C,
      pins.marinadePlace === 'counter' ? (pins.roomTempC ?? ROOM_C) : (pins.fridgeTempC ?? FRIDGE_C),
    ),
    meatG: piece.meatG,
    meatWaterFraction: cut.composition.water,
    bathWaterG: scaled.onMeat.waterG,
    saltG: scaled.onMeat.saltG,
    ownSaltFraction: OWN_SALT_OF_MEAT,
  };
}
