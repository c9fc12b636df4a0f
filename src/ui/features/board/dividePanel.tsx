'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Batch } from '@/contract/resources';
import { LIMITS } from '@/core/batches';
import { Animal, divide } from '@/core/pieces';
import { formatLength, formatMass } from '@/core/units';
import { Button } from '../../primitives/button';
import { Fold } from '../../primitives/fold';
import { LengthField } from '../../primitives/quantities';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { postManyOnce } from '../../shell/tryOnce';
import { useBatchWork } from '../batch/batchContext';
import { fieldsOf } from '../batch/batchFields';
import { FLESH } from '../drawing/flesh';

/** A long piece that is thicker at one end: two batches that go on separately, so that thin and thick cook apart. */
export function DividePanel() {
  const { plan, fields, cut, batchId, mealId, saved } = useBatchWork();
  const { style } = usePreferences();
  const router = useRouter();
  const toast = useToast();
  const { lengthMm, heightMm } = plan.piece;
  const [thickMm, setThick] = useState(Math.round(heightMm * 1.25));
  const [thinMm, setThin] = useState(Math.max(LIMITS.heightMm.min, Math.round(heightMm * 0.7)));
  const [cutAtMm, setCutAt] = useState(Math.round(lengthMm * 0.55));
  const [problem, setProblem] = useState<string>();
  const at = Math.min(Math.max(cutAtMm, LIMITS.sideMm.min), lengthMm - LIMITS.sideMm.min);
  const parts = [
    { lengthMm: at, heightMm: thickMm },
    { lengthMm: lengthMm - at, heightMm: thinMm },
  ];
  const divided = at > 0 && lengthMm - at > 0 ? divide(fields.massG, parts) : [];

  const go = async () => {
    const before = await callApi<Batch>('GET', `/batches/${batchId}`);
    const result = await postManyOnce<{ items: Batch[] }>(`/batches/${batchId}/divide`, { parts }, 1);
    if (!result.ok) return setProblem(`${result.problem.title} ${result.problem.detail ?? ''}`);
    const [first, ...others] = result.data.items;
    const undo = async () => {
      if (before.ok && first)
        await callApi('PUT', `/batches/${batchId}`, { body: fieldsOf(before.data), version: first.version });
      await Promise.all(others.map(({ id }) => callApi('DELETE', `/batches/${id}`)));
      router.push(`/batches/${batchId}?stage=piece`);
      router.refresh();
    };
    router.push(`/?meal=${mealId}`);
    toast({
      text: `Divided into ${result.data.items.length}: each goes on by itself.`,
      action: { label: 'Undo', run: () => void undo() },
    });
  };

  if (lengthMm < 4 * LIMITS.sideMm.min || plan.piece.pieces > 1) return null;
  return (
    <Fold title="Thicker at one end? Divide it">
      <div className="space-y-3">
        <SideView animal={cut.animal} lengthMm={lengthMm} thickMm={thickMm} thinMm={thinMm} atMm={at} />
        <div className="grid gap-3 sm:grid-cols-3">
          <LengthField label="Height, thick part" value={thickMm} {...LIMITS.heightMm} onChange={setThick} />
          <LengthField label="Height, thin part" value={thinMm} {...LIMITS.heightMm} onChange={setThin} />
          <LengthField
            label="Cut at, from the thick end"
            value={at}
            min={LIMITS.sideMm.min}
            max={lengthMm - LIMITS.sideMm.min}
            step={5}
            onChange={setCutAt}
          />
        </div>
        {divided.length === 2 && (
          <p>
            {formatMass(divided[0]!.massG, style)} of {formatLength(thickMm, style)} and{' '}
            {formatMass(divided[1]!.massG, style)} of {formatLength(thinMm, style)}: two batches, each with its own
            times.
          </p>
        )}
        {problem && (
          <p role="alert" className="font-medium text-ox">
            {problem}
          </p>
        )}
        <Button look="plain" disabled={!saved || divided.length < 2} onClick={() => void go()}>
          Divide it here
        </Button>
      </div>
    </Fold>
  );
}

interface SideViewProps {
  animal: Animal;
  lengthMm: number;
  thickMm: number;
  thinMm: number;
  atMm: number;
}

function SideView({ animal, lengthMm, thickMm, thinMm, atMm }: SideViewProps) {
  const colours = FLESH[animal];
  const shown = Math.max(thickMm, thinMm);
  return (
    <svg
      viewBox={`-2 -2 ${lengthMm + 4} ${shown + 4}`}
      role="img"
      aria-label="The piece from the side, with the cut"
      className="w-full max-w-md"
    >
      <path
        d={`M0 ${shown}V${shown - thickMm}L${atMm} ${shown - (thickMm + thinMm) / 2}L${lengthMm} ${shown - thinMm}V${shown}Z`}
        fill={colours.fill}
        stroke={colours.line}
        strokeWidth={1.5}
      />
      <path d={`M${atMm} ${-2}V${shown + 2}`} stroke="#0e3b34" strokeWidth={2.5} />
    </svg>
  );
}
