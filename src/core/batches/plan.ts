import type { Paces } from './handwork';
import type { BatchInputs } from './inputs';
import type { Glaze, Heat, Room, Slurry } from '../cooking';
import type { Band, HeatMethod, Shape } from '../ways';
import type { FirmingInput, FirmingTimes, FreezerKnowledge, FreezerPreset, ThawInput, ThawResult } from '../firming';
import type {
  CoatCheck,
  CoolingPlace,
  Ingredient,
  Marinade,
  MeasuredIngredient,
  ScaledMarinade,
  Uptake,
  UptakeInput,
} from '../marinades';
import type { Cut, PieceSize } from '../pieces';
import type { Caution, CentreTemperature } from '../safety';
import type { Schedule, Work } from '../scheduling';
import type { Interval } from '../times';
import type { DialFit, ShapeCuts } from '../slicing';
import type {
  AdditionAdvice,
  Bite,
  Conflict,
  EnzymeVerdict,
  ForceAdvice,
  Fruit,
  SodaAdvice,
  SodaChoice,
  SodaSchool,
  TenderizingJudgement,
  TenderizingMeans,
} from '../tenderizing';
import type { OwnedMeasure } from '../units';

/** What plans take from the kitchen. */
export interface Kitchen {
  /** For nights and turns. */
  zone: string;
  sodaIngredient: Ingredient;
  measures?: readonly OwnedMeasure[];
  room?: Room;
  freezer?: Freezer;
  /** The slicing machine's dial, once it was measured. */
  slicer?: DialFit;
  /** Pairs of hands at work; one where it is not said. */
  cooks?: number;
  /** How many batches go on each heat at once; one where it is not said. */
  heats?: Readonly<Partial<Record<HeatMethod, number>>>;
  /** How quick this cook's hands are, where that was learned. */
  paces?: Paces;
}

/** What the plan takes from around the batch. */
export interface Surroundings extends Kitchen {
  cut: Cut;
  marinade: Marinade;
  /** When nobody is in the kitchen. */
  away?: readonly Interval[];
  /** The other batches of its meal, for whom hands and heat are wanted too; this one's own id beside them. */
  meal?: { id: string; neighbours: readonly MealBatch[] };
}

/** A batch among those of its meal. */
export interface MealBatch {
  /** Any order of the batches gives the same plans: they are taken by their table, their age and this. */
  id: string;
  inputs: BatchInputs;
  around: Surroundings;
}

/** The kitchen's freezer: how cold, how a piece usually lies in it, and what slicing has taught of its strength. */
export interface Freezer {
  tempC: number;
  lies: FreezerPreset;
  known: FreezerKnowledge;
}

export interface PiecePlan extends PieceSize {
  massG: number;
  /** After trimming, the bone that stays on included. */
  trimmedG: number;
  /** Without bone: every dose and size uses this. */
  meatG: number;
  /** Bone that stays on; absent where there is none. */
  boneG?: { from: number; to: number; weighed: boolean };
  trimLossG: { from: number; to: number };
  perPersonG: number;
  /** Pieces of this size; sizes are of one, weights of all. */
  pieces: number;
  pricePerTrimmedKg?: number;
  pricePerPerson?: number;
}

/** From the freezer: fresh meat firmed in it, or a frozen block tempered. All of it is an estimate. */
export interface FirmPlan {
  /** False where nothing is sliced that has to be firm. */
  needed: boolean;
  minutes: number;
  /** Worth a knife between these. */
  from: number;
  to: number;
  /** Press it from here on: a stronger freezer may have it firm by then. */
  checkFromMin: number;
  /** It is not firm within the time that is followed. */
  never: boolean;
  /** What the times were worked out from, the freezer's learned strength included. */
  state:
    | { is: 'fresh'; times: FirmingTimes; input: FirmingInput }
    | { is: 'frozen'; times: Omit<ThawResult, 'course'>; input: ThawInput };
}

