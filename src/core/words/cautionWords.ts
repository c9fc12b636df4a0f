import type { Allergen } from '../marinades';
import { SODIUM_REFERENCE_MG_PER_DAY, type Caution } from '../safety';
import {
  formatDuration,
  formatLength,
  formatMass,
  formatNumber,
  formatRoughly,
  formatTemperature,
  type FormatStyle,
  joinFigure,
  massFigure,
} from '../units';
import { ALLERGEN_NAMES, ANIMAL_NAMES, listOf } from './names';
import { conflictWords } from './conflictWords';

export interface CautionWords {
  title: string;
  text: string;
}

/** Why no dose of it is computed, wherever it is met. */
export const CURING_SALT_WORDS =
  'Curing salt (nitrite) is kept out: Mince does not compute its doses, because a little too much of it is poisonous.';

/** What is known of allergens, open as long as anything is unread. @example allergenWords({ allergens: [], unread: ['chilli paste'] }) // 'Not known for: chilli paste' */
export function allergenWords({
  allergens,
  unread,
}: {
  allergens: readonly Allergen[];
  unread: readonly string[];
}): string {
  const known = allergens.length ? `Contains ${listOf(allergens.map((one) => ALLERGEN_NAMES[one]))}` : '';
  const open = unread.length ? `${known ? 'not' : 'Not'} known for: ${listOf(unread)}` : '';
  return [known, open].filter(Boolean).join('; ') || 'No listed allergen';
}

