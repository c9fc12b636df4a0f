'use client';

import { useRouter } from 'next/navigation';
import type { ParseAnswer } from '@/contract/calculations';
import type { MarinadeResource } from '@/contract/resources';
import type { MarinadeFormPage } from '@/contract/views';
import { formatMass } from '@/core/units';
import { Alive } from '../../primitives/alive';
import { CheckedForm } from '../../primitives/checkedForm';
import { Button } from '../../primitives/button';
import { useKept } from '../../primitives/useKept';
import { usePreferences } from '../../shell/preferences';
import { LineEditor } from './lineEditor';
import { customaryFor, type FormLine } from './formLine';
import { LABEL_LOOK, FormEnd } from '../../primitives/plainFields';
import { useSend } from '../../shell/useSend';
import { MarinadeFactsFields } from './marinadeFactsFields';
import { beginWith, takeKept, withRead, toMarinade, MarinadeFields, emptyLine } from './marinadeFields';

const KEY = 'mince.marinade';

/** A marinade of the cook's own: from a pasted list or recipe, a copy, or line by line. Nothing that was pasted is lost. */
export function MarinadeForm(page: MarinadeFormPage) {
  const { ingredients, from, edit } = page;
  const router = useRouter();
  const { style, decimalComma } = usePreferences();
  const reading = { ingredients, style, decimalComma };
  const {
    value: form,
    change,
    drop,
  } = useKept(`${KEY}.${from?.id ?? 'new'}.${edit}`, () => beginWith(page, style), {
    take: (kept) => takeKept(kept, reading),
  });
  const { problem, setProblem, busy, send, keep } = useSend();

  const readIt = async () => {
    if (!form.text.trim()) return setProblem('Paste an ingredient list first, a line for each.');
    const read = await send<ParseAnswer>('POST', '/marinades/parse', { body: { text: form.text, decimalComma } });
    if (read) change(withRead(form, read, reading));
  };

  const keepIt = async () => {
    const body = toMarinade(form, reading);
    if (typeof body === 'string') return setProblem(body);
    const kept = await keep<MarinadeResource>('/marinades', body, edit ? from : undefined);
    if (!kept) return;
    drop();
    router.push(`/marinades/${kept.id}`);
    router.refresh();
  };

  return (
    <CheckedForm
      className="mx-auto max-w-4xl px-4 py-6"
      problem={problem}
      onProblem={setProblem}
      onKeep={() => void keepIt()}
    >
      <h1>{edit ? `Change ${from?.name}` : 'A marinade of your own'}</h1>
      <Alive className="mt-4 space-y-5">
        <section className="panel space-y-2 px-5 py-4">
          <label className="block">
            <span className={LABEL_LOOK}>Paste an ingredient list, a line for each; or a recipe as JSON-LD</span>
            <textarea
              className="w-full rounded border border-grout bg-panel px-3 py-2"
              rows={5}
              maxLength={60_000}
              value={form.text}
              placeholder={'1/4 cup soy sauce\n2 cloves garlic, minced\n1 tbsp honey'}
              onChange={(event) => change({ text: event.target.value })}
            />
          </label>
          <Button look="plain" disabled={busy} onClick={() => void readIt()}>
            Read it
          </Button>
        </section>
        <Lines
          form={form}
          change={change}
          ingredients={ingredients}
          backHere={`/marinades/new${from ? `?${edit ? 'edit' : 'from'}=${from.id}` : ''}`}
        />
        <section className="panel space-y-4 px-5 py-4">
          <MarinadeFactsFields form={form} change={change} />
          <FormEnd problem={problem} busy={busy} keep="Keep it in the book" onLeave={() => router.back()} />
        </section>
      </Alive>
    </CheckedForm>
  );
}

interface LinesProps {
  form: MarinadeFields;
  change: (part: Partial<MarinadeFields>) => void;
  ingredients: MarinadeFormPage['ingredients'];
  backHere: string;
}

/** The lines, what stayed unread, and what is customary where an amount is missing. */
function Lines({ form, change, ingredients, backHere }: LinesProps) {
  const { style } = usePreferences();
  const customary = customaryFor(form.lines, ingredients, form.forMassG);
  const editLine = (at: number, part: Partial<FormLine>) =>
    change({ lines: form.lines.map((line, index) => (index === at ? { ...line, ...part } : line)) });
  const takeAllCustomary = () =>
    change({
      lines: form.lines.map((line) => {
        const massG = customary.get(line.key);
        return massG === undefined ? line : { ...line, massG, mass: formatMass(massG, style) };
      }),
    });
  return (
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
      <div className="flex flex-wrap gap-3">
        {customary.size > 1 && (
          <Button look="plain" onClick={takeAllCustomary}>
            Take all {customary.size} customary amounts
          </Button>
        )}
        <Button look="plain" onClick={() => change({ lines: [...form.lines, emptyLine()] })}>
          Add a line
        </Button>
      </div>
    </section>
  );
}