/** Sizes are of one piece and of what it becomes; counts and the surface are of all pieces together. */
export interface SlicePlan extends ShapeCuts {
  thicknessMm: number;
  yawDeg: number;
  bevelDeg: number;
  grainDeg: number;
  grainPitchDeg: number;
  /** Blade to fibres, 90 is straight across. */
  knifeToGrainDeg: number;
  band: Band;
  shapes: Shape[];
  /** Thickness as salt and soda meet it. */
  soakThicknessMm: number;
  /** Nothing is left to slice. */
  comesSliced: boolean;
  /** Where to set the slicing machine, in marks. */
  dial?: { dial: number; error: number };
}

export interface TenderizePlan {
  /** Whether it wants tenderizing, why, and what is proposed: what every screen quotes. */
  judgement: TenderizingJudgement;
  choice: SodaChoice;
  /** Soda that the mix brings, percent of the meat; nothing is added to it. */
  inMixPercent: number;
  schools: Record<SodaSchool, SodaAdvice & { spoken: MeasuredIngredient; oilSpoken?: string }>;
  /** Mallet, rolling pin, needles or scores; absent where there is none. */
  force?: ForceAdvice;
  /** Everything that works on the meat, the mix included. */
  means: TenderizingMeans[];
  conflicts: Conflict[];
  bite: Bite;
  /** What the mix lacks and could be given. */
  additions: AdditionAdvice[];
}

/** Fresh fruit in the marinade: how fast it goes. An index, no kinetics; ripeness alone changes it several-fold. */
export interface FruitClock {
  fruits: { fruit: Fruit; dosePercent: number }[];
  perHour: number;
  /** Without those whose activity is a guess. */
  surePerHour: number;
  stopAfterHours: { from: number; to: number };
  /** What it was worked out for, as salt and soda are. */
  thicknessMm: number;
}

/** How far it has gone when the meat comes out. */
export interface FruitPlan extends FruitClock {
  exposure: number;
  verdict: EnzymeVerdict;
  /** It would be mush even without what is a guess. */
  refused: boolean;
}

export interface MarinatePlan extends ScaledMarinade {
  minutes: number;
  place: 'fridge' | 'counter';
  tempC: number;
  /** Of this marinade, on this meat. */
  window: { from: number; to: number };
  /** What the way takes by custom. */
  custom: { from: number; to: number };
  measured: MeasuredIngredient[];
  uptake: Uptake;
  /** What the uptake was worked out from, for its curve. */
  diffusion: Omit<UptakeInput, 'minutes'>;
  fruit?: FruitPlan;
  /** Whole mix. */
  mixMl: number;
  coat: CoatCheck;
  /** What can be reached, when the salt asked for cannot: the mix is then as it is written. */
  saltReach?: { from: number; to: number };
  heldBack: 'none' | 'clean' | 'raw';
  sodiumMgPerPortion: { from: number; to: number };
}

/** What is made beside the meat. */
export interface SidesPlan {
  cooling?: { place: CoolingPlace; minutes: { from: number; to: number } };
  glaze?: Glaze;
  /** Served beside, or as the sauce. */
  dip?: { massG: number };
  slurry?: Slurry;
  /** Brushed on in the last minutes. */
  brush?: { massG: number };
  /** It touched raw meat: a rolling boil before it is used. */
  boil?: { massG: number };
}

export interface CookPlan extends Heat {
  temperature: CentreTemperature;
  /** Wiped dry for the sear, or left to drip with its coat on. */
  surface: 'wipe' | 'drip';
}

/** What a hurried plan does without; of the marinade, its customary time. */
export const LEFT_OUT = ['soak', 'freezer', 'marinade'] as const;
export type LeftOut = (typeof LEFT_OUT)[number];

export interface BatchPlan {
  piece: PiecePlan;
  firm: FirmPlan;
  slice: SlicePlan;
  tenderize: TenderizePlan;
  marinate: MarinatePlan;
  sides: SidesPlan;
  cook: CookPlan;
  schedule: Schedule;
  /** What the schedule answers. */
  work: Work;
  lots: number;
  /** How far fruit was taken to go when soda was judged. */
  fruitAssumed: number;
  /** Left out so that it is less late. */
  leftOut: LeftOut[];
  cautions: Caution[];
}
