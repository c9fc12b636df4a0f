import 'server-only';
import { database } from '@/data/connection';
import type { TenderizingPlanAnswer, TenderizingPlanRequest } from '@/contract/calculations';
import { fruitAfter, fruitClock, mixCharacter, usualShape } from '@/core/batches';
import { wayRecipe } from '@/core/ways';
import { saltLanding, scaleMarinade } from '@/core/marinades';
import {
  biteOfPlan,
  compareMeans,
  conflictsOf,
  judgeTenderizing,
  meansOf,
  pierces,
  rinsedSodaMin,
  worthAdding,
} from '@/core/tenderizing';
import { additionWords, conflictWords, meansWords, whyWords } from '@/core/words';
import { breaksRule } from '../api/failures';
import { API_STYLE } from '../api/style';
import { readCut } from '../cuts/cuts';
import { currentHousehold, ingredientsOf } from '../kitchen/kitchen';
import { readMarinade, toCore } from '../marinades/marinades';

const FRIDGE_C = 4;

/** One proposed plan with its reason, what the cook's own choice would be instead, and every means beside it. */
export async function tenderizingPlan(request: TenderizingPlanRequest): Promise<TenderizingPlanAnswer> {
  const { way, thicknessMm, massG, marinadeId, minutesLeft, choice, tempC = FRIDGE_C } = request;
  const cut = await readCut(request.cut).catch(() => {
    throw breaksRule('There is no such cut.', '/cut');
  });
  const marinade = marinadeId
    ? toCore(await readMarinade(marinadeId), await ingredientsOf(database(), (await currentHousehold()).id))
    : undefined;
  const scaled = marinade && scaleMarinade(marinade, massG);
  const marinadeMin = request.marinadeMin ?? marinade?.minutes.from ?? 0;
  const shape = request.shape ?? usualShape(way, cut);
  const fibreLengthMm = request.fibreLengthMm ?? thicknessMm;

  const clock = scaled && fruitClock({ scaled, meatG: massG, thicknessMm, tempC });
  const fruitExposure = clock ? fruitAfter(clock, marinadeMin).exposure : 0;
  const mix = scaled
    ? mixCharacter(scaled, {
        meatG: massG,
        fruitExposure,
        saltPercent: saltLanding(scaled.lines, {
          meatG: massG,
          meatWaterFraction: cut.composition.water,
          holdBackShare: marinade.holdBackShare,
        }),
      })
    : { acid: false, fruitExposure: 0, saltPercent: 0, starchPercent: 0, sodaPercent: 0 };
  const hurried = minutesLeft !== undefined && minutesLeft < rinsedSodaMin(massG, thicknessMm) + marinadeMin;
  const judgement = judgeTenderizing({
    cut,
    way,
    shape,
    thicknessMm,
    smallerMm: thicknessMm,
    fibreLengthMm,
    mix,
    hurried,
  });
  const proposed = { soda: judgement.soda, force: judgement.force };
  const chosen = { soda: choice?.soda ?? proposed.soda, force: choice?.force ?? proposed.force };
  const work = { shape, scored: shape === 'pounded' || shape === 'unrolled' };
  const pierced = Boolean(choice?.pierced) || pierces(chosen.force) || work.scored;
  const conflicts = conflictsOf({ ...mix, soda: chosen.soda, pierced, sour: scaled?.sour ?? false, marinadeMin });
  const eaten = { cut, fibreLengthMm, mix, work };
  const longestMin = Math.min(minutesLeft ?? Infinity, marinade?.minutes.to ?? Infinity, wayRecipe(way).marinadeMin.to);
  const additions = marinade
    ? worthAdding({
        ...eaten,
        choice: chosen,
        pierced,
        shape,
        inPan: wayRecipe(way).heat.back,
        thicknessMm,
        tempC,
        marinadeMin,
        longestMin,
      })
    : [];
  return {
    proposed: {
      ...proposed,
      answer: judgement.answer,
      when: judgement.when,
      means: meansOf(proposed, mix, work),
      title: meansWords(meansOf(proposed, mix, work)),
      why: whyWords(judgement, API_STYLE),
      bite: biteOfPlan(eaten, proposed),
    },
    chosen: {
      ...chosen,
      means: meansOf(chosen, mix, work),
      bite: biteOfPlan(eaten, chosen),
      conflicts: conflicts.map((code) => ({ code, ...conflictWords(code) })),
    },
    worthAdding: additions.map((advice) => ({ ...advice, ...additionWords(advice, API_STYLE) })),
    alternatives: compareMeans({ cut, shape, fibreLengthMm, thicknessMm, massG, fruitExposure }),
  };
}
