'use client';

import { useEffect, useMemo, useState } from 'react';
import type { NewBatchPage } from '@/contract/views';
import { comesSliced, usualThicknessMm, type Remedy } from '@/core/batches';
import { WAYS } from '@/core/ways';
import type { Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import { instantOf, wallTimeOf, intervalsOf } from '@/core/times';
import { useKept } from '../../primitives/useKept';
import { fetchCuts } from '../../shell/fetchCuts';
import { toInputs, type BatchFields } from '../batch/batchFields';
import { useSafePlan } from '../batch/useSafePlan';

const KEY = 'mince.new';

export type Answers = Omit<BatchFields, 'name' | 'mealId' | 'notBefore'> & { mealId?: string };

export interface NewBatchProps extends NewBatchPage {
  mealId?: string;
  /** The cut was asked for by the address. */
  cutAsked: boolean;
  nowMs: number;
}

export const isFor =
  (way: Answers['way']) =>
  ({ uses }: Pick<Marinade, 'uses'>) =>
    !uses || uses.includes(way);

/** Tomorrow at one on the kitchen clock. */
function tomorrowLunch(nowMs: number, zone: string): number {
  const today = wallTimeOf(nowMs, zone);
  return instantOf({ ...today, day: today.day + 1, hour: 13, minute: 0 }, zone);
}

/** Every answer filled in before it is asked. */
function beginningOf(
  { marinades, cut, cutAsked, zone, nowMs }: Pick<NewBatchProps, 'marinades' | 'cut' | 'cutAsked' | 'zone' | 'nowMs'>,
  meal: NewBatchPage['meals'][number] | undefined,
): Answers {
  const asked = cutAsked ? cut : undefined;
  const way = WAYS.find((one) => asked?.suits[one]) ?? 'stir-fry';
  const heightMm = asked?.usualHeightMm ?? 20;
  return {
    way,
    cutId: cut.id,
    massG: 800,
    heightMm,
    thicknessMm: usualThicknessMm(way, cut, heightMm),
    marinadeId: (marinades.find(isFor(way)) ?? marinades[0])?.id ?? '',
    people: meal?.people ?? 4,
    tableAt: meal?.tableAt ?? new Date(tomorrowLunch(nowMs, zone)).toISOString(),
    ...(meal ? { mealId: meal.id } : {}),
    pins: {},
  };
}

/** The meal that it joins, and what its plan takes from around it. */
function useSurroundings(
  { meals, neighbours, kitchen }: Pick<NewBatchProps, 'meals' | 'neighbours' | 'kitchen'>,
  { cut, marinade, mealId, tableAtMs }: { cut: Cut; marinade?: Marinade; mealId?: string; tableAtMs: number },
) {
  const atThatHour = meals.filter((one) => Date.parse(one.tableAt) === tableAtMs);
  const joins = atThatHour.find(({ id }) => id === mealId) ?? atThatHour[0];
  const beside = joins && neighbours[joins.id];
  const away = joins?.away;
  const around = useMemo(
    () =>
      marinade && {
        cut,
        marinade,
        ...kitchen,
        ...(away?.length ? { away: intervalsOf(away) } : {}),
        // The youngest of its meal, it comes after the others whatever its id will be.
        ...(beside ? { meal: { id: 'new', neighbours: beside } } : {}),
      },
    [cut, marinade, kitchen, beside, away],
  );
  return { joins, around };
}

/** What New batch asks, with the plan that follows from it. */
export function useNewBatch({
  marinades,
  kitchen,
  zone,
  neighbours,
  ownCuts,
  cut: firstCut,
  meals,
  mealId,
  cutAsked,
  nowMs,
}: NewBatchProps) {
  const meal = meals.find(({ id }) => id === mealId);
  // The catalogue comes after the first look.
  const [cuts, setCuts] = useState<readonly Cut[]>(() =>
    ownCuts.some(({ id }) => id === firstCut.id) ? ownCuts : [...ownCuts, firstCut],
  );
  useEffect(() => fetchCuts((catalogue) => setCuts([...ownCuts, ...catalogue])), [ownCuts]);
  const beginning = () => beginningOf({ marinades, cut: firstCut, cutAsked, zone, nowMs }, meal);
  const fits = ({ cutId, marinadeId }: Answers) =>
    !cutAsked && cuts.some(({ id }) => id === cutId) && marinades.some(({ id }) => id === marinadeId);
  const {
    value: answers,
    change,
    drop,
  } = useKept(KEY, beginning, {
    take: (kept, now) =>
      fits(kept) ? { ...kept, ...(mealId ? { mealId: now.mealId, tableAt: now.tableAt } : {}) } : undefined,
    ready: cuts.length > ownCuts.length + 1,
  });
  const cut = cuts.find(({ id }) => id === answers.cutId) ?? firstCut;
  const marinade = marinades.find(({ id }) => id === answers.marinadeId);
  const inputs = useMemo(
    () => toInputs({ ...answers, name: '', mealId: '', notBefore: new Date(nowMs).toISOString() }),
    [answers, nowMs],
  );
  const { joins, around } = useSurroundings(
    { meals, neighbours, kitchen },
    { cut, marinade, mealId: answers.mealId, tableAtMs: inputs.tableAtMs },
  );
  const { plan, broken } = useSafePlan(inputs, around);
  const sliced = comesSliced(cut, answers.pins);
  /** The usual thickness of what it will be cut into, as long as it was not set otherwise. */
  const takeUsual = (part: Partial<Answers>, nextCut: Cut = cut) => {
    const next = { ...answers, ...part };
    const usual = usualThicknessMm(answers.way, cut, answers.heightMm);
    const now = usualThicknessMm(next.way, nextCut, next.heightMm);
    change({
      ...part,
      ...(answers.thicknessMm === usual || nextCut.id !== cut.id || Math.abs(now - usual) > 5
        ? { thicknessMm: now }
        : {}),
    });
  };
  const takeRemedy = ({ pins, tableAtMs: at }: Remedy['change']) =>
    change({
      ...(pins ? { pins: { ...answers.pins, ...pins } } : {}),
      ...(at === undefined ? {} : { tableAt: new Date(at).toISOString() }),
    });
  return {
    answers,
    change,
    drop,
    takeUsual,
    takeRemedy,
    cuts,
    cut,
    marinade,
    inputs,
    around,
    plan,
    broken,
    sliced,
    joins,
  };
}
