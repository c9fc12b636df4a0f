'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Meal } from '@/contract/resources';
import { formatDayClock, fromFieldValue, isPlannable, PLAN_YEARS, toFieldValue } from '@/core/times';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';
import { FIELD_LOOK, Problem } from '../../primitives/plainFields';
import { useSend } from '../../shell/useSend';

/** Name and hour of the meal; changing the hour moves every batch that is planned for it. */
export function MealHead({ meal, zone }: { meal: Meal; zone: string }) {
  const [editing, setEditing] = useState(false);
  if (editing) return <MealForm meal={meal} zone={zone} onClose={() => setEditing(false)} />;
  return (
    <div className="flex flex-wrap items-baseline gap-3">
      <h1 className="wrap-anywhere">{meal.name}</h1>
      <button
        type="button"
        className="text-[14px] text-muted underline underline-offset-4"
        onClick={() => setEditing(true)}
      >
        Change
      </button>
    </div>
  );
}

interface MealFormProps {
  meal: Meal;
  zone: string;
  onClose: () => void;
}

function MealForm({ meal, zone, onClose }: MealFormProps) {
  const router = useRouter();
  const [name, setName] = useState(meal.name);
  const [when, setWhen] = useState(toFieldValue(Date.parse(meal.tableAt), zone));
  const [people, setPeople] = useState(String(meal.people));
  const { problem, setProblem, busy, send } = useSend();

  const save = async () => {
    const instantMs = fromFieldValue(when, zone);
    const count = Number(people);
    if (!name.trim()) return setProblem('Give the meal a name.');
    if (instantMs === undefined) return setProblem('Give the day and the hour.');
    if (!isPlannable(instantMs, Date.now()))
      return setProblem(`That is more than ${PLAN_YEARS} years from now. Is the year right?`);
    if (!Number.isInteger(count) || count < 1 || count > 1000) return setProblem('How many people, 1 to 1000?');
    const body = { name: name.trim(), tableAt: new Date(instantMs).toISOString(), people: count };
    if (!(await send<Meal>('PUT', `/meals/${meal.id}`, { version: meal.version, body }))) return;
    onClose();
    router.refresh();
  };

  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <label className="text-[13px] text-muted">
        Meal
        <br />
        <input className={FIELD_LOOK} value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </label>
      <label className="text-[13px] text-muted">
        On the table
        <br />
        <input
          className={FIELD_LOOK}
          type="datetime-local"
          value={when}
          onChange={(event) => setWhen(event.target.value)}
        />
      </label>
      <label className="text-[13px] text-muted">
        People
        <br />
        <input
          className={`${FIELD_LOOK} w-20`}
          inputMode="numeric"
          value={people}
          onChange={(event) => setPeople(event.target.value)}
        />
      </label>
      <Button type="submit" look="plain" disabled={busy}>
        Keep
      </Button>
      <Button look="quiet" onClick={onClose}>
        Leave it
      </Button>
      <div className="w-full">
        <Problem text={problem} />
      </div>
    </form>
  );
}

/** Another meal of the list. */
export function MealPicker({ meals, current, zone }: { meals: readonly Meal[]; current: string; zone: string }) {
  const router = useRouter();
  const { style } = usePreferences();
  return (
    <label>
      <span className="sr-only">Another meal</span>
      <select
        value={current}
        onChange={(event) => router.push(`/?meal=${event.target.value}`)}
        className="h-11 max-w-64 rounded border border-grout bg-panel px-3 font-semibold"
      >
        {meals.map((one) => (
          <option key={one.id} value={one.id}>
            {one.name}, {formatDayClock(Date.parse(one.tableAt), zone, style.locale)}
          </option>
        ))}
      </select>
    </label>
  );
}
