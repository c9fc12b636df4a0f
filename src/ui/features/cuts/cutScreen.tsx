'use client';

import type { CutResource } from '@/contract/resources';
import { freezingPointRangeC, isPoultry } from '@/core/pieces';
import { minimumTemperature } from '@/core/safety';
import { formatLength, formatMass, formatNumber, formatTemperature, type FormatStyle } from '@/core/units';
import { ANIMAL_NAMES, FAT_NAMES, FORM_NAMES, gameWords, GUIDANCE_LINE, suitsLines, WORK_NAMES } from '@/core/words';
import { Button } from '../../primitives/button';
import { buttonLook } from '../../primitives/buttonLook';
import { Link } from '../../primitives/link';
import { usePreferences } from '../../shell/preferences';
import { PieceDrawing } from '../drawing/pieceDrawing';
import { usePutAway } from '../../shell/usePutAway';

/** What is known of a cut, in rows of name and words. */
function factsOf(cut: CutResource, style: FormatStyle): [string, string][] {
  const percent = (share: number) => `${formatNumber(share * 100, style.locale, 1)} %`;
  const us = style.system === 'us';
  const degrees = (tempC: number) =>
    `${formatNumber(us ? tempC * 1.8 + 32 : tempC, style.locale, 1)} ${us ? '°F' : '°C'}`;
  const freezing = freezingPointRangeC(cut.animal);
  const { tempC, restMin } = minimumTemperature(cut.animal, { treatment: 'whole', backInThePan: false });
  return [
    ['Muscle', WORK_NAMES[cut.work]],
    ['Fat', FAT_NAMES[cut.fat]],
    [
      'As sold',
      `${FORM_NAMES[cut.form]}, about ${formatMass(cut.usualMassG, style)}, ${formatLength(cut.usualHeightMm, style)} tall`,
    ],
    [
      'Fibres',
      `usually ${cut.grainDeg === 0 ? 'along the length' : `${formatNumber(cut.grainDeg, style.locale)}° from the length`}${cut.seams ? '; several muscles meet, each with its own direction' : ''}; a piece may differ`,
    ],
    ['Trimming', `${cut.trim} ${percent(cut.trimLoss.from)} to ${percent(cut.trimLoss.to)} usually comes off.`],
    [
      'Composition',
      `water ${percent(cut.composition.water)}, protein ${percent(cut.composition.protein)}, fat ${percent(cut.composition.fat)}; typical, pieces differ`,
    ],
    [
      'Begins to freeze',
      `near ${degrees(cut.freezingPointC)}; sources say ${degrees(freezing.to)} to ${degrees(freezing.from)}, and at the cold end the freezer takes longer`,
    ],
    [
      'To the centre',
      `${formatTemperature(tempC, style)}${restMin ? ` and ${restMin} min rest` : ''}${isPoultry(cut.animal) ? ', never pink' : ''}`,
    ],
  ];
}

/** All that is known of one cut. */
export function CutScreen({ cut }: { cut: CutResource }) {
  const { style } = usePreferences();
  const game = gameWords(cut.animal, style);
  const widthMm = Math.sqrt(cut.usualMassG / 1.055e-3 / cut.usualHeightMm / cut.lengthToWidth);

  return (
    <div className="mx-auto max-w-5xl px-4 py-6">
      <p className="text-[14px]">
        <Link href="/cuts" className="underline underline-offset-4">
          Cuts
        </Link>{' '}
        · {ANIMAL_NAMES[cut.animal]}
      </p>
      <h1 className="mt-1 wrap-anywhere">{cut.name}</h1>
      {cut.otherNames.length > 0 && <p className="mt-1 text-muted">also {cut.otherNames.join(', ')}</p>}
      <CutActions cut={cut} />
      <div className="mt-5 grid items-start gap-6 md:grid-cols-[1.3fr_1fr]">
        <dl className="panel divide-y divide-grout-soft px-4">
          {factsOf(cut, style).map(([name, text]) => (
            <div key={name} className="grid grid-cols-[7.5rem_1fr] gap-3 py-2">
              <dt className="text-muted">{name}</dt>
              <dd>{text}</dd>
            </div>
          ))}
        </dl>
        <div className="space-y-4">
          <PieceDrawing
            animal={cut.animal}
            shape="ribbons"
            lengthMm={widthMm * cut.lengthToWidth}
            widthMm={widthMm}
            heightMm={cut.usualHeightMm}
            thicknessMm={4}
            yawDeg={cut.grainDeg}
            bevelDeg={0}
            grainDeg={cut.grainDeg}
            grainPitchDeg={0}
            cuts={false}
            describe={`${cut.name} from above and from the side, with its fibres`}
          />
          <section className="panel px-4 py-3">
            <h2 className="text-[18px]">It suits</h2>
            <ul className="mt-1 space-y-1">
              {suitsLines(cut).map(({ way, because }) => (
                <li key={way}>
                  <strong>{way}:</strong> {because}
                </li>
              ))}
            </ul>
            {Object.keys(cut.suits).length === 0 && <p className="text-muted">Nothing said.</p>}
          </section>
          {game && (
            <p className="rounded border border-brass-line bg-brass-tint px-4 py-3 text-[14px]">
              <strong>Game.</strong> {game}
            </p>
          )}
          <p className="text-[12px] text-muted">{GUIDANCE_LINE}</p>
        </div>
      </div>
    </div>
  );
}

/** Plan with it, make one from it, change it, put it away. */
function CutActions({ cut }: { cut: CutResource }) {
  const putAway = usePutAway();
  const remove = () =>
    putAway({
      path: `/cuts/${cut.id}`,
      said: `${cut.name} was put away.`,
      goTo: { then: '/cuts', back: `/cuts/${cut.id}` },
    });
  return (
    <div className="mt-4 flex flex-wrap gap-3">
      <Link href={`/batches/new?cut=${cut.id}`} className={buttonLook()}>
        Plan a batch of it
      </Link>
      <Link href={`/cuts/new?from=${cut.id}`} className={buttonLook('plain')}>
        Make your own from it
      </Link>
      {cut.own && (
        <Link href={`/cuts/new?edit=${cut.id}`} className={buttonLook('plain')}>
          Change it
        </Link>
      )}
      {cut.own && (
        <Button look="quiet" onClick={() => void remove()}>
          Put it away
        </Button>
      )}
    </div>
  );
}
