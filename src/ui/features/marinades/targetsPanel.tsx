'use client';

import {
  ALLERGENS,
  hasStandIn,
  saltLanding,
  substitute,
  USUAL_WATER_FRACTION,
  type Allergen,
  type Ingredient,
  type MarinadeLine,
  type Wish,
} from '@/core/marinades';
import { formatNumber } from '@/core/units';
import { ALLERGEN_NAMES, saltBand } from '@/core/words';
import { Slider } from '../../primitives/slider';
import { usePreferences } from '../../shell/preferences';
import { Tick } from '../../primitives/plainFields';

export interface Targets extends Wish {
  saltPercent?: number;
  sugarPercent?: number;
}

interface Props {
  /** As it is written for this weight. */
  written: readonly MarinadeLine[];
  /** As it is now. */
  lines: readonly MarinadeLine[];
  ingredients: readonly Ingredient[];
  meatG: number;
  holdBackShare: number;
  targets: Targets;
  onChange: (targets: Targets) => void;
}

/** What the mix should land at, and what should not be in it. */
export function TargetsPanel({ written, lines, ingredients, meatG, holdBackShare, targets, onChange }: Props) {
  const { style } = usePreferences();
  const figure = (value: number) => ({ value: formatNumber(value, style.locale, 2), unit: '%' });
  const salt =
    targets.saltPercent ?? saltLanding(lines, { meatG, meatWaterFraction: USUAL_WATER_FRACTION, holdBackShare });
  const sugar =
    targets.sugarPercent ??
    (100 * lines.reduce((sum, { ingredient, massG }) => sum + massG * ingredient.sugarFraction, 0)) / meatG;
  const { changes, left } = substitute(written, targets, ingredients);
  return (
    <section className="panel space-y-4 px-4 py-3" aria-label="Make it yours">
      <h2 className="text-[18px]">Make it yours</h2>
      <div className="grid gap-x-8 gap-y-3 md:grid-cols-2">
        <Slider
          label="Salt in the meat, in the end"
          value={salt}
          figure={figure(salt)}
          min={0.3}
          max={2.2}
          step={0.05}
          onChange={(saltPercent) => onChange({ ...targets, saltPercent: Math.round(saltPercent * 100) / 100 })}
          band={saltBand(style)}
          pinned={targets.saltPercent !== undefined}
          onUnpin={() => onChange({ ...targets, saltPercent: undefined })}
        />
        <Slider
          label="Sugar, of the meat"
          value={sugar}
          figure={figure(sugar)}
          min={0}
          max={10}
          step={0.1}
          onChange={(sugarPercent) => onChange({ ...targets, sugarPercent: Math.round(sugarPercent * 100) / 100 })}
          ends={['none', 'sweet']}
          pinned={targets.sugarPercent !== undefined}
          onUnpin={() => onChange({ ...targets, sugarPercent: undefined })}
        />
      </div>
      <Without written={written} targets={targets} onChange={onChange} />
      <Lacking written={written} targets={targets} onChange={onChange} />
      {(changes.length > 0 || left.length > 0) && <StandIns changes={changes} left={left} />}
    </section>
  );
}

type PartProps = Pick<Props, 'written' | 'targets' | 'onChange'>;

/** Allergens, alcohol and salt to do without. */
function Without({ written, targets, onChange }: PartProps) {
  const inIt = ALLERGENS.filter(
    (one) => targets.without?.includes(one) || written.some(({ ingredient }) => ingredient.allergens.includes(one)),
  );
  const hasAlcohol = targets.noAlcohol || written.some(({ ingredient }) => ingredient.alcohol);
  const toggle = (one: Allergen) =>
    onChange({
      ...targets,
      without: targets.without?.includes(one)
        ? targets.without.filter((other) => other !== one)
        : [...(targets.without ?? []), one],
    });
  return (
    <fieldset>
      <legend className="mb-1 text-[13px] font-medium text-muted">Without</legend>
      <div className="flex flex-wrap gap-2">
        {inIt.map((one) => (
          <Tick key={one} checked={targets.without?.includes(one) ?? false} onChange={() => toggle(one)}>
            {ALLERGEN_NAMES[one]}
          </Tick>
        ))}
        {hasAlcohol && (
          <Tick checked={targets.noAlcohol ?? false} onChange={(noAlcohol) => onChange({ ...targets, noAlcohol })}>
            alcohol
          </Tick>
        )}
        <Tick checked={targets.lowSodium ?? false} onChange={(lowSodium) => onChange({ ...targets, lowSodium })}>
          so much salt (reduced-salt sauces)
        </Tick>
      </div>
    </fieldset>
  );
}

/** What the cook has not got. */
function Lacking({ written, targets, onChange }: PartProps) {
  const lackable = written.filter(({ ingredient: { id } }) => hasStandIn(id) && !targets.lacking?.includes(id));
  const nameOf = (id: string) => written.find(({ ingredient }) => ingredient.id === id)?.ingredient.name ?? id;
  return (
    <div className="flex flex-wrap items-center gap-2 text-[14px]">
      {targets.lacking?.map((id) => (
        <button
          key={id}
          type="button"
          className="min-h-10 rounded border border-enamel bg-enamel-tint px-3"
          onClick={() => onChange({ ...targets, lacking: targets.lacking?.filter((one) => one !== id) })}
        >
          no {nameOf(id).toLowerCase()} <span aria-hidden="true">×</span>
          <span className="sr-only">, take it back</span>
        </button>
      ))}
      {lackable.length > 0 && (
        <label className="flex items-center gap-2">
          I have no
          <select
            className="h-10 rounded border border-grout bg-panel px-2"
            value=""
            onChange={(event) => onChange({ ...targets, lacking: [...(targets.lacking ?? []), event.target.value] })}
          >
            <option value="">–</option>
            {lackable.map(({ ingredient }) => (
              <option key={ingredient.id} value={ingredient.id}>
                {ingredient.name}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}

/** What stands in for what, and what nothing stands in for. */
function StandIns({ changes, left }: Pick<ReturnType<typeof substitute>, 'changes' | 'left'>) {
  return (
    <ul role="status" className="space-y-1 text-[14px]">
      {changes.map(({ from, to, effect }) => (
        <li key={from}>
          <strong>{from}</strong> gives place to {to.length ? to.join(', ').toLowerCase() : 'nothing'}: {effect}.
        </li>
      ))}
      {changes.length > 0 && (
        <li className="text-muted">Makers differ, of tamari too: check the label of each stand-in.</li>
      )}
      {left.map((name) => (
        <li key={name} className="font-medium text-ox">
          {name} has no stand-in here and stays.
        </li>
      ))}
    </ul>
  );
}
