'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { ParseAnswer } from '@/contract/calculations';
import type { MarinadeResource } from '@/contract/resources';
import type { MarinadeFormPage } from '@/contract/views';
import { LIMITS } from '@/core/batches';
import { USES, WAYS } from '@/core/ways';
import {
  findIngredient,
  HOLD_BACK_PURPOSES,
  parseLines,
  type HoldBackPurpose,
  type MarinadeFacts,
} from '@/core/marinades';
import { formatMass } from '@/core/units';
import { USE_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { focusFirstInvalid, NOT_READ } from '../../primitives/firstInvalid';
import { Button } from '../../primitives/button';
import { MassField, MinutesField } from '../../primitives/quantities';
import { useKept } from '../../primitives/useKept';
import { callApi } from '../../shell/api';
import { usePreferences } from '../../shell/preferences';
import { customaryFor, gramsIn, isUnread, LineEditor, toFormLine, type FormLine } from './lineEditor';

const KEY = 'mince.marinade';

type Line = FormLine;

interface Form extends Omit<MarinadeFacts, 'holdBackFor'> {
  holdBackFor: HoldBackPurpose | '';
  /** Kept unread when it was saved before. */
  unread: string[];
  lines: Line[];
  /** Pasted and not yet read. */
  text: string;
}

let nextKey = 1;

/** A marinade of the cook's own: from a pasted list or recipe, a copy, or line by line. Nothing that was pasted is lost. */
export function MarinadeForm({ ingredients, from, edit }: MarinadeFormPage) {
  const router = useRouter();
  const { style, decimalComma } = usePreferences();
  const first = (): Form => ({
    text: '',
    name: from ? (edit ? from.name : `${from.name}, copy`.slice(0, 120)) : '',
    note: from?.note ?? '',
    ways: from?.ways ?? [...WAYS],
    forMassG: from?.forMassG ?? 1000,
    minutes: from?.minutes ?? { from: 60, to: 480 },
    holdBackShare: from?.holdBackShare ?? 0,
    holdBackFor: from?.holdBackFor ?? '',
    heated: from?.heated ?? false,
    oilFirst: from?.oilFirst ?? false,
    unread: from?.unread ?? [],
    lines: (from?.lines ?? []).map(({ ingredientId, massG, note }) => ({
      key: nextKey++,
      pasted: '',
      ingredient: findIngredient(ingredientId, ingredients)?.name ?? ingredientId,
      mass: formatMass(massG, style),
      massG,
      note,
      flags: [],
    })),
  });
  /** What was unknown when it was pasted may have been added since. */
  const readAgain = (line: Line): Line => {
    if (!line.pasted || line.ingredient || line.mass) return line;
    const [parsed] = parseLines(
      line.pasted,
      ingredients.filter(({ removed }) => !removed),
      decimalComma,
    );
    return parsed?.ingredientId
      ? {
          key: line.key,
          ...toFormLine({ ...parsed, ingredient: parsed.ingredientId, suggestion: null }, ingredients, style),
        }
      : line;
  };
  const {
    value: form,
    change,
    drop,
  } = useKept(`${KEY}.${from?.id ?? 'new'}.${edit}`, first, {
    take: (kept) => {
      if (!kept.lines) return undefined;
      nextKey = Math.max(nextKey, ...kept.lines.map((line) => line.key + 1));
      return { ...kept, unread: kept.unread ?? [], lines: kept.lines.map(readAgain) };
    },
  });
  const { text } = form;
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const editLine = (at: number, part: Partial<Line>) =>
    change({ lines: form.lines.map((line, index) => (index === at ? { ...line, ...part } : line)) });

  const readIt = async () => {
    if (!text.trim()) return setProblem('Paste an ingredient list first, a line for each.');
    setBusy(true);
    const result = await callApi<ParseAnswer>('POST', '/marinades/parse', { body: { text, decimalComma } });
    setBusy(false);
    if (!result.ok) return setProblem(`${result.problem.title} ${result.problem.detail ?? ''}`);
    setProblem(undefined);
    const { lines, name, note, forMassG, minutes, ways, holdBackShare, heated, oilFirst } = result.data;
    change({
      ...(name && !form.name ? { name } : {}),
      ...(note && !form.note ? { note } : {}),
      ...(forMassG ? { forMassG } : {}),
      ...(minutes ? { minutes } : {}),
      ...(ways ? { ways } : {}),
      ...(holdBackShare ? { holdBackShare } : {}),
      ...(heated ? { heated } : {}),
      ...(oilFirst ? { oilFirst } : {}),
      lines: [...form.lines, ...lines.map((line) => ({ key: nextKey++, ...toFormLine(line, ingredients, style) }))],
      text: '',
    });
  };

  const keep = async () => {
    const gramsOf = ({ ingredient, mass, massG }: Line) =>
      massG ?? gramsIn(mass, findIngredient(ingredient, ingredients), decimalComma);
    const good = form.lines.flatMap((line) => {
      const found = findIngredient(line.ingredient, ingredients);
      const massG = gramsOf(line);
      return found && massG ? [{ ingredientId: found.id, massG, note: line.note }] : [];
    });
    const halfDone = form.lines.find((line) => {
      const found = findIngredient(line.ingredient, ingredients);
      return (
        (found && !gramsOf(line)) ||
        (line.ingredient !== '' && !found) ||
        (line.mass !== '' && !found && !isUnread(line))
      );
    });
    if (!form.name.trim()) return setProblem('Give it a name.');
    if (halfDone)
      return setProblem(
        `“${halfDone.pasted || halfDone.ingredient || halfDone.mass}” is not complete: choose the ingredient and say how much, or take it out.`,
      );
    if (good.length === 0) return setProblem('A marinade has at least one line.');
    if (form.ways.length === 0) return setProblem('Tick at least one way it is for.');
    // Lines that stayed unread are kept as such: nothing is known of what is in them.
    const unread = [...form.unread, ...form.lines.filter(isUnread).map(({ pasted }) => pasted)];
    const body = {
      name: form.name.trim(),
      note: form.note.trim(),
      unread,
      ways: form.ways,
      forMassG: form.forMassG,
      minutes: form.minutes,
      holdBackShare: form.holdBackShare,
      ...(form.holdBackFor ? { holdBackFor: form.holdBackFor } : {}),
      heated: form.heated ?? false,
      oilFirst: form.oilFirst ?? false,
      lines: good,
    };
    setBusy(true);
    const result =
      edit && from
        ? await callApi<MarinadeResource>('PUT', `/marinades/${from.id}`, { body, version: from.version })
        : await callApi<MarinadeResource>('POST', '/marinades', { body });
    setBusy(false);
    if (!result.ok)
      return setProblem(
        result.problem.status === 412
          ? 'It was changed elsewhere. Reload to see it; what you typed is still here.'
          : `${result.problem.title} ${result.problem.detail ?? ''}`,
      );
    drop();
    router.push(`/marinades/${result.data.id}`);
    router.refresh();
  };

  const customary = customaryFor(form.lines, ingredients, form.forMassG);
  const takeAllCustomary = () =>
    change({
      lines: form.lines.map((line) => {
        const massG = customary.get(line.key);
        return massG === undefined ? line : { ...line, massG, mass: formatMass(massG, style) };
      }),
    });
  const backHere = `/marinades/new${from ? `?${edit ? 'edit' : 'from'}=${from.id}` : ''}`;
  const label = 'mb-1 block text-[13px] font-medium text-muted';
  const look = 'h-11 rounded border border-grout bg-panel px-3';
  return (
    <form
      className="mx-auto max-w-4xl px-4 py-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (focusFirstInvalid(event.currentTarget)) return setProblem(NOT_READ);
        void keep();
      }}
    >
      <h1>{edit ? `Change ${from?.name}` : 'A marinade of your own'}</h1>
      <Alive className="mt-4 space-y-5">
        <section className="panel space-y-2 px-5 py-4">
          <label className="block">
            <span className={label}>Paste an ingredient list, a line for each; or a recipe as JSON-LD</span>
            <textarea
              className="w-full rounded border border-grout bg-panel px-3 py-2"
              rows={5}
              maxLength={60_000}
              value={text}
              placeholder={'1/4 cup soy sauce\n2 cloves garlic, minced\n1 tbsp honey'}
              onChange={(event) => change({ text: event.target.value })}
            />
          </label>
          <Button look="plain" disabled={busy} onClick={() => void readIt()}>
            Read it
          </Button>
        </section>
        <section className="panel space-y-3 px-5 py-4">
          <h2 className="text-[18px]">Lines</h2>
          {form.lines.length === 0 && <p className="text-muted">None yet.</p>}
          <datalist id="ingredients">
            {ingredients
              .filter(({ removed }) => !removed)
              .map(({ id, name }) => (
                <option key={id} value={name} />
              ))}
          </datalist>
          <ol className="space-y-3">
            {form.lines.map((line, index) => (
              <LineEditor
                key={line.key}
                line={line}
                ingredients={ingredients}
                customary={customary.get(line.key)}
                forMassG={form.forMassG}
                backHere={backHere}
                onChange={(part) => editLine(index, part)}
                onTakeOut={() => change({ lines: form.lines.filter((_, at) => at !== index) })}
              />
            ))}
          </ol>
          {form.unread.length > 0 && (
            <ul className="space-y-1 text-[14px]" aria-label="Kept unread">
              {form.unread.map((one) => (
                <li key={one}>
                  “{one}” is kept unread: allergens stay open for it.{' '}
                  <button
                    type="button"
                    className="underline underline-offset-4"
                    onClick={() => change({ unread: form.unread.filter((other) => other !== one) })}
                  >
                    Take out
                  </button>
                </li>
              ))}
            </ul>
          )}
          {customary.size > 1 && (
            <Button look="plain" onClick={takeAllCustomary}>
              Take what is customary for all {customary.size}
            </Button>
          )}
          <Button
            look="plain"
            onClick={() =>
              change({
                lines: [...form.lines, { key: nextKey++, pasted: '', ingredient: '', mass: '', note: '', flags: [] }],
              })
            }
          >
            Add a line
          </Button>
        </section>
        <section className="panel space-y-4 px-5 py-4">
          <label className="block">
            <span className={label}>Name</span>
            <input
              className={`${look} w-full max-w-sm`}
              value={form.name}
              maxLength={120}
              onChange={(event) => change({ name: event.target.value })}
            />
          </label>
          <label className="block">
            <span className={label}>What it is like</span>
            <input
              className={`${look} w-full`}
              value={form.note}
              maxLength={2000}
              onChange={(event) => change({ note: event.target.value })}
            />
          </label>
          <div className="grid gap-4 sm:grid-cols-3">
            <MassField
              label="Written for this much meat"
              value={form.forMassG}
              {...LIMITS.massG}
              onChange={(forMassG) => change({ forMassG })}
            />
            <MinutesField
              label="In the fridge, at least"
              value={form.minutes.from}
              min={0}
              max={4320}
              onChange={(least) => change({ minutes: { from: least, to: Math.max(least, form.minutes.to) } })}
            />
            <MinutesField
              label="At most"
              value={form.minutes.to}
              min={0}
              max={4320}
              onChange={(most) => change({ minutes: { to: most, from: Math.min(most, form.minutes.from) } })}
            />
          </div>
          <div className="flex flex-wrap items-end gap-4">
            <label>
              <span className={label}>Hold back before mixing</span>
              <select
                className={look}
                value={String(form.holdBackShare)}
                onChange={(event) => change({ holdBackShare: Number(event.target.value) })}
              >
                {[...new Set([0, 0.1, 0.15, 0.2, 0.25, 0.33, 0.5, form.holdBackShare])]
                  .sort((a, b) => a - b)
                  .map((share) => (
                    <option key={share} value={share}>
                      {share === 0 ? 'nothing' : `${Math.round(share * 100)} %`}
                    </option>
                  ))}
              </select>
            </label>
            <label>
              <span className={label}>for</span>
              <select
                className={look}
                value={form.holdBackFor}
                onChange={(event) => change({ holdBackFor: event.target.value as Form['holdBackFor'] })}
              >
                <option value="">–</option>
                {HOLD_BACK_PURPOSES.map((one) => (
                  <option key={one}>{one}</option>
                ))}
              </select>
            </label>
          </div>
          <div className="flex flex-wrap gap-x-6 gap-y-2">
            <label className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-[#0e3b34]"
                checked={form.heated ?? false}
                onChange={(event) => change({ heated: event.target.checked })}
              />
              Simmered first, then cooled
            </label>
            <label className="flex min-h-10 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-[#0e3b34]"
                checked={form.oilFirst ?? false}
                onChange={(event) => change({ oilFirst: event.target.checked })}
              />
              Oil from the start, not last
            </label>
          </div>
          <fieldset>
            <legend className={label}>It is for</legend>
            <div className="flex flex-wrap gap-2">
              {USES.map((way) => (
                <label
                  key={way}
                  className="flex min-h-10 items-center gap-2 rounded border border-grout px-3 has-checked:border-enamel has-checked:bg-enamel-tint"
                >
                  <input
                    type="checkbox"
                    className="size-4 accent-[#0e3b34]"
                    checked={form.ways.includes(way)}
                    onChange={(event) =>
                      change({
                        ways: USES.filter((one) => (one === way ? event.target.checked : form.ways.includes(one))),
                      })
                    }
                  />
                  {USE_NAMES[way]}
                </label>
              ))}
            </div>
          </fieldset>
          {problem && (
            <p role="alert" className="font-medium text-ox">
              {problem}
            </p>
          )}
          <div className="flex gap-3">
            <Button type="submit" disabled={busy}>
              Keep it in the book
            </Button>
            <Button look="quiet" onClick={() => router.back()}>
              Leave it
            </Button>
          </div>
        </section>
      </Alive>
    </form>
  );
}
