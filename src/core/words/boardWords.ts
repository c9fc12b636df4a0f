import { wayRecipe, type FatAdvice, type Shape, type Use, type Way } from '../ways';
import type { Firmness, FirmnessReport, FreezerPreset, SolvedShape } from '../firming';
import type { Cut, SuitsBecause } from '../pieces';
import type { CutStep, DialProblem } from '../slicing';
import { fibreClass, type FibreClass, type TenderizingAnswer, type TenderizingJudgement } from '../tenderizing';
import { formatDuration, formatLength, formatNumber, type FormatStyle } from '../units';
import { USE_NAMES } from './names';

export const SHAPE_NAMES: Record<Shape, string> = {
  strips: 'Strips',
  ribbons: 'Flat ribbons',
  shaved: 'Shaved',
  cubes: 'Cubes',
  unrolled: 'Unrolled sheet',
  butterflied: 'Opened like a book',
  pounded: 'Scored and pounded',
  steaks: 'Steaks, sliced after',
  'sliced-after': 'Whole, sliced after',
};

/** Why this thickness, in one clause (common practice). */
const BAND_REASONS: Record<Shape, string> = {
  strips: 'thin enough to be through before the pan cools, thick enough to stay soft',
  ribbons: 'thinner tears on the stick, thicker chews',
  shaved: 'it cooks in two or three minutes a side; thinner drops through the grate',
  cubes: 'smaller splits on the stick, larger is dry outside before the middle is done',
  unrolled: 'the guide rod sets it; thinner tears as it unrolls',
  butterflied: 'half the height, so that it is through in minutes',
  pounded: 'beaten thin it sears fast; thinner tears',
  steaks: 'thin enough to be through in minutes, thick enough to stay juicy',
  'sliced-after': 'a thick cut across the grain after it rested',
};
export const bandReason = (shape: Shape): string => BAND_REASONS[shape];

export const SUITS_WORDS: Record<SuitsBecause, string> = {
  tender: 'tender as it is',
  'short-fibres': 'sliced thin across the grain its fibres are short',
  marbled: 'its marbling bastes it',
  lean: 'lean, and fat neither dries nor keeps',
  'dark-meat': 'dark meat stays juicy',
  flat: 'flat and even, it sears whole',
  unrolls: 'it unrolls from the bone into one sheet',
  cubes: 'thick enough for even cubes',
  shaves: 'shaves thin when half frozen',
  sliced: 'comes sliced',
};

/** The ways a cut suits, each with its reason. */
export function suitsLines({ suits }: Pick<Cut, 'suits'>): { way: string; because: string }[] {
  return (Object.entries(suits) as [Use, SuitsBecause][]).map(([use, because]) => ({
    way: USE_NAMES[use],
    because: SUITS_WORDS[because],
  }));
}

export const FAT_NAMES: Record<Cut['fat'], string> = {
  lean: 'lean',
  some: 'some fat',
  marbled: 'marbled',
  rich: 'rich in fat',
};
export const FORM_NAMES: Record<Cut['form'], string> = {
  block: 'a block',
  slab: 'a slab',
  round: 'a long round',
  sliced: 'in slices from the shop',
  'cross-cut-ribs': 'sawn across the bones',
  'bone-block': 'a block with one bone',
};

/** What to do with the fat for this way, and why. */
export function fatWords({ fat }: Pick<Cut, 'fat'>, way: Way): string {
  if (fat === 'lean') return 'There is hardly any fat to take off.';
  return FAT_WORDS[wayRecipe(way).says.fat];
}

const FAT_WORDS: Record<FatAdvice, string> = {
  'melts-not': 'Hard fat comes off: in a hot pan it does not render in time. Fine marbling may stay.',
  edge: 'Nick or take off the edge fat: it shrinks first and curls the steak.',
  bastes: 'Leave the marbling: it bastes the meat over the fire. Thick edges of hard fat come off, they flare up.',
};

export const FREEZER_NAMES: Record<FreezerPreset, string> = {
  rack: 'On a rack, still air',
  tray: 'On a tray, still air',
  fan: 'On a tray, fan freezer',
  metal: 'On cold metal',
  'strong-fan': 'Strong fan',
};
export const SOLID_NAMES: Record<SolvedShape, string> = { block: 'Block', round: 'Round', slab: 'Wide slab' };
export const FIRMNESS_NAMES: Record<Firmness, string> = {
  soft: 'soft',
  firm: 'firm enough',
  ideal: 'best to slice',
  hard: 'hard, goes slowly',
  'too-hard': 'too hard',
};
export const REPORT_NAMES: Record<FirmnessReport, string> = {
  'too-soft': 'Too soft',
  right: 'About right',
  'too-hard': 'Too hard',
};

const ANSWERS: Record<TenderizingAnswer, string> = {
  yes: 'Yes, tenderize it',
  optional: 'It helps, it is no must',
  no: 'No need to tenderize',
};
const REASONS: Record<TenderizingJudgement['reason'], string> = {
  tender: 'This muscle does little work: it is tender by itself.',
  hard: 'A hard-working muscle eats firm even when its fibres are short.',
  'hard-short': 'A hard-working muscle, but cut so thin that little is left to chew.',
  some: 'A muscle with some work in it, and more to chew than thin slices have.',
  'some-short': 'Some work in it, but cut thin enough across the grain.',
  'some-soft': 'Cut thin enough to eat well; a little help keeps it soft in a fierce heat.',
  whole: 'Heated in one piece: soda and fruit only reach its surface, force reaches the middle.',
};

