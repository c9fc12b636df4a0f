'use client';

import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import type { Meal } from '@/contract/resources';
import { formatClock, formatDayClock, formatWeekday, fromFieldValue, toFieldValue } from '@/core/times';
import { useAlive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { FIELD_LOOK, Problem } from '../../primitives/plainFields';
import { usePreferences } from '../../shell/preferences';
import { useSend } from '../../shell/useSend';

const HOUR_MS = 3_600_000;

/** When nobody is in the kitchen: handwork is planned around it. */
export function AwayHours({ meal, zone }: { meal: Meal; zone: string }) {
  const { style } = usePreferences();
  const router = useRouter();
  const tableMs = Date.parse(meal.tableAt);
  const [adding, setAdding] = useState(false);
  const alive = useAlive();
  const { problem, setProblem, busy, send } = useSend();

  const keep = async (away: Meal['away']) => {
    const { name, people, tableAt, version } = meal;
    if (!(await send<Meal>('PUT', `/meals/${meal.id}`, { version, body: { name, people, tableAt, away } }))) return;
    setAdding(false);
    router.refresh();
  };
  const said = ({ from: leaves, to: comes }: Meal['away'][number]) => {
    const [a, b] = [Date.parse(leaves), Date.parse(comes)];
    const sameDay =
      formatWeekday(a, zone, style.locale) === formatWeekday(b, zone, style.locale) && b - a < 24 * HOUR_MS;
    return `${formatDayClock(a, zone, style.locale)}, back ${sameDay ? formatClock(b, zone, style.locale) : formatDayClock(b, zone, style.locale)}`;
  };

  return (
    <div className="mt-1 text-[14px]">
      <ul aria-label="Nobody in the kitchen" className="flex flex-wrap items-center gap-x-4">
        {meal.away.map((one, at) => (
          <li key={one.from + one.to} className="flex items-baseline gap-2">
            <span>Away {said(one)}</span>
            <button
              type="button"
              disabled={busy || !alive}
              className="min-h-9 text-muted underline underline-offset-4"
              onClick={() => void keep(meal.away.filter((_, index) => index !== at))}
              aria-label={`Not away ${said(one)}`}
            >
              Remove
            </button>
          </li>
        ))}
        <li>
          <button
            type="button"
            disabled={!alive}
            aria-expanded={adding}
            className="min-h-9 text-muted underline underline-offset-4"
            onClick={() => setAdding(!adding)}
          >
            {meal.away.length ? 'Away again' : 'Away in between?'}
          </button>
        </li>
      </ul>
      {adding && (
        <AwayForm
          tableMs={tableMs}
          zone={zone}
          busy={busy}
          problem={problem}
          onProblem={setProblem}
          onAdd={(one) => void keep([...meal.away, one].sort((a, b) => (a.from < b.from ? -1 : 1)))}
          onLeave={() => setAdding(false)}
        />
      )}
      {!adding && <Problem text={problem} />}
    </div>
  );
}

interface AwayFormProps {
  tableMs: number;
  zone: string;
  busy: boolean;
  problem: string | undefined;
  onProblem: (text: string) => void;
  onAdd: (one: Meal['away'][number]) => void;
  onLeave: () => void;
}

function AwayForm({ tableMs, zone, busy, problem, onProblem, onAdd, onLeave }: AwayFormProps) {
  const id = useId();
  const [from, setFrom] = useState(() => toFieldValue(tableMs - 8 * HOUR_MS, zone));
  const [to, setTo] = useState(() => toFieldValue(tableMs - 3 * HOUR_MS, zone));
  const add = () => {
    const [fromMs, toMs] = [fromFieldValue(from, zone), fromFieldValue(to, zone)];
    if (fromMs === undefined || toMs === undefined) return onProblem('Give both: the day and the hour.');
    if (toMs <= fromMs) return onProblem('Back before leaving? Look at the two hours.');
    if (toMs - fromMs > 7 * 24 * HOUR_MS) return onProblem('A week at most.');
    onAdd({ from: new Date(fromMs).toISOString(), to: new Date(toMs).toISOString() });
  };
  return (
    <form
      className="mt-1 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      {(
        [
          ['Away from', from, setFrom],
          ['Back at', to, setTo],
        ] as const
      ).map(([label, value, set]) => (
        <label key={label} className="text-[13px] text-muted">
          {label}
          <br />
          <input
            className={FIELD_LOOK}
            type="datetime-local"
            value={value}
            aria-describedby={`${id}-problem`}
            onChange={(event) => set(event.target.value)}
          />
        </label>
      ))}
      <Button type="submit" look="plain" disabled={busy}>
        Plan around it
      </Button>
      <Button look="quiet" onClick={onLeave}>
        Leave it
      </Button>
      <div className="w-full" id={`${id}-problem`}>
        <Problem text={problem} />
      </div>
    </form>
  );
}
