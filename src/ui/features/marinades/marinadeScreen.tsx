'use client';

import Link from 'next/link';
import { useState } from 'react';
import type { MarinadePage } from '@/contract/views';
import { LIMITS } from '@/core/batches';
import { measureIngredient, scaleMarinade } from '@/core/marinades';
import { formatDuration, formatMass, formatNumber, massFigure } from '@/core/units';
import { ALLERGEN_NAMES, GUIDANCE_LINE, listOf, WAY_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { FigureBox } from '../../primitives/figureBox';
import { MassField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';
import { LineTable } from './lineTable';

/** One marinade of the book, scaled to any weight of trimmed meat. */
export function MarinadeScreen({ resource, marinade, measures }: MarinadePage) {
  const { style } = usePreferences();
  const [meatG, setMeatG] = useState(resource.forMassG);
  const scaled = scaleMarinade(marinade, meatG);
  const measured = scaled.lines.map(({ ingredient, massG }) => measureIngredient(ingredient, massG, measures));
  const { allergens, alcohol, glutamate } = scaled.whole;
  const plain = [alcohol && 'alcohol', glutamate && 'glutamate'].filter((word): word is string => typeof word === 'string');
  return (
    <div className="mx-auto grid max-w-6xl gap-x-8 gap-y-6 px-4 py-6 wide:grid-cols-[minmax(0,1fr)_300px] wide:px-6">
      <div className="min-w-0">
        <Link href="/marinades" className="no-print text-[14px] text-muted underline underline-offset-4">All marinades</Link>
        <h1 className="mt-1 break-words">{resource.name}</h1>
        {resource.note && <p className="mt-2 max-w-prose break-words text-muted">{resource.note}</p>}
        <Alive className="mt-5">
          <MassField label="For this much trimmed meat" value={meatG} {...LIMITS.massG} onChange={setMeatG} hint={meatG === resource.forMassG ? 'as it is written' : `written for ${formatMass(resource.forMassG, style)}`} />
        </Alive>
        {scaled.heldBackG > 0 && <p className="mt-5 rounded border border-brass-line bg-brass-tint px-3 py-2.5"><strong>Hold back {formatMass(scaled.heldBackG, style)} before mixing</strong>{resource.holdBackFor ? `, for ${resource.holdBackFor}` : ''}. What never touched raw meat can be served.</p>}
        <div className="mt-3"><LineTable lines={scaled.lines} measured={measured} /></div>
        <p className="mt-3 text-[13px] text-muted">In the order of adding: starch next to last, oil last. A measure that is off by more than 5 % says so.</p>
      </div>
      <aside className="panel space-y-2.5 self-start p-4">
        <FigureBox label="Mixture" size="huge" figure={massFigure(scaled.whole.massG, style)} note={`for ${formatMass(meatG, style)} of meat`} />
        <div className="grid grid-cols-2 gap-2.5">
          <FigureBox label="Salt in it" figure={massFigure(scaled.whole.saltG, style)} note={`${formatNumber((100 * scaled.whole.saltG) / meatG, style.locale, 1)} % of the meat`} />
          <FigureBox label="Sugar in it" figure={massFigure(scaled.whole.sugarG, style)} />
        </div>
        <FigureBox label="Customary time" figure={{ value: `${formatDuration(resource.minutes.from)} – ${formatDuration(resource.minutes.to)}`, unit: '' }} note={resource.ways.map((way) => WAY_NAMES[way]).join(', ')} />
        <div className="rounded border border-brass-line bg-brass-tint px-3 py-2.5 text-[14px]">
          <strong>{allergens.length ? `Contains ${listOf(allergens.map((one) => ALLERGEN_NAMES[one]))}.` : 'No listed allergen.'}</strong> {plain.length > 0 && `Also ${listOf(plain)}. `}Check the labels of what you pour.
        </div>
        <p className="text-[12px] text-muted">{GUIDANCE_LINE}</p>
      </aside>
    </div>
  );
}
