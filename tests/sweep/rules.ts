import { leastMinutesTo } from '@/core/cooking';
import { RAW_MEAT_G_PER_MM3, STRIP_LEAST_MM } from '@/core/slicing';
import { PART_COOKED_WAIT_MAX_MIN, SODIUM_REFERENCE_MG_PER_DAY } from '@/core/safety';
import type { Job } from '@/core/scheduling';
import { EXPOSURE } from '@/core/tenderizing';
import { saltAtTakeOut, TOO_SALTY_PERCENT, TOO_SWEET_G } from '@/core/batches';
import { formatDuration } from '@/core/units';
import { cautionWords, cutStepWords, firmWords, heatWords, jobWords, judgementWords, whyWords } from '@/core/words';
import { shapeRow } from '@/core/ways';
import { stageLines } from '@/ui/features/batch/stageLines';
import type { Swept } from './plans';

/** What is wrong with one plan, or nothing. */
export type Rule = (swept: Swept) => string | undefined;

const STYLE = { system: 'metric', locale: 'en' } as const;
const US = { system: 'us', locale: 'en-US' } as const;
const BAD_WORDS = /undefined|NaN|Infinity|\[object|\b0 mm\b|\b0 %|\b0 min\b|\b0 g\b|\b0 in\b/;

const jobsOf = ({ plan }: Swept): Job[] => (plan.schedule.ok ? plan.schedule.jobs : []);
const has = ({ plan }: Swept, code: string) => plan.cautions.some((caution) => caution.code === code);
const textOf = (swept: Swept, key: Job['key'], style: typeof STYLE | typeof US = STYLE) =>
  jobWords({ key }, { plan: swept.plan, inputs: swept.inputs, around: swept.around }, style).text;

export const RULES: Record<string, Rule> = {
  'a plan nobody pinned is never refused': ({ plan }) =>
    plan.schedule.ok ? undefined : `refused: ${plan.schedule.problem.code}`,

  'no two hands are wanted at once': (swept) => {
    const hands = jobsOf(swept).filter(({ hands, minutes }) => hands && minutes > 0);
    const both = hands.find((job, index) =>
      hands.some((other, at) => at < index && other.endMs > job.startMs && other.startMs < job.endMs),
    );
    return both && `${both.key} overlaps another`;
  },

  'minutes out of the fridge are those of the places': (swept) => {
    const { schedule, lots } = swept.plan;
    if (!schedule.ok) return undefined;
    const out = jobsOf(swept)
      .filter(({ place }) => place === 'counter')
      // A short wait for hands is spent on the board, a longer one in the fridge.
      .reduce((sum, job) => {
        const waits = (job.thenColdMin ?? 0) < 10 ? (job.thenColdMin ?? 0) : 0;
        return sum + (job.endMs - job.startMs) / 60_000 / (job.hands ? lots : 1) + waits;
      }, 0);
    return Math.abs(Math.ceil(out - 1e-6) - schedule.warmMin) <= 1 && schedule.warmMin <= schedule.warmLimitMin
      ? undefined
      : `${out} by the places, ${schedule.warmMin} said, ${schedule.warmLimitMin} allowed`;
  },

  'the middle can be hot by then': ({ plan: { cook } }) => {
    const least = leastMinutesTo({ thicknessMm: cook.thicknessMm, startC: 5, centreC: cook.temperature.tempC });
    return 2 * cook.minutesPerSide.from >= least - 1e-9
      ? undefined
      : `${cook.minutesPerSide.from} min a side, ${least} needed for ${cook.thicknessMm} mm`;
  },

  'half-cooked meat does not wait': ({ plan: { cook } }) =>
    cook.partCookedWaitMin <= PART_COOKED_WAIT_MAX_MIN ? undefined : `${cook.partCookedWaitMin} min`,

  'what is cut is the meat there is': ({ plan: { slice, piece } }) => {
    const { lengthMm, widthMm, thicknessMm } = slice.pieceMm;
    const share = (slice.pieceCount * lengthMm * widthMm * thicknessMm * RAW_MEAT_G_PER_MM3) / piece.meatG;
    return share > 0.9 && share < 1.1 ? undefined : `${share.toFixed(2)} of it`;
  },

  'a strip is a strip, where the piece allows': ({ plan: { slice, piece } }) => {
    if (slice.shape !== 'strips') return undefined;
    const { lengthMm, widthMm } = slice.pieceMm;
    const allows = Math.max(piece.widthMm, piece.heightMm) * (Math.PI / 4) >= STRIP_LEAST_MM;
    return (lengthMm >= STRIP_LEAST_MM || !allows) && lengthMm <= 80.5 ? undefined : `${lengthMm} × ${widthMm}`;
  },

  'Piece and Tenderize agree': ({ plan: { tenderize } }) => {
    const { judgement, choice, force } = tenderize;
    const nothing = choice === 'skip' && !force;
    if (judgement.answer === 'no' && !nothing) return 'not needed, and proposed all the same';
    const why = whyWords(judgement, STYLE);
    return why.startsWith(judgementWords(judgement, STYLE).reason) ? undefined : 'the reasons differ';
  },

  'soda is skipped for fruit only where fruit gets there, and never stacked on it': ({ plan }) => {
    const exposure = plan.marinate.fruit?.exposure ?? 0;
    const { judgement, choice, conflicts } = plan.tenderize;
    if (judgement.sodaReason === 'fruit-works' && exposure < EXPOSURE.tender) return `exposure ${exposure}`;
    return choice !== 'skip' && exposure >= EXPOSURE.tender && !conflicts.includes('soda-and-fruit')
      ? 'stacked without a word'
      : undefined;
  },

  'no soda for what is heated whole': ({ plan: { slice, tenderize } }) =>
    shapeRow(slice.shape).whole && tenderize.choice !== 'skip' ? tenderize.choice : undefined,

  'soda left in is judged by the minutes of the marinade': ({ plan: { tenderize, marinate } }) =>
    tenderize.choice !== 'leave-in' || tenderize.schools['leave-in'].soakMin === Math.max(1, marinate.minutes)
      ? undefined
      : `${tenderize.schools['leave-in'].soakMin} min, ${marinate.minutes} planned`,

  'soda, fruit and salt go by one thickness': ({ plan: { slice, marinate } }) =>
    marinate.diffusion.thicknessMm === slice.soakThicknessMm &&
    (!marinate.fruit || marinate.fruit.thicknessMm === slice.soakThicknessMm)
      ? undefined
      : 'they differ',

  'salt, sodium and sugar keep their bands, or it is said': (swept) => {
    const { marinate } = swept.plan;
    const wants: [boolean, string][] = [
      [saltAtTakeOut(marinate) > TOO_SALTY_PERCENT, 'too-salty'],
      [marinate.sodiumMgPerPortion.to > SODIUM_REFERENCE_MG_PER_DAY, 'much-sodium'],
      [marinate.whole.sugarG / swept.inputs.people > TOO_SWEET_G, 'too-sweet'],
    ];
    return wants.find(([is, code]) => is !== has(swept, code))?.[1];
  },

  'defaults are not too salty': ({ plan: { marinate } }) =>
    saltAtTakeOut(marinate) <= TOO_SALTY_PERCENT ? undefined : `${saltAtTakeOut(marinate)} %`,

  'the marinade keeps its own window': ({ plan: { marinate }, around: { marinade } }) => {
    const { from, to } = marinate.window;
    if (!(from < to)) return `${from} to ${to}`;
    if (!(marinate.minutes >= from && marinate.minutes <= to)) return `${marinate.minutes} of ${from} to ${to}`;
    return to <= marinade.minutes.to ? undefined : 'longer than its own';
  },

  'what is held back has a job and its grams': (swept) => {
    const { marinate, sides } = swept.plan;
    if (!(marinate.heldBackG > 0)) return undefined;
    const said = sides.brush
      ? textOf(swept, 'cook')
      : sides.glaze
        ? textOf(swept, 'glaze') + textOf(swept, 'cook')
        : sides.dip
          ? textOf(swept, 'dip')
          : sides.slurry
            ? textOf(swept, 'slurry')
            : '';
    return /held-back/.test(said) && /\d/.test(said) ? undefined : 'no use for it';
  },

  'brushed only with what is there to brush with': (swept) => {
    const { sides } = swept.plan;
    return /[Bb]rush/.test(textOf(swept, 'cook')) === Boolean(sides.brush || sides.glaze)
      ? undefined
      : 'brush without a brush';
  },

  'one heat to a round, and no stir-fry beside the stove': (swept) => {
    const { cook } = swept.plan;
    const text = textOf(swept, 'cook');
    if (/very hot/.test(text) && /medium-high/.test(text)) return 'two heats';
    if (/medium-high/.test(text) !== (cook.setting === 'medium-high')) return text;
    if (cook.method !== 'pan' && /few strokes|goes back in/.test(text)) return text;
    return cook.method === 'oven' && /a side|direct heat/.test(text) ? text : undefined;
  },

  'wiped dry only where nothing is meant to stay': (swept) => {
    const { cook, marinate, piece } = swept.plan;
    const coat = marinate.onMeat.starchG / piece.meatG >= 0.005;
    if (cook.surface === 'wipe' && coat) return 'its coat is wiped off';
    return has(swept, 'surface-dry') === (cook.surface === 'wipe') ? undefined : 'the caution disagrees';
  },

  'one caution for the centre': ({ plan }) =>
    plan.cautions.filter(({ code }) => code === 'centre-temperature' || code === 'game-through').length === 1
      ? undefined
      : 'none or two',

  'the numbers of stages, jobs and rail are the same': (swept) => {
    const { plan } = swept;
    const lines = stageLines(plan, STYLE);
    const heat = heatWords(plan, STYLE);
    const jobs = jobsOf(swept).map(({ key }) => key);
    const wants: [string, string][] = [
      [lines.cook, heat.rounds],
      [textOf(swept, 'cook'), heat.minutes],
      [textOf(swept, 'cook'), heat.centre],
    ];
    if (jobs.includes('marinate'))
      wants.push(
        [lines.marinate, formatDuration(plan.marinate.minutes)],
        [textOf(swept, 'marinate'), formatDuration(plan.marinate.minutes)],
      );
    if (jobs.includes('firm'))
      wants.push([textOf(swept, 'firm'), firmWords(plan.firm)], [lines.firm, formatDuration(plan.firm.minutes)]);
    if (jobs.includes('slice'))
      for (const step of plan.slice.steps) wants.push([textOf(swept, 'slice'), cutStepWords(step, STYLE)]);
    const missing = wants.find(([text, part]) => !text.toLowerCase().includes(part.toLowerCase()));
    return missing && `“${missing[1]}” is not in “${missing[0]}”`;
  },

  'no freezer, no caution of half-frozen meat': (swept) =>
    has(swept, 'half-frozen-slips') === jobsOf(swept).some(({ key }) => key === 'firm') ? undefined : 'they disagree',

  'words have no holes and promise no nothing': (swept) => {
    for (const style of [STYLE, US]) {
      const words = [
        ...jobsOf(swept).map(({ key }) => textOf(swept, key, style)),
        ...swept.plan.cautions.flatMap((caution) => Object.values(cautionWords(caution, style))),
        ...Object.values(stageLines(swept.plan, style)),
      ];
      const bad = words.find((text) => BAD_WORDS.test(text));
      if (bad) return bad;
    }
    return undefined;
  },
};
