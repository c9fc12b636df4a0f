'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import type { MarinadeResource } from '@/contract/resources';
import type { MarinadeWork } from '@/contract/views';
import {
  coolingMinutes,
  findIngredient,
  measureLine,
  notEatenRaw,
  scaleMarinade,
  solveSalt,
  solveSugar,
  substitute,
  USUAL_WATER_FRACTION,
  type CoolingPlace,
  type Ingredient,
  type Marinade,
  type MarinadeLine,
  type Solved,
} from '@/core/marinades';
import { formatDuration, formatMass, formatNumber, massFigure } from '@/core/units';
import { allergenWords, GUIDANCE_LINE, listOf, orderWords, USE_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Button } from '../../primitives/button';
import { buttonLook } from '../../primitives/buttonLook';
import { FigureBox } from '../../primitives/figureBox';
import { Link } from '../../primitives/link';
import { postOnce } from '../../shell/tryOnce';
import { usePreferences } from '../../shell/preferences';
import { callApi } from '../../shell/api';
import { useToast } from '../../shell/toast';
import { usePutAway } from '../../shell/usePutAway';
import { LineTable } from './lineTable';
import { ScaleField } from './scaleField';
import { TargetsPanel, type Targets } from './targetsPanel';

/** The mix as it is written, without what is not wanted, sweetened and salted as asked; what cannot be reached stays as it was, and says so. */
function workOut(
  marinade: Marinade,
  meatG: number,
  ingredients: readonly Ingredient[],
  { saltPercent, sugarPercent, ...wish }: Targets,
): { lines: MarinadeLine[]; problem?: string } {
  const meat = { meatG, meatWaterFraction: USUAL_WATER_FRACTION, holdBackShare: marinade.holdBackShare };
  let { lines } = substitute(scaleMarinade(marinade, meatG).lines, wish, ingredients);
  const problems: string[] = [];
  const take = (solved: Solved, what: string) => {
    if (solved.ok) lines = solved.lines;
    else
      problems.push(
        `${what} can be from ${Math.ceil(solved.from * 100) / 100} to ${Math.floor(solved.to * 100) / 100} % with these ingredients.`,
      );
  };
  if (sugarPercent !== undefined)
    take(
      solveSugar(lines, meat, { targetPercent: sugarPercent, sugar: findIngredient('sugar', ingredients)! }),
      'Sugar',
    );
  if (saltPercent !== undefined)
    take(
      solveSalt(lines, meat, { targetPercent: saltPercent, salt: findIngredient('salt-fine', ingredients)! }),
      'Salt',
    );
  return { lines, ...(problems.length ? { problem: problems.join(' ') } : {}) };
}

/** One marinade of the book, scaled to any weight of trimmed meat and made one's own. */
export function MarinadeScreen({ resource, marinade, measures, ingredients }: MarinadeWork) {
  const [meatG, setMeatG] = useState(resource.forMassG);
  const [targets, setTargets] = useState<Targets>({});
  const { lines, problem } = useMemo(
    () => workOut(marinade, meatG, ingredients, targets),
    [marinade, meatG, ingredients, targets],
  );
  const scaled = scaleMarinade({ ...marinade, forMassG: meatG, lines }, meatG);
  const written = useMemo(() => scaleMarinade(marinade, meatG).lines, [marinade, meatG]);
  const changed = Object.values(targets).some(
    (value) => value !== undefined && value !== false && !(Array.isArray(value) && value.length === 0),
  );

  const measured = scaled.lines.map((line) => measureLine(line, measures));
  const mixMl = measured.reduce((sum, { volumeMl }) => sum + volumeMl, 0);
  return (
    <div className="mx-auto grid max-w-6xl gap-x-8 gap-y-6 px-4 py-6 wide:grid-cols-[minmax(0,1fr)_300px] wide:px-6">
      <div className="min-w-0">
        <Link href="/marinades" className="no-print text-[14px] text-muted underline underline-offset-4">
          All marinades
        </Link>
        <h1 className="mt-1 wrap-anywhere">{resource.name}</h1>
        {resource.note && <p className="mt-2 max-w-prose wrap-anywhere text-muted">{resource.note}</p>}
        <Alive className="mt-5">
          <ScaleField meatG={meatG} onChange={setMeatG} writtenForG={resource.forMassG} mixMlPerMeatG={mixMl / meatG} />
        </Alive>
        <MixNotes resource={resource} scaled={scaled} />
        <div className="mt-3">
          <LineTable lines={scaled.lines} measured={measured} unread={resource.unread} />
        </div>
        <p className="mt-3 text-[13px] text-muted">
          In the order of adding. {orderWords(scaled.lines)} A measure that is off by more than 5 % says so.
        </p>
        <Alive className="no-print mt-5">
          <TargetsPanel
            written={written}
            lines={lines}
            ingredients={ingredients}
            meatG={meatG}
            holdBackShare={marinade.holdBackShare}
            targets={targets}
            onChange={setTargets}
          />
        </Alive>
        {problem && (
          <p role="alert" className="mt-3 font-medium text-ox">
            {problem}
          </p>
        )}
        <Actions resource={resource} mine={changed ? { meatG, lines } : undefined} />
      </div>
      <Summary resource={resource} whole={scaled.whole} meatG={meatG} />
    </div>
  );
}

type Scaled = ReturnType<typeof scaleMarinade>;

