import type { BatchInputs, BatchPlan, Surroundings } from '../batches';
import { COOL_ENOUGH_C, notEatenRaw } from '../marinades';
import { FRIDGE_MAX_C, KEPT_HOT_C } from '../safety';
import { kindOf, TO_THE_FRIDGE_MIN, type Job } from '../scheduling';
import { HEATING_UP_MIN } from '../cooking';
import { SCORE_MM } from '../slicing';
import { jobShort } from './jobNames';
import { cutStepWords, spanWords } from './boardWords';
import { heatWords } from './heatWords';
import { orderWords } from './orderWords';
import { shapeRow } from '../ways';
import { formatDuration, formatLength, formatMass, formatNumber, formatTemperature, type FormatStyle } from '../units';

/** The freezer's minutes as every screen says them: what is planned, and the span in which it slices well. */
export const firmWords = ({ minutes, from, to }: BatchPlan['firm']): string =>
  `${formatDuration(minutes)} in the freezer; it slices well ${from < 0.5 ? '' : 'from '}${spanWords(from, to)}.`;

export interface JobWords {
  /** The verb, the same on the button, the timeline and in the log. */
  title: string;
  /** One word for a narrow bar. */
  short: string;
  /** What to do, in a sentence or two. */
  text: string;
}

export interface JobContext {
  plan: BatchPlan;
  inputs: BatchInputs;
  around: Pick<Surroundings, 'cut' | 'marinade'>;
}

/** Shorter than this it is no marinating, only the way to the heat. */
const A_REST_MIN = 10;

/** A job in a cook's words, with the figures of this plan, and what becomes of the meat until the next. */
export function jobWords(
  job: Pick<Job, 'key' | 'thenColdMin' | 'thenHotMin' | 'washFirst' | 'staysOn'> & Partial<Pick<Job, 'place'>>,
  context: JobContext,
  style: FormatStyle,
): JobWords {
  const words = wordsOf(job, context, style);
  const { thenColdMin = 0, thenHotMin = 0 } = job;
  const then = [
    ...(job.staysOn ? ['Leave the heat on: another batch comes next.'] : []),
    ...(thenColdMin > 0 ? [coldWords(thenColdMin, job.place)] : []),
    ...(thenHotMin > 0
      ? [
          `Then keep it hot, covered, at ${formatTemperature(KEPT_HOT_C, style)} or more, for ${formatDuration(thenHotMin)} until it is on the table.`,
        ]
      : []),
  ];
  const first = job.washFirst ? ['First wash board, knife and hands: raw poultry was on them.'] : [];
  return { ...words, text: [...first, words.text, ...then].join(' ') };
}

function coldWords(minutes: number, place?: Job['place']): string {
  if (place === 'fridge')
    return `It stays there ${formatDuration(minutes)} longer: hands are wanted for another batch.`;
  return minutes < TO_THE_FRIDGE_MIN
    ? `Then it waits ${formatDuration(minutes)} for hands.`
    : `Then into the fridge for ${formatDuration(minutes)}: hands are wanted for another batch.`;
}

