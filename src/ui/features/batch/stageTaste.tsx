'use client';

import type { Tasting, TastingWrite } from '@/contract/resources';
import { formatDate } from '@/core/times';
import { listOf } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { useKept } from '../../primitives/useKept';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { useToast } from '../../shell/toast';
import { SCALES, scoreWords, type ScoreKey } from './scales';
import { useSend } from '../../shell/useSend';
import { Problem } from '../../primitives/plainFields';

/** Nothing is scored until the cook has: a score that nobody gave is no tasting. */
type Form = Partial<Record<ScoreKey, number>> & { note: string; changeNext: string };
const INITIAL: Form = { note: '', changeNext: '' };
const SCORES = Object.keys(SCALES) as ScoreKey[];

/** Score, say what to change, keep it. What is typed survives a reload until it is kept. */
export function StageTaste({
  batchId,
  tastings,
  zone,
  onKept,
}: {
  batchId: string;
  tastings: readonly Tasting[];
  zone: string;
  onKept: (tasting: Tasting[]) => void;
}) {
  const {
    value: form,
    change,
    drop,
  } = useKept<Form>(`mince.tasting.${batchId}`, () => INITIAL, {
    take: (kept) => ({ ...INITIAL, ...kept }),
    on: 'device',
  });
  const { problem, setProblem, busy, make } = useSend();
  const toast = useToast();

  const keep = async () => {
    const open = SCORES.filter((score) => form[score] === undefined);
    if (open.length > 0)
      return setProblem(`Still open: ${listOf(open.map((score) => SCALES[score].name.toLowerCase()))}.`);
    const scores = Object.fromEntries(SCORES.map((score) => [score, form[score]])) as Record<ScoreKey, number>;
    const { note, changeNext } = form;
    const write: TastingWrite = { ...scores, note, changeNext, batchId, tastedAt: new Date().toISOString() };
    const kept = await make<Tasting>('/tastings', write, { ...write, tastedAt: undefined });
    if (!kept) return;
    drop(INITIAL);
    onKept([kept, ...tastings]);
    toast({
      text: 'Kept in the log.',
      action: {
        label: 'Undo',
        run: async () => {
          await callApi('DELETE', `/tastings/${kept.id}`, { version: kept.version });
          onKept([...tastings]);
          change(form);
        },
      },
    });
  };

  return (
    <Alive className="space-y-5">
      <div className="grid gap-x-10 gap-y-5 md:grid-cols-2">
        {SCORES.map((score) => (
          <Scale key={score} score={score} given={form[score]} onGive={(step) => change({ [score]: step })} />
        ))}
      </div>
      <label className="block">
        <span className="mb-1 block text-[13px] font-medium text-muted">What to change next time</span>
        <input
          value={form.changeNext}
          maxLength={500}
          onChange={(event) => change({ changeNext: event.target.value })}
          placeholder="thinner, longer, less sugar"
          className="h-11 w-full rounded border border-grout bg-panel px-3"
        />
      </label>
      <label className="block">
        <span className="mb-1 block text-[13px] font-medium text-muted">Anything else</span>
        <textarea
          value={form.note}
          maxLength={2000}
          rows={3}
          onChange={(event) => change({ note: event.target.value })}
          className="w-full rounded border border-grout bg-panel px-3 py-2"
        />
      </label>
      <Problem text={problem && `${problem} What you typed is still here.`} />
      <Button onClick={keep} disabled={busy}>
        Keep it in the log
      </Button>
      <TastedBefore tastings={tastings} zone={zone} />
    </Alive>
  );
}

interface ScaleProps {
  score: ScoreKey;
  given: number | undefined;
  onGive: (step: number) => void;
}

const Scale = ({ score, given, onGive }: ScaleProps) => (
  <fieldset>
    <legend className="flex w-full justify-between text-[14px] text-muted">
      {SCALES[score].name}
      <strong className="text-ink">{given === undefined ? '' : scoreWords(score, given)}</strong>
    </legend>
    <div className="mt-1.5 flex gap-1.5">
      {SCALES[score].steps.map((step) => (
        <label
          key={step}
          className="relative flex h-11 grow cursor-pointer items-center justify-center rounded border border-grout bg-panel font-semibold has-checked:border-enamel has-checked:bg-enamel has-checked:text-white has-focus-visible:outline-3 has-focus-visible:outline-ice"
        >
          <input
            type="radio"
            name={score}
            value={step}
            checked={given === step}
            onChange={() => onGive(step)}
            className="absolute inset-0 cursor-pointer opacity-0"
            aria-label={scoreWords(score, step)}
          />
          {SCALES[score].marks(step)}
        </label>
      ))}
    </div>
  </fieldset>
);

function TastedBefore({ tastings, zone }: { tastings: readonly Tasting[]; zone: string }) {
  const { style } = usePreferences();
  if (tastings.length === 0) return null;
  return (
    <section>
      <h3>Tasted before</h3>
      <ul className="mt-2 divide-y divide-grout border-y border-grout">
        {tastings.map((one) => (
          <li key={one.id} className="py-2.5">
            <span className="text-muted">{formatDate(Date.parse(one.tastedAt), zone, style.locale)}</span> ·{' '}
            {SCORES.map((score) => `${SCALES[score].name.toLowerCase()}: ${scoreWords(score, one[score])}`).join(', ')}
            {one.changeNext && <p className="font-semibold wrap-anywhere">{one.changeNext}</p>}
            {one.note && <p className="wrap-anywhere whitespace-pre-line">{one.note}</p>}
          </li>
        ))}
      </ul>
    </section>
  );
}
