import {
  ADDED,
  type AdditionAdvice,
  type EnzymeVerdict,
  type ForceChoice,
  type ForceReason,
  type MeansCompared,
  type SodaReason,
  type TenderizingJudgement,
  type TenderizingMeans,
} from '../tenderizing';
import { formatNumber, formatTemperature, type FormatStyle } from '../units';
import { judgementWords } from './boardWords';
import { listOf } from './names';

export const MEANS_NAMES: Record<TenderizingMeans, string> = {
  nothing: 'Nothing',
  'soda-left-in': 'Soda, left in',
  'soda-rinsed': 'Soda, rinsed off',
  fruit: 'Fresh fruit',
  pounding: 'Pounding',
  needling: 'Needles or blades',
  scoring: 'Scoring',
  salt: 'Salt, early',
  acid: 'Acid',
  coat: 'Starch and oil coat',
};
export const FORCE_NAMES: Record<ForceChoice, string> = {
  none: 'No force',
  'rolling-pin': 'Rolling pin',
  mallet: 'Mallet',
  needle: 'Needle roller',
  score: 'Scoring',
};

export const SODA_REASONS: Record<SodaReason, string> = {
  'tender-cut': 'This cut is tender as it is.',
  'tough-or-thick': 'Tough cut or thicker slices: a stronger dose of soda, rinsed off, does more.',
  'thin-strips': 'Thin strips in a savoury marinade: a little soda can stay in.',
  'acid-marinade': 'The marinade is sour and would cancel soda left in; slices this thin do without.',
  'thick-piece': 'Soda works from the surface: cubes and whole steaks are pounded or scored instead.',
  'in-a-hurry': 'There is no time left to soak, rinse and drain before the table.',
  'fruit-works': 'The fruit in the marinade gets it tender within the plan; do not stack soda on it.',
  'short-fibres': 'Cut this thin across the grain it needs no soda.',
  'in-the-mix': 'The mix brings its own soda: nothing is added to it.',
};
const FORCE_REASONS: Record<ForceReason, string> = {
  'not-needed': '',
  cubes: 'Pound the piece before it is cut into cubes.',
  'whole-steak': 'Beat the steak flat and even: it is through in minutes.',
  'in-a-hurry': 'A rolling pin takes minutes where soda takes an hour.',
};

const RISKS: Record<Exclude<MeansCompared['risk'], 'pierced'>, string> = {
  none: 'stays as it is',
  soapy: 'soapy when overdone',
  uneven: 'uneven, torn',
  'too-soft': 'mush when it stays too long',
  chalky: 'chalky outside after hours',
  cured: 'firm and ham-like after days',
  gluey: 'gluey when there is too much',
};
export const FLAVOUR_WORDS: Record<MeansCompared['flavour'], string> = {
  own: 'the meat’s own',
  browns: 'browns faster, else plain',
  fruity: 'sweet, of the fruit',
  'takes-marinade': 'takes up more marinade',
  sour: 'sour',
  seasoned: 'seasoned to the middle',
  glossy: 'glossy, carries the seasoning',
};

/** What can go wrong; pierced meat by the temperature it then needs. */
export const riskWords = (risk: MeansCompared['risk'], piercedC: number, style: FormatStyle): string =>
  risk === 'pierced' ? `pierced meat: ${formatTemperature(piercedC, style)} at the centre` : RISKS[risk];

export const ENZYME_WORDS: Record<EnzymeVerdict, string> = {
  little: 'hardly anything yet',
  slight: 'a little softer',
  tender: 'tender',
  stop: 'as far as it should go',
  mush: 'mush',
};

const IN_A_PLAN: Record<TenderizingMeans, string> = {
  nothing: 'nothing',
  'soda-left-in': 'soda left in',
  'soda-rinsed': 'soda rinsed off',
  fruit: 'fresh fruit',
  pounding: 'pounding',
  needling: 'needles',
  scoring: 'scores',
  salt: 'early salt',
  acid: 'acid',
  coat: 'a starch coat',
};

/** What works together in one plan. @example meansWords(['soda-rinsed', 'salt', 'coat']) // 'Soda rinsed off, early salt and a starch coat' */
export function meansWords(means: readonly TenderizingMeans[]): string {
  const words = listOf(means.map((one) => IN_A_PLAN[one]));
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Why this is proposed, in one or two sentences. */
export function whyWords(judgement: TenderizingJudgement, style: FormatStyle): string {
  const { sodaReason, forceReason } = judgement;
  const why = [
    judgementWords(judgement, style).reason,
    sodaReason === 'tender-cut' ? '' : SODA_REASONS[sodaReason],
    FORCE_REASONS[forceReason],
  ];
  return why.filter(Boolean).join(' ');
}

/** What would be worth adding to the mix, or taking in place of soda, and why. */
export function additionWords(
  { means, insteadOfSoda }: Pick<AdditionAdvice, 'means' | 'insteadOfSoda'>,
  style: FormatStyle,
): { title: string; text: string } {
  const percent = (value: number) => `${formatNumber(value, style.locale)} %`;
  if (means === 'coat')
    return {
      title: `A coat of ${percent(ADDED.starchPercent)} starch`,
      text: 'It keeps juice in, carries the seasoning and stops sticking. Potato starch glosses more, corn starch is plainer.',
    };
  if (means === 'salt')
    return {
      title: `Salt for ${percent(ADDED.saltPercent)}`,
      text: 'Salt that is in before the heat keeps a whole piece juicy; this mix brings too little.',
    };
  return {
    title: `Asian pear, ${percent(ADDED.fruitPercent)}${insteadOfSoda ? ', in place of soda' : ''}`,
    text: 'Overnight it softens these slices gently, with nothing to soak or rinse.',
  };
}