const FIBRE_WORDS: Record<FibreClass, string> = { short: 'short', middling: 'middling', long: 'long' };
/** "short fibres, 4 mm": one scale in millimetres on every screen. */
export const fibreWords = (fibreLengthMm: number, style: FormatStyle): string =>
  `${FIBRE_WORDS[fibreClass(fibreLengthMm)]} fibres, ${formatLength(fibreLengthMm, style)}`;

/** Should this be tenderized, why, and what would change that. */
export function judgementWords(
  { answer, reason, changes }: TenderizingJudgement,
  style: FormatStyle,
): { answer: string; reason: string; changes: string[] } {
  const length = (mm: number) => formatLength(Math.round(mm * 2) / 2, style);
  const say = (change: TenderizingJudgement['changes'][number]): string => {
    switch (change.code) {
      case 'thinner':
        return `slices under ${length(change.belowMm)} would make it less needed`;
      case 'thicker':
        return `slices over ${length(change.aboveMm)} would want it more`;
      case 'across':
        return 'turning the blade straight across the fibres shortens them';
      case 'along':
        return 'cutting with the grain would make even this chewy';
    }
  };
  return { answer: ANSWERS[answer], reason: REASONS[reason], changes: changes.map(say) };
}

/** One step with the knife. */
export function cutStepWords(step: CutStep, style: FormatStyle): string {
  const length = (mm: number) => formatLength(mm, style);
  const count = (value: number) => formatNumber(value, style.locale);
  switch (step.code) {
    case 'find-fibres':
      return `Find the fibres and turn the board until the blade ${step.withGrain ? 'runs with' : 'crosses'} them as drawn.`;
    case 'lay-flat':
      return 'Lay it on its flattest side.';
    case 'lean':
      return `Lean the blade ${count(step.deg)}° from upright: the slices come out wider.`;
    case 'slice':
      return step.count === 0
        ? `Slice across, ${length(step.thicknessMm)} thick.`
        : `Slice ${length(step.thicknessMm)} thick, ${sliceCountWords(step.count, step.whole, style)} from a piece.`;
    case 'steaks':
      return `Cut ${count(step.count)} ${step.count === 1 ? 'steak' : 'steaks'} straight across the fibres, ${length(step.thicknessMm)} thick.`;
    case 'lengths':
      return step.withGrain
        ? `First part it across the grain into ${count(step.count)} lengths of about ${length(step.lengthMm)}, then cut each along the fibres.`
        : `First part it with the grain into ${count(step.count)} lengths of about ${length(step.lengthMm)}, then turn each and cut across.`;
    case 'stack-strips':
      return `Lay ${step.stacked} slices on each other and cut strips of ${length(step.widthMm)} along the longer side, ${count(step.perSlab)} from each${step.lengths > 1 ? `, halved to ${count(step.lengths)} lengths` : ''}.`;
    case 'again':
      return `Cut each slice again, to ${length(step.lengthMm)} × ${length(step.widthMm)}: ${count(step.perSlice)} of it.`;
    case 'off-the-bone':
      return 'Take the meat off the bone first: no slice goes through it.';
    case 'beside-the-bone':
      return 'Shave the slices off beside the bone, turning the block; never through it.';
    case 'divide':
      return `Along the ${step.along}: ${step.count === 1 ? `one part, ${length(step.sideMm)}` : `${count(step.count)} even parts of ${length(step.sideMm)}`}.`;
    case 'along-the-bone':
      return `Cut along the bone to within ${length(step.hingeMm)} of the edge and fold the meat open.`;
    case 'rod':
      return `Lay a rod ${length(step.rodMm)} thick beside the meat: the blade rides on it.`;
    case 'turn-back':
      return `Turn, cut back, fold open, ${count(step.turns)} ${step.turns === 1 ? 'time' : 'times'}, like unrolling paper, until one sheet hangs on the bone.`;
    case 'score':
      return step.grid
        ? `Score a grid of ${length(step.gapMm)} lightly on both faces, ${count(step.lines)} light strokes each.`
        : `Score both faces lightly crosswise, every ${length(step.gapMm)}, ${count(step.lines)} light strokes a sheet.`;
    case 'open-like-a-book':
      return `Cut level through the middle, stop ${length(step.hingeMm)} before the edge, open it like a book.`;
    case 'beat':
      return `Beat it from ${length(step.fromMm)} to ${length(step.toMm)}, pushing outward rather than smashing.`;
  }
}

/** "about 15, of them 10 whole" */
export const sliceCountWords = (count: number, whole: number, style: FormatStyle): string =>
  `about ${formatNumber(count, style.locale)}${whole < count ? `, of them ${formatNumber(whole, style.locale)} whole` : ''}`;

export function dialProblemWords(problem: DialProblem, style: FormatStyle): string {
  switch (problem.code) {
    case 'one-setting':
      return 'Two settings of the dial are needed at least: slice a stack at another number.';
    case 'not-rising':
      return 'A higher number should cut thicker. Check which stack was cut at which number.';
    case 'off-the-line':
      return `The stack at ${formatNumber(problem.dial, style.locale, 1)} gives ${formatLength(problem.measuredMm, style)} a slice, the others say ${formatLength(problem.expectedMm, style)}. Measure it again, or take it out.`;
  }
}

/** "25 min to 1 h 22" or, while nothing is known, "not within a day". */
export const spanWords = (from: number | null, to: number | null): string =>
  from === null
    ? 'not within a day'
    : to === null
      ? `from ${formatDuration(from)}`
      : from < 0.5
        ? `at once, until ${formatDuration(to)}`
        : `${formatDuration(from)} to ${formatDuration(to)}`;
