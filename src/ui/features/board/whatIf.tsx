'use client';

import { useMemo } from 'react';
import clsx from 'clsx';
import { planBatch, type BatchInputs, type Surroundings } from '@/core/batches';
import { flattestLeanDeg } from '@/core/slicing';
import { formatDuration, formatLength, formatNumber } from '@/core/units';
import { SHAPE_UNITS } from '@/core/words';
import { useSettled } from '../../primitives/useSettled';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from '../batch/batchContext';

const STEPS = [0.5, 0.75, 1, 1.5, 2];
const LEANS_DEG = [0, 20, 45];
/** How much a slice cut by hand, or by a machine, differs from the next: own estimates. */
const WAVERS_MM = { hand: 0.7, machine: 0.3 };
const RISK = { some: 0.15, high: 0.28 };

interface Row {
  key: string;
  label: string;
  current: boolean;
  take: () => void;
  count: number;
  biteMm: number;
  waitMin: number;
  risk: 'low' | 'some' | 'high';
}

/** The same piece at other thicknesses and leans: what each would change. One click takes it. */
export function WhatIf() {
  const { inputs, around, plan, change, pin } = useBatchWork();
  const { style } = usePreferences();
  // Ten plans are made for it: not on every move.
  const asked = useSettled(inputs);
  const { shape } = plan.slice;
  const turned = shape !== 'cubes' && shape !== 'unrolled' && shape !== 'butterflied' && shape !== 'pounded';
  const rows = useMemo(() => rowsFor(asked, around, { change, pin }), [asked, around, change, pin]);
  const say = (row: Row) => ({
    ...row,
    label: row.key.startsWith('t') ? formatLength(Number(row.label), style) : `lean ${row.label}°`,
  });
  return (
    <section className="panel overflow-x-auto px-4 py-3">
      <h3>The same piece, cut otherwise</h3>
      <table className="mt-2 w-full min-w-[520px] text-left text-[14px]">
        <thead>
          <tr className="text-[13px] text-muted">
            <th className="py-1 pr-3 font-medium">cut</th>
            <th className="pr-3 font-medium">{SHAPE_UNITS[shape][1]}</th>
            <th className="pr-3 font-medium">fibres in a bite</th>
            <th className="pr-3 font-medium">salt to the middle</th>
            <th className="font-medium">uneven, the risk</th>
          </tr>
        </thead>
        <tbody>
          {rows
            .filter(({ key }) => turned || key.startsWith('t'))
            .map(say)
            .map((row) => (
              <tr key={row.key} className={clsx('border-t border-grout', row.current && 'bg-enamel-tint')}>
                <td className="py-1.5 pr-3">
                  {row.current ? (
                    <strong>{row.label}, as it is</strong>
                  ) : (
                    <button
                      type="button"
                      className="font-semibold text-enamel underline underline-offset-4 hover:text-ox"
                      onClick={row.take}
                    >
                      {row.label}
                    </button>
                  )}
                </td>
                <td className="pr-3">{formatNumber(row.count, style.locale)}</td>
                <td className="pr-3">{formatLength(row.biteMm, style)}</td>
                <td className="pr-3">{formatDuration(row.waitMin)}</td>
                <td>{row.risk}</td>
              </tr>
            ))}
        </tbody>
      </table>
    </section>
  );
}

function rowsFor(
  inputs: BatchInputs,
  around: Surroundings,
  { change, pin }: Pick<ReturnType<typeof useBatchWork>, 'change' | 'pin'>,
): Row[] {
  const now = planBatch(inputs, around);
  const row = (key: string, label: string, other: BatchInputs, take: () => void): Row => {
    const { slice, marinate } = planBatch(other, around);
    const ratio = WAVERS_MM[around.slicer ? 'machine' : 'hand'] / slice.thicknessMm;
    return {
      key,
      label,
      take,
      current: other === inputs,
      count: slice.pieceCount,
      biteMm: slice.fibreLengthMm,
      waitMin: Math.round(marinate.uptake.minutesTo.centre.p90),
      risk: ratio > RISK.high ? 'high' : ratio > RISK.some ? 'some' : 'low',
    };
  };
  const thicknesses = [
    ...new Set(
      STEPS.map((step) =>
        step === 1 ? inputs.thicknessMm : Math.max(1, Math.round(inputs.thicknessMm * step * 2) / 2),
      ),
    ),
  ].filter((mm) => mm <= 40);
  const leans = [...new Set([...LEANS_DEG, now.slice.bevelDeg])]
    .filter((deg) => deg <= flattestLeanDeg(now.piece))
    .sort((a, b) => a - b);
  return [
    ...thicknesses.map((thicknessMm) =>
      row(
        `t${thicknessMm}`,
        String(thicknessMm),
        thicknessMm === inputs.thicknessMm ? inputs : { ...inputs, thicknessMm },
        () => change({ thicknessMm }),
      ),
    ),
    ...leans
      .filter((deg) => deg !== now.slice.bevelDeg)
      .map((bevelDeg) =>
        row(`l${bevelDeg}`, String(bevelDeg), { ...inputs, pins: { ...inputs.pins, bevelDeg } }, () =>
          pin({ bevelDeg }),
        ),
      ),
  ];
}