/** A caution in a cook's words: what to do, then the reason. Figures are usual guidance, see docs/sources.md, "Safety". */
export function cautionWords(caution: Caution, style: FormatStyle): CautionWords {
  const temp = (tempC: number) => formatTemperature(tempC, style);
  const rested = (tempC: number, restMin: number) =>
    `${temp(tempC)} at the centre${restMin ? ` and ${restMin} min rest` : ''}`;
  switch (caution.code) {
    case 'half-frozen-slips':
      return {
        title: 'Half-frozen meat slips',
        text: 'Lay it on its flat side on a damp cloth, curl your fingers, never force the knife.',
      };
    case 'slicer':
      return {
        title: 'Slicing machine: use the pusher',
        text: 'Fingers stay behind it. Pull the plug before you clean the blade.',
      };
    case 'temper-not-chop':
      return {
        title: 'Temper it, do not chop it',
        text: 'A hard-frozen block slips under the knife. Wait until the blade goes in by itself.',
      };
    case 'freezer-weak':
      return {
        title: 'This freezer will not firm it in time',
        text: 'Use thinner pieces or a colder freezer; the minutes in the plan are a guess. Press it before you slice.',
      };
    case 'meat-warm':
      return {
        title: `Meat at ${temp(caution.tempC)} has been out`,
        text: `Above ${temp(caution.maxC)} it was not fridge-cold: what it was out counts toward its minutes. If you do not know for how long, cook it now.`,
      };
    case 'too-salty':
      return {
        title: `${formatNumber(caution.percent, style.locale, 1)} % salt when it comes out`,
        text: 'Most find that too salty. Land it lower, or take it out sooner.',
      };
    case 'much-sodium':
      return {
        title: `Up to ${formatNumber(caution.mg.to / 1000, style.locale, 1)} g of sodium a portion`,
        text: `${formatNumber(SODIUM_REFERENCE_MG_PER_DAY / 1000, style.locale)} g are about an adult’s day (WHO, from memory), if all of the mix is eaten.`,
      };
    case 'too-sweet':
      return {
        title: `${formatNumber(caution.massG, style.locale)} g of sugar a portion`,
        text: 'As much as in a dessert, if all of the mix is eaten; it also burns sooner.',
      };
    case 'thick-for-heat':
      return {
        title: `${formatLength(caution.thicknessMm, style)} is thick for this heat`,
        text: 'Brown it, then let it finish gently, off the fiercest heat; the thermometer decides. Thinner steaks, or opened like a book, are through in minutes.',
      };
    case 'rounds-through':
      return {
        title: 'Each round is cooked through',
        text: `${caution.rounds} rounds take too long for half-cooked meat to wait: every one reaches ${temp(caution.tempC)} before it is set aside.`,
      };
    case 'part-cooked':
      return {
        title: `Half-cooked meat waits ${formatDuration(caution.waitMin)} at most`,
        text: 'Then it is back in the pan and cooked through: warm and unfinished, bacteria grow in it fast.',
      };
    case 'with-the-grain':
      return {
        title: `With the grain: fibres of ${formatLength(caution.fibreLengthMm, style)} in a bite`,
        text: 'A long chew, as some want it in jerky; anywhere else it eats like leather. Turn the blade across the fibres.',
      };
    case 'falls-apart':
      return {
        title: `${formatLength(caution.thicknessMm, style)} falls apart`,
        text: 'Slices this thin tear on the stick and drop through the grate.',
      };
    case 'rinse-bones':
      return {
        title: 'Rinse bone dust in a bowl',
        text: 'Several changes of cold water, not under a running tap: splashes carry what is on raw meat. Then clean sink, board and hands, and pat the ribs dry.',
      };
    case 'game-through':
      return {
        title: `Cook to ${temp(caution.tempC)} at the centre`,
        text: `${ANIMAL_NAMES[caution.animal]} never below that: freezing does not make it safe. Measure the thickest piece.`,
      };
    case 'warm-minutes':
      return {
        title: `Out of the fridge ${formatDuration(caution.warmMin)} of ${formatDuration(caution.limitMin)}`,
        text:
          caution.lots > 1
            ? `Work in ${caution.lots} lots and keep the rest cold: the minutes count for each lot.`
            : 'Every minute of handling counts; between jobs it goes back in the fridge.',
      };
    case 'hot-room':
      return {
        title: `A room at ${temp(caution.roomTempC)} halves the time`,
        text: `Above ${temp(32)} raw meat may stay out ${formatDuration(caution.limitMin)} in all.`,
      };
    case 'rinse-in-bowl':
      return {
        title: 'Rinse in a bowl, not under the tap',
        text: 'Splashes carry what is on raw meat. Clean sink, board and hands after.',
      };
    case 'soapy':
      return {
        title: `${formatNumber(caution.percent, style.locale, 2)} % soda may taste soapy`,
        text: `Less soda or one more rinse. It also adds ${joinFigure(massFigure(caution.sodiumMg / 1000, { ...style, system: 'metric' }))} of sodium to the batch before rinsing. An estimate.`,
      };
    case 'weak-soda':
      return {
        title: 'Hardly enough soda to notice',
        text: `${formatNumber(caution.percent, style.locale, 2)} % for this time does little; more minutes or a little more soda.`,
      };
    case 'means-conflict':
      return conflictWords(caution.conflict);
    case 'cool-first':
      return {
        title: 'Cool it before it meets raw meat',
        text: `Down to ${temp(caution.coolEnoughC)}, cool to the hand. Warm it would start to cook the surface and keep the meat where bacteria grow.`,
      };
    case 'strong-fruit':
      return {
        title: `Fruit for ${formatDuration(caution.minutes)}`,
        text: `At this thickness stop at about ${formatRoughly(caution.maxMin)}, or it turns to mush; ripe fruit works several times as fast. An estimate.`,
      };
    case 'hold-back-first':
      return {
        title: `Hold back ${formatMass(caution.massG, style)} before mixing`,
        text: caution.cookFirst
          ? 'No raw meat has touched it, but raw egg or flour is in it: cook it through before it is served.'
          : 'What never touched raw meat can be brushed on late or served, and frozen as long as no brush from the meat was in it.',
      };
    case 'held-back-raw':
      return {
        title: 'The held-back part is raw',
        text: 'It was taken after the mix met the meat: bring it to a rolling boil before it is brushed on late or served, or throw it away.',
      };
    case 'used-marinade':
      return {
        title: 'Used marinade is raw meat juice',
        text: 'Boil it at a rolling boil before you serve or baste with it late, or throw it away.',
      };
    case 'counter-marinade':
      return {
        title: `On the counter for ${formatDuration(caution.maxMin)} at most`,
        text: 'It counts toward the minutes out of the fridge. Longer goes in the fridge.',
      };
    case 'fridge':
      return {
        title: `In the fridge, ${temp(caution.maxC)} or colder`,
        text:
          caution.isC === undefined
            ? 'Warmer, bacteria grow faster than the marinade works.'
            : `Yours is at ${temp(caution.isC)}: turn it colder before the meat goes in.`,
      };
    case 'allergens': {
      const plain = [caution.alcohol && 'alcohol', caution.glutamate && 'glutamate'].filter((word) => word !== false);
      return {
        title: allergenWords(caution),
        text: `${plain.length ? `Also ${listOf(plain)}. ` : ''}Check the labels of what you pour: makers differ.`,
      };
    }
    case 'centre-temperature':
      return {
        title: `Cook to ${rested(caution.tempC, caution.restMin)}`,
        text: `${ANIMAL_NAMES[caution.animal]}, usual guidance. Measure the thickest piece; thin slices are through when nothing pink is left.`,
      };
    case 'pierced':
      return {
        title: `Pierced meat: ${temp(caution.tempC)} at the centre`,
        text: `Needles, blades and scores carry the surface inside. Lower only if you hold ${rested(caution.otherTempC, caution.otherRestMin)} with a thermometer.`,
      };
    case 'pink-offered':
      return {
        title: 'A little pink, back in the pan',
        text: `Out while still a little pink, it finishes with the rest. The guidance stays ${rested(caution.tempC, caution.restMin)}.`,
      };
    case 'pink-refused':
      return {
        title: `No pink ${ANIMAL_NAMES[caution.animal].toLowerCase()} here`,
        text: `Planned at ${rested(caution.tempC, caution.restMin)} instead: pink is offered only for whole beef, lamb and venison that goes back in the pan.`,
      };
    case 'sugar-burns':
      return {
        title: 'A sweet mix burns',
        text: 'Medium-high, not high; brush glaze on in the last minutes. Water into a hot sugared pan spits.',
      };
    case 'surface-dry':
      return {
        title: 'Dry the surface for a sear',
        text: 'Wipe the marinade off: wet meat steams, pale and overcooked.',
      };
    case 'fire-and-sticks':
      return {
        title: 'Charcoal only outdoors',
        text: 'It gives off carbon monoxide. Keep the handles of soaked sticks off the flame.',
      };
  }
}