function wordsOf({ key }: Pick<Job, 'key'>, { plan, around }: JobContext, style: FormatStyle): JobWords {
  const mass = (massG: number) => formatMass(massG, style);
  const length = (mm: number) => formatLength(mm, style);
  const { slice, tenderize, marinate, sides, cook, piece, lots } = plan;
  const { force } = tenderize;
  const massagedIn = plan.leftOut.includes('marinade');
  const inLots = lots > 1 ? ` Work in ${lots} lots, the rest stays in the fridge.` : '';
  const say = (title: string, text: string): JobWords => ({ title, short: jobShort(key), text });
  const soda = tenderize.schools['rinse-off'];
  const reached = Math.round((marinate.uptake.centreFraction ?? 0) * 20) * 5;
  const span = ({ from, to }: { from: number; to: number }) =>
    from === to ? formatDuration(to) : `${formatDuration(from)} to ${formatDuration(to)}`;
  const volume = (ml: number) =>
    `${formatNumber(ml < 20 ? ml : Math.round(ml / 5) * 5, style.locale, ml < 20 ? 1 : 0)} ml`;
  const boilFirst = marinate.heldBack === 'raw' ? 'It touched raw meat: a rolling boil first. ' : '';
  const { state } = plan.firm;
  const dial = slice.dial ? ` Slicing machine at ${formatNumber(slice.dial.dial, style.locale, 1)}.` : '';
  const steps = (all: typeof slice.steps) => all.map((step) => cutStepWords(step, style)).join(' ');

  switch (kindOf(key)) {
    case 'temper':
      return say(
        'Temper it',
        `${state.is === 'frozen' && state.input.place === 'bench' ? 'On the board' : 'In the fridge'}, about ${formatDuration(plan.firm.minutes)}, until the blade goes in by itself. An estimate: press it and see.`,
      );
    case 'turn':
      return say('Turn the bag', 'Turn it, knead it, press the slices apart.');
    case 'rinse-bones':
      return say(
        'Rinse the ribs',
        'In a bowl of cold water, several changes, until no bone dust is left. Pat them dry.',
      );
    case 'trim':
      return say(
        'Trim it',
        `${around.cut.trim} Weigh what is left: ${mass(piece.trimmedG)} expected${piece.boneG ? ', bone and all' : ''}. Lay it flat and plump on a tray.${inLots}`,
      );
    case 'firm':
      return say(
        'Firm it in the freezer',
        `${firmWords(plan.firm)} Press it ${plan.firm.checkFromMin < 0.5 ? 'at once' : `from ${formatDuration(plan.firm.checkFromMin)}`}: it is right when the outside is stiff and the middle still gives. An estimate.`,
      );
    case 'slice':
      return say('Slice it', `${steps(slice.steps)}${dial}${inLots}`);
    case 'pound':
      return say(
        'Score and pound it',
        `${steps(slice.steps)} It grows to about ${length(slice.pieceMm.lengthMm)} × ${length(slice.pieceMm.widthMm)}.${inLots}`,
      );
    case 'carve':
      return say(
        'Slice it across',
        `After its rest. ${steps(slice.carving)} A clean board: the one for raw meat is put away.`,
      );
    case 'soda':
      return say(
        'Soda on',
        `Sprinkle ${mass(soda.sodaG)} of soda (${soda.spoken.spoken}) over the slices and rub it in with about ${soda.oilSpoken} of oil, which spreads it.${inLots}`,
      );
    case 'soda-wait':
      return say('Soda works', `In the fridge, ${formatDuration(soda.soakMin)}.`);
    case 'rinse':
      return say(
        'Rinse off the soda',
        `Lower the slices into a bowl of cold water, swirl, pour off. ${soda.rinses} changes, until the water stays clear and feels slick no more.`,
      );
    case 'drain':
      return say('Drain', `In a colander over a bowl, in the fridge, ${formatDuration(soda.drainMin)}.`);
    case 'mix': {
      const held =
        marinate.heldBack === 'clean' &&
        `Hold back ${mass(marinate.heldBackG)} for ${around.marinade.holdBackFor ?? 'later'} before any of it meets the meat.`;
      const hot =
        sides.cooling && 'Simmer liquids, sugar and spice, let it cool; fresh fruit, starch and oil go in cold.';
      const unread = around.marinade.unread ?? [];
      return say(
        hot ? 'Simmer the marinade' : 'Mix the marinade',
        [
          `${mass(marinate.whole.massG)} in all.`,
          hot,
          orderWords(marinate.lines),
          unread.length > 0 && `Also, as written: ${unread.join('; ')}.`,
          notEatenRaw(marinate.lines) ? 'Taste it before raw egg or flour goes in.' : 'Taste it now.',
          held,
        ]
          .filter(Boolean)
          .join(' '),
      );
    }
    case 'cool':
      return say(
        'Let the marinade cool',
        sides.cooling!.place === 'ice-bath'
          ? `In a bowl of iced water, stirred, ${span(sides.cooling!.minutes)}, until it is no warmer than ${formatTemperature(COOL_ENOUGH_C, style)}.`
          : `On the counter, stirred now and then, ${span(sides.cooling!.minutes)}, until it is no warmer than ${formatTemperature(COOL_ENOUGH_C, style)}; iced water under the bowl is much quicker.`,
      );
    case 'glaze':
      return say(
        'Reduce the glaze',
        `${boilFirst}Simmer the held-back part from ${volume(sides.glaze!.fromMl)} to about ${volume(sides.glaze!.toMl)}, ${span(sides.glaze!.minutes)}, until it coats the spoon. It thickens as it cools.`,
      );
    case 'dip':
      return say(
        'Make the dip',
        `${boilFirst}${notEatenRaw(marinate.lines) ? 'Raw egg or flour is in it: cook it through first. ' : ''}${mass(sides.dip!.massG)} of the held-back part in a clean bowl. Taste it: sharper, sweeter, thinner with water.`,
      );
    case 'boil':
      return say(
        'Boil what was held back',
        `${mass(sides.boil!.massG)} of it touched raw meat: bring it to a rolling boil and keep it there a minute, stirring, before it is brushed on or served.`,
      );
    case 'slurry':
      return say(
        'Stir the slurry',
        `${boilFirst}${mass(sides.slurry!.starchG)} of starch and two parts of water, ${volume(sides.slurry!.waterMl)}, in a cup. Stir it again and add it at the end with the held-back ${mass(marinate.heldBackG)}${sides.slurry!.topUpMl > 5 ? `, topped up with about ${volume(sides.slurry!.topUpMl)} of stock or water` : ''}.${marinate.onMeat.starchG > 0 ? ' Less than usual: the meat carries starch already.' : ''}`,
      );
    case 'beat':
      return say(
        'Beat it',
        force?.when === 'before'
          ? `The whole piece, before it is cut, with ${force.force === 'mallet' ? 'a mallet' : 'a rolling pin'}, evenly on all sides.${inLots}`
          : `Under film, with ${force?.force === 'mallet' ? 'the mallet' : 'a rolling pin'}, pushing outward rather than smashing, to ${length(slice.pieceMm.thicknessMm)}: they grow to about ${length(slice.pieceMm.lengthMm)} × ${length(slice.pieceMm.widthMm)}.${inLots}`,
      );
    case 'pierce':
      return say(
        'Pierce it',
        `With a clean needle roller, ${force?.when === 'before' ? 'over the whole piece on both sides' : 'once over each slice'}. Then it counts as pierced meat to the end.${inLots}`,
      );
    case 'score':
      return say(
        'Score it',
        `A grid of ${length(SCORE_MM)}, lightly, on both faces. Then it counts as pierced meat to the end.${inLots}`,
      );
    case 'coat': {
      const leaveIn =
        tenderize.inMixPercent > 0
          ? ' Its soda goes on with it.'
          : tenderize.choice === 'leave-in'
            ? ` Stir in ${mass(tenderize.schools['leave-in'].sodaG)} of soda (${tenderize.schools['leave-in'].spoken.spoken}) first.`
            : '';
      const how =
        slice.shape === 'unrolled'
          ? 'Unroll each sheet, coat both faces, roll it up again'
          : massagedIn
            ? 'Massage it in by hand until no liquid is left'
            : 'Coat piece by piece: what sticks together stays unmarinated';
      return say(
        shapeRow(slice.shape).whole ? 'Coat the meat' : 'Coat the slices',
        `${mass(marinate.onMeat.massG)} of marinade.${leaveIn} ${how}.${massagedIn || marinate.minutes === 0 ? '' : ' Press the air out of the bag.'}`,
      );
    }
    case 'marinate':
      if (massagedIn && marinate.minutes < A_REST_MIN)
        return say(
          'Keep it cold',
          `${formatDuration(marinate.minutes)}: it is massaged in; straight to the heat from there.`,
        );
      return say(
        marinate.place === 'fridge' ? 'Marinate in the fridge' : 'Marinate on the counter',
        `${formatDuration(marinate.minutes)}${marinate.place === 'fridge' ? `, at ${formatTemperature(FRIDGE_MAX_C, style)} or colder` : ''}. By then the middle of ${length(marinate.diffusion.thicknessMm)} of meat holds ${reached > 95 ? 'nearly all' : reached < 5 ? 'hardly any' : `about ${formatNumber(reached, style.locale)} %`} of the salt it will get, in a bag that is turned and not packed tight.`,
      );
    case 'soak':
      return say(
        'Put the sticks to soak',
        `${formatNumber(cook.sticks, style.locale)} bamboo sticks, water above them. Metal ones need none.`,
      );
    case 'thread':
      return say(
        'Thread the skewers',
        `${formatNumber(cook.sticks, style.locale)} sticks. ${slice.shape === 'cubes' ? 'Through the middle of each cube, a little air between them so that the heat gets around' : 'Zigzag like a running stitch, stretched so the stick hardly shows'}.${inLots}`,
      );
    case 'dry':
      return cook.surface === 'wipe'
        ? say(
            'Wipe the meat dry',
            `Let the marinade drip off and pat them: wet meat steams. Keep what waits in the fridge.${inLots}`,
          )
        : say(
            'Let it drip',
            `Lift it out and let what is loose drip off; leave the coat on, it carries the taste. Keep what waits in the fridge.${inLots}`,
          );
    case 'wash':
      return say(
        'Wash the board',
        'Raw poultry was on it. Board, knife and hands with hot water and soap, the sink too, all dried with a clean cloth, before other raw meat comes to them.',
      );
    case 'heat-up': {
      const { from, to } = HEATING_UP_MIN[cook.method] ?? { from: 0, to: 0 };
      const minutes = `${formatNumber(from, style.locale)} to ${formatDuration(to)}`;
      return cook.method === 'oven'
        ? say(
            'Heat the oven',
            `To the heat of the roast, ${heatWords(plan, style).setting}: it takes ${minutes} from cold. Shelf in the middle, tray inside.`,
          )
        : cook.method === 'table'
          ? say('Heat the table grill', `It takes ${minutes}, until a drop of water dances on it.`)
          : say(
              'Light the grill',
              `It takes ${minutes}: gas is hot soonest, coals are ready when they are grey with ash. Charcoal only outdoors.`,
            );
    }
    case 'cook': {
      const { title, text } = heatWords(plan, style);
      return say(title, text);
    }
  }
}