/** What is done before mixing: held back, simmered and cooled. */
function MixNotes({ resource, scaled }: { resource: MarinadeResource; scaled: Scaled }) {
  const { style } = usePreferences();
  const cooling = (place: CoolingPlace) => {
    const { from, to } = coolingMinutes({ massG: scaled.whole.massG, place });
    return `${formatDuration(from)} to ${formatDuration(to)}`;
  };
  return (
    <>
      {scaled.heldBackG > 0 && (
        <p className="mt-5 rounded border border-brass-line bg-brass-tint px-3 py-2.5">
          <strong>Hold back {formatMass(scaled.heldBackG, style)} before mixing</strong>
          {resource.holdBackFor ? `, for ${resource.holdBackFor}` : ''}.{' '}
          {notEatenRaw(scaled.lines)
            ? 'Raw egg or flour is in it: cook it through before it is served.'
            : 'What never touched raw meat can be served.'}
        </p>
      )}
      {resource.heated && (
        <p className="mt-3 rounded border border-brass-line bg-brass-tint px-3 py-2.5">
          <strong>Simmer it, then let it cool:</strong> {cooling('ice-bath')} in iced water, {cooling('bench')} on the
          counter, before it meets raw meat. Starch, oil and fresh fruit go in cold. An estimate.
        </p>
      )}
    </>
  );
}

interface Mine {
  meatG: number;
  lines: readonly MarinadeLine[];
}

interface ActionsProps {
  resource: MarinadeResource;
  /** The mix as it was made one's own, where it was. */
  mine?: Mine;
}

/** What can be done with a marinade of the book. */
function Actions({ resource, mine }: ActionsProps) {
  const router = useRouter();
  const toast = useToast();
  const putAway = usePutAway();
  const here = `/marinades/${resource.id}`;
  const keepAsNew = async (mine: Mine) => {
    const { name, note, ways, minutes, holdBackShare, holdBackFor, heated, oilFirst } = resource;
    const body = {
      name: `${name}, ours`.slice(0, 120),
      note,
      ways,
      minutes,
      holdBackShare,
      ...(holdBackFor ? { holdBackFor } : {}),
      heated,
      oilFirst,
      forMassG: mine.meatG,
      lines: mine.lines.map(({ ingredient, massG, note: lineNote = '', said = '' }) => ({
        ingredientId: ingredient.id,
        massG,
        note: lineNote,
        said,
      })),
    };
    const result = await postOnce<MarinadeResource>('/marinades', body);
    if (!result.ok) return toast({ text: `${result.problem.title} ${result.problem.detail ?? ''}` });
    router.push(`/marinades/${result.data.id}`);
    toast({
      text: 'Kept in the book.',
      action: {
        label: 'Undo',
        run: () => void callApi('DELETE', `/marinades/${result.data.id}`).then(() => router.push(here)),
      },
    });
  };
  const remove = () =>
    putAway({ path: here, said: `${resource.name} was put away.`, goTo: { then: '/marinades', back: here } });
  return (
    <div className="no-print mt-4 flex flex-wrap items-center gap-3">
      {mine && <Button onClick={() => void keepAsNew(mine)}>Keep it as a new one</Button>}
      <Link href={`/marinades/new?edit=${resource.id}`} className={buttonLook('plain')}>
        Change it
      </Link>
      <Link href={`/marinades/new?from=${resource.id}`} className={buttonLook('plain')}>
        Copy it
      </Link>
      <a
        href={`/api/v1/marinades/${resource.id}/recipe`}
        download={`${resource.name}.jsonld`}
        className={buttonLook('quiet')}
      >
        Recipe file
      </a>
      <a
        href={`/api/v1/marinades/${resource.id}/markdown`}
        download={`${resource.name}.md`}
        className={buttonLook('quiet')}
      >
        As text
      </a>
      <Button look="quiet" onClick={() => void remove()}>
        Put it away
      </Button>
    </div>
  );
}

interface SummaryProps {
  resource: MarinadeResource;
  whole: Scaled['whole'];
  meatG: number;
}

/** The mix in figures, its customary time and what is in it. */
function Summary({ resource, whole, meatG }: SummaryProps) {
  const { style } = usePreferences();
  const { allergens, alcohol, glutamate } = whole;
  const plain = [alcohol && 'alcohol', glutamate && 'glutamate'].filter(
    (word): word is string => typeof word === 'string',
  );
  return (
    <aside className="panel space-y-2.5 self-start p-4">
      <FigureBox
        label="Mixture"
        size="huge"
        figure={massFigure(whole.massG, style)}
        note={`for ${formatMass(meatG, style)} of meat`}
      />
      <div className="grid grid-cols-2 gap-2.5">
        <FigureBox
          label="Salt in it"
          figure={massFigure(whole.saltG, style)}
          note={`${formatNumber((100 * whole.saltG) / meatG, style.locale, 1)} % of the meat`}
        />
        <FigureBox label="Sugar in it" figure={massFigure(whole.sugarG, style)} />
      </div>
      <FigureBox
        label="Customary time"
        figure={{
          value: `${formatDuration(resource.minutes.from)} – ${formatDuration(resource.minutes.to)}`,
          unit: '',
        }}
        note={resource.ways.map((way) => USE_NAMES[way]).join(' · ')}
      />
      <div className="rounded border border-brass-line bg-brass-tint px-3 py-2.5 text-[14px]">
        <strong>{allergenWords({ allergens, unread: resource.unread })}.</strong>{' '}
        {plain.length > 0 && `Also ${listOf(plain)}. `}Check the labels of what you pour.
      </div>
      <p className="text-[12px] text-muted">{GUIDANCE_LINE}</p>
    </aside>
  );
}
