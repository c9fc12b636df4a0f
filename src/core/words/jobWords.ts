import type { BatchInputs, BatchPlan, Surroundings } from '../batches';
import { COOL_ENOUGH_C, notEatenRaw } from '../marinades';
import { isTurn, type Job } from '../scheduling';
import { JOB_SHORT } from './jobNames';
import { SHAPE_UNITS } from './names';
import { orderWords } from './orderWords';
import { formatDuration, formatLength, formatMass, formatNumber, formatTemperature, type FormatStyle } from '../units';

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

/** A job in a cook's words, with the figures of this plan. */
export function jobWords(
  { key }: Pick<Job, 'key'>,
  { plan, inputs, around }: JobContext,
  style: FormatStyle,
): JobWords {
  const mass = (massG: number) => formatMass(massG, style);
  const length = (mm: number) => formatLength(mm, style);
  const { slice, tenderize, marinate, sides, cook, piece, lots } = plan;
  const { force } = tenderize;
  const inLots = lots > 1 ? ` Work in ${lots} lots, the rest stays in the fridge.` : '';
  const say = (title: string, text: string): JobWords => ({ title, short: JOB_SHORT[key], text });
  const soda = tenderize.schools['rinse-off'];
  const reached = Math.round((marinate.uptake.centreFraction ?? 0) * 20) * 5;
  const span = ({ from, to }: { from: number; to: number }) =>
    from === to ? formatDuration(to) : `${formatDuration(from)} to ${formatDuration(to)}`;
  const volume = (ml: number) =>
    `${formatNumber(ml < 20 ? ml : Math.round(ml / 5) * 5, style.locale, ml < 20 ? 1 : 0)} ml`;
  const boilFirst = marinate.heldBack === 'raw' ? 'It touched raw meat: a rolling boil first. ' : '';
  const { state } = plan.firm;
  const dial = slice.dial ? ` Slicing machine at ${formatNumber(slice.dial.dial, style.locale, 1)}.` : '';
  const counted = (n: number) => `${formatNumber(n, style.locale)} ${SHAPE_UNITS[slice.shape][n === 1 ? 0 : 1]}`;

  if (isTurn(key)) return say('Turn the bag', 'Turn it, knead it, press the slices apart.');
  switch (key) {
    case 'temper':
      return say(
        'Temper it',
        `${state.is === 'frozen' && state.input.place === 'bench' ? 'On the board' : 'In the fridge'}, about ${formatDuration(plan.firm.minutes)}, until the blade goes in by itself. An estimate: press it and see.`,
      );
    case 'rinse-bones':
      return say(
        'Rinse the ribs',
        'In a bowl of cold water, several changes, until no bone dust is left. Pat them dry.',
      );
    case 'trim':
      return say(
        'Trim it',
        `${around.cut.trim} Weigh what is left: ${mass(piece.trimmedG)} expected. Lay it flat and plump on a tray.${inLots}`,
      );
    case 'firm':
      return say(
        'Firm it in the freezer',
        `Press it from ${formatDuration(plan.firm.checkFromMin)}; good between ${formatDuration(plan.firm.from)} and ${formatDuration(plan.firm.to)}, when the outside is stiff and the middle still gives. An estimate.`,
      );
    case 'slice':
      return say(
        'Slice it',
        slice.shape === 'cubes'
          ? `Cubes of ${length(slice.thicknessMm)}, about ${formatNumber(slice.pieceCount, style.locale)}, all one size.${inLots}`
          : slice.shape === 'unrolled'
            ? `Unroll it into ${counted(slice.pieceCount)} ${length(slice.thicknessMm)} thick, a rod beside it sets the thickness; ${formatNumber(slice.unrolled!.turns, style.locale)} turns. Score both faces lightly.${inLots}`
            : slice.shape === 'butterflied'
              ? `Cut level through the middle, nearly to the edge, and open it: ${counted(slice.pieceCount)} ${length(slice.pieceMm.thicknessMm)} thick.${inLots}`
              : `${length(slice.thicknessMm)} thick, ${slice.knifeToGrainDeg > 60 ? 'across the fibres' : 'slanted to the fibres'}, about ${formatNumber(slice.sliceCount, style.locale)} slices${slice.bevelDeg ? `, knife leaning ${formatNumber(slice.bevelDeg, style.locale)}°` : ''}.` +
                `${slice.strips ? ` Then cut the slices into strips of ${length(slice.strips.stripWidthMm)}.` : ''}${dial}${inLots}`,
      );
    case 'pound':
      return say(
        'Score and pound it',
        `Score a grid of 6 mm lightly on both faces, then beat it to ${length(slice.pieceMm.thicknessMm)}, pushing outward: it grows to about ${length(slice.pieceMm.lengthMm)} × ${length(slice.pieceMm.widthMm)}.${inLots}`,
      );
    case 'carve':
      return say(
        'Slice it across',
        `After its rest, across the fibres, ${length(slice.thicknessMm)} thick${slice.bevelDeg ? `, knife leaning ${formatNumber(slice.bevelDeg, style.locale)}°` : ''}. A clean board: the one for raw meat is put away.`,
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
      return say(
        hot ? 'Simmer the marinade' : 'Mix the marinade',
        [
          `${mass(marinate.whole.massG)} in all.`,
          hot,
          orderWords(marinate.lines),
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
    case 'slurry':
      return say(
        'Stir the slurry',
        `${boilFirst}${mass(sides.slurry!.starchG)} of starch and two parts of water, ${volume(sides.slurry!.waterMl)}, in a cup. Stir it again and add it at the end with the held-back part${sides.slurry!.topUpMl > 5 ? `, topped up with about ${volume(sides.slurry!.topUpMl)} of stock or water` : ''}.${marinate.onMeat.starchG > 0 ? ' Less than usual: the meat carries starch already.' : ''}`,
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
        `A grid of 6 mm, lightly, on both faces. Then it counts as pierced meat to the end.${inLots}`,
      );
    case 'coat': {
      const leaveIn =
        tenderize.choice === 'leave-in'
          ? ` Stir in ${mass(tenderize.schools['leave-in'].sodaG)} of soda (${tenderize.schools['leave-in'].spoken.spoken}) first.`
          : '';
      const how =
        slice.shape === 'unrolled'
          ? 'Unroll each sheet, coat both faces, roll it up again'
          : 'Coat piece by piece: a slice stuck to another stays unmarinated';
      return say(
        'Coat the slices',
        `${mass(marinate.onMeat.massG)} of marinade.${leaveIn} ${how}. Press the air out of the bag.`,
      );
    }
    case 'marinate':
      return say(
        marinate.place === 'fridge' ? 'Marinate in the fridge' : 'Marinate on the counter',
        `${formatDuration(marinate.minutes)}${marinate.place === 'fridge' ? `, at ${formatTemperature(4, style)} or colder` : ''}. By then the middle of a slice holds ${reached > 95 ? 'nearly all' : `about ${formatNumber(reached, style.locale)} %`} of the salt it will get, in a bag that is turned and not packed tight.`,
      );
    case 'soak':
      return say(
        'Put the sticks to soak',
        `${formatNumber(cook.sticks, style.locale)} bamboo sticks, water above them. Metal ones need none.`,
      );
    case 'thread':
      return say(
        'Thread the skewers',
        `${formatNumber(cook.sticks, style.locale)} sticks. Zigzag like a running stitch, stretched so the stick hardly shows.${inLots}`,
      );
    case 'dry':
      return say(
        'Wipe the meat dry',
        `Let the marinade drip off and pat them: wet meat steams. Keep what waits in the fridge.${inLots}`,
      );
    case 'cook': {
      const side = `${formatNumber(cook.minutesPerSide.from, style.locale, 1)} to ${formatNumber(cook.minutesPerSide.to, style.locale, 1)} min a side`;
      const rounds = `${formatNumber(cook.rounds, style.locale)} ${cook.rounds === 1 ? 'round' : 'rounds'}`;
      const { tempC, restMin } = cook.temperature;
      const centre = `${formatTemperature(tempC, style)} at the centre${restMin ? ` and ${restMin} min rest` : ''}`;
      if (cook.heat === 'oven')
        return say(
          'Roast the skewers',
          `${rounds} at ${formatTemperature(180, style)}, ${formatNumber(2 * cook.minutesPerSide.from, style.locale)} to ${formatNumber(2 * cook.minutesPerSide.to, style.locale)} min, turned and brushed at half time, to ${centre}. What waits stays in the fridge.`,
        );
      if (cook.heat === 'table')
        return say(
          'Grill at the table',
          `${rounds}, very hot, ${side}, to ${centre}. Oil the grate; a plate or basket for small slices. What waits stays in the fridge.`,
        );
      if (inputs.way === 'thin-steak')
        return say(
          'Sear the steaks',
          `${rounds}, one layer each, ${side}, to ${centre}. Dry surface, hot pan. What waits stays in the fridge.`,
        );
      return cook.heat === 'grill'
        ? say(
            'Grill the skewers',
            `${rounds}, ${side} over direct heat, to ${centre}. Oil the grate. What waits stays in the fridge.`,
          )
        : say(
            'Stir-fry in rounds',
            `${rounds}, one layer each, about 1 min, turn, a few strokes, out. Everything back at the end, to ${centre}. What waits stays in the fridge.`,
          );
    }
  }
}
