import type { CookRounds, Room } from '../cooking';
import type { Ingredient, Marinade, MeasuredIngredient, ScaledMarinade, Uptake, UptakeInput } from '../marinades';
import type { Cut, PieceSize } from '../pieces';
import type { Caution, CentreTemperature } from '../safety';
import type { Schedule } from '../scheduling';
import type { SliceGeometry, Strips } from '../slicing';
import type { SodaAdvice, SodaChoice, SodaReason, SodaSchool } from '../tenderizing';
import type { OwnedMeasure } from '../units';

/** What the plan takes from around the batch. */
export interface Surroundings {
  cut: Cut;
  marinade: Marinade;
  /** The kitchen's zone, for nights and turns. */
  zone: string;
  sodaIngredient: Ingredient;
  measures?: readonly OwnedMeasure[];
  room?: Room;
}

export interface PiecePlan extends PieceSize {
  massG: number;
  trimmedG: number;
  trimLossG: { from: number; to: number };
  perPersonG: number;
}

export interface SlicePlan extends SliceGeometry {
  thicknessMm: number;
  yawDeg: number;
  bevelDeg: number;
  grainDeg: number;
  grainPitchDeg: number;
  /** Blade to fibres, 90 is straight across. */
  knifeToGrainDeg: number;
  sliceMassG: number;
  band: { from: number; to: number };
  strips?: Strips;
  /** Surface of what goes into the bowl: strips where they are cut, else slices. */
  surfaceM2: number;
}

export interface TenderizePlan {
  choice: SodaChoice;
  /** What would be chosen without a pin, and why. */
  advised: SodaChoice;
  reason: SodaReason;
  schools: Record<SodaSchool, SodaAdvice & { spoken: MeasuredIngredient }>;
}

export interface MarinatePlan extends ScaledMarinade {
  minutes: number;
  place: 'fridge' | 'counter';
  tempC: number;
  window: { from: number; to: number };
  measured: MeasuredIngredient[];
  uptake: Uptake;
  /** What the uptake was worked out from, for its curve. */
  diffusion: Omit<UptakeInput, 'minutes'>;
  heldBack: 'none' | 'clean' | 'raw';
  sodiumMgPerPortion: { from: number; to: number };
}

export interface CookPlan extends CookRounds {
  temperature: CentreTemperature;
}

export interface BatchPlan {
  piece: PiecePlan;
  firm: { from: number; to: number; minutes: number };
  slice: SlicePlan;
  tenderize: TenderizePlan;
  marinate: MarinatePlan;
  cook: CookPlan;
  schedule: Schedule;
  lots: number;
  cautions: Caution[];
}
