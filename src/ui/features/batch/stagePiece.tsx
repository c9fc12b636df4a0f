'use client';

import { useMemo } from 'react';
import { LIMITS } from '@/core/batches';
import { WAYS } from '@/core/ways';
import { CUTS } from '@/core/pieces';
import { formatLength, formatMass, formatMassRange, formatNumber, massFigure } from '@/core/units';
import { fatWords, FAT_NAMES, gameWords, judgementWords, suitsLines, WAY_NAMES, WORK_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Choice } from '../../primitives/choice';
import { CutPicker } from '../../primitives/cutPicker';
import { FigureBox } from '../../primitives/figureBox';
import { InstantField } from '../../primitives/instantField';
import { Link } from '../../primitives/link';
import { CountField, LengthField, MassField, PriceField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';
import { DividePanel } from '../board/dividePanel';
import { PieceDrawing } from '../drawing/pieceDrawing';
import { ArrivalChoice } from './arrivalChoice';
import { useBatchWork } from './batchContext';
import { drawnPiece } from './drawnPiece';

const selectLook = 'condensed h-11 w-full max-w-72 rounded border border-grout bg-panel px-3 text-[17px] font-semibold';

export function StagePiece() {
  const { plan, cut } = useBatchWork();
  const { piece } = plan;
  return (
    <Alive className="space-y-5">
      <PieceDrawing
        {...drawnPiece(plan, cut)}
        cuts={false}
        describe={`The piece from above and from the side, ${Math.round(piece.lengthMm)} by ${Math.round(piece.widthMm)} by ${Math.round(piece.heightMm)} mm`}
      />
      <div className="grid gap-x-6 gap-y-4 sm:grid-cols-2">
        <WhatItIs />
        <Weights />
        <Sizes />
        <TableAndPrice />
      </div>
      <WhatComesOff />
      <DividePanel />
    </Alive>
  );
}

/** The way, the cut, the marinade and how it comes. */
function WhatItIs() {
  const { fields, cut, cuts, takeCut, marinades, change, pin } = useBatchWork();
  const all = useMemo(() => [...cuts.filter(({ own }) => own), ...CUTS], [cuts]);
  const { pins } = fields;
  return (
    <>
      <div className="sm:col-span-2">
        <div className="mb-1 text-[13px] font-medium text-muted">It becomes</div>
        <Choice
          label="It becomes"
          value={fields.way}
          options={WAYS.map((value) => ({ value, name: WAY_NAMES[value] }))}
          onChange={(way) => change({ way, pins: { ...pins, shape: undefined } })}
        />
      </div>
      <div>
        <span className="mb-1 block text-[13px] font-medium text-muted">Cut</span>
        <CutPicker label="Cut" cuts={all} value={cut} onChange={takeCut} />
        <span className="mt-1 block text-[13px] text-muted">
          {WORK_NAMES[cut.work]}, {FAT_NAMES[cut.fat]}.{' '}
          <Link className="underline underline-offset-2" href={`/cuts/${cut.id}`}>
            All about it
          </Link>
        </span>
      </div>
      <label className="block">
        <span className="mb-1 block text-[13px] font-medium text-muted">Marinade</span>
        <select
          className={selectLook}
          value={fields.marinadeId}
          onChange={(event) => change({ marinadeId: event.target.value })}
        >
          {marinades.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </select>
      </label>
      <div className="sm:col-span-2">
        <div className="mb-1 text-[13px] font-medium text-muted">It comes</div>
        <ArrivalChoice cut={cut} pins={pins} onPins={pin} />
      </div>
    </>
  );
}

/** As bought, trimmed, without the bones. */
function Weights() {
  const { fields, plan, change, pin } = useBatchWork();
  const { style } = usePreferences();
  const { pins } = fields;
  const { piece } = plan;
  return (
    <>
      <MassField
        label={pins.readyToCut ? 'Weight, ready to cut' : 'Weight as bought'}
        value={fields.massG}
        {...LIMITS.massG}
        onChange={(massG) => change({ massG })}
      />
      <MassField
        label="Weight after trimming"
        value={piece.trimmedG}
        {...LIMITS.massG}
        pinned={pins.trimmedG !== undefined}
        onUnpin={() => pin({ trimmedG: undefined })}
        onChange={(trimmedG) => pin({ trimmedG })}
        hint={
          pins.trimmedG === undefined
            ? pins.readyToCut
              ? 'all of it: nothing comes off'
              : 'expected; weigh it and type it in'
            : undefined
        }
      />
      {piece.boneG && (
        <MassField
          label="Bones, weighed"
          value={(piece.boneG.from + piece.boneG.to) / 2}
          {...LIMITS.boneG}
          pinned={pins.boneG !== undefined}
          onUnpin={() => pin({ boneG: undefined })}
          onChange={(boneG) => pin({ boneG })}
          hint={
            piece.boneG.weighed
              ? `${formatMass(piece.meatG, style)} is meat`
              : `${formatMassRange(piece.boneG, style)} is usual; weigh them afterwards`
          }
        />
      )}
    </>
  );
}

/** Height, count, length and width of one piece. */
function Sizes() {
  const { fields, plan, change, pin } = useBatchWork();
  const { pins } = fields;
  const { piece } = plan;
  const own = pins.lengthMm !== undefined && pins.widthMm !== undefined;
  return (
    <>
      <LengthField
        label="How tall it lies"
        value={fields.heightMm}
        {...LIMITS.heightMm}
        onChange={(heightMm) => change({ heightMm })}
      />
      <CountField
        label="Pieces"
        unit="pieces"
        value={piece.pieces}
        {...LIMITS.pieces}
        pinned={pins.pieces !== undefined}
        onUnpin={() => pin({ pieces: undefined })}
        onChange={(pieces) => pin({ pieces })}
        hint={pins.pieces === undefined ? 'as usual for this weight; sizes are of one' : 'sizes are of one'}
      />
      <LengthField
        label="Length"
        value={piece.lengthMm}
        {...LIMITS.sideMm}
        step={5}
        pinned={pins.lengthMm !== undefined}
        onUnpin={() => pin({ lengthMm: undefined })}
        onChange={(lengthMm) => pin({ lengthMm })}
        hint={pins.lengthMm === undefined ? 'follows from the weight' : undefined}
      />
      <LengthField
        label="Width"
        value={piece.widthMm}
        {...LIMITS.sideMm}
        step={5}
        pinned={pins.widthMm !== undefined}
        onUnpin={() => pin({ widthMm: undefined })}
        onChange={(widthMm) => pin({ widthMm })}
        hint={
          pins.widthMm === undefined
            ? 'follows from the weight'
            : own
              ? 'measured; weight and size need not agree'
              : undefined
        }
      />
    </>
  );
}

/** For how many, when, and what it cost. */
function TableAndPrice() {
  const { fields, zone, currency, change, pin } = useBatchWork();
  return (
    <>
      <CountField
        label="People"
        unit="people"
        value={fields.people}
        {...LIMITS.people}
        onChange={(people) => change({ people })}
      />
      <InstantField
        label="On the table"
        instantMs={Date.parse(fields.tableAt)}
        zone={zone}
        onChange={(instantMs) => change({ tableAt: new Date(instantMs).toISOString() })}
        hint={`kitchen clock, ${zone}`}
      />
      <PriceField
        label="Price as bought"
        currency={currency}
        valuePerKg={fields.pins.pricePerKg}
        onChange={(pricePerKg) => pin({ pricePerKg })}
      />
    </>
  );
}

/** Trim and fat, in words. */
function WhatComesOff() {
  const { fields, plan, cut } = useBatchWork();
  const { style } = usePreferences();
  const { piece } = plan;
  return (
    <section className="panel px-4 py-3">
      <h3>What comes off</h3>
      <p className="mt-1">
        {cut.trim} {fatWords(cut, fields.way)}
        {/silver skin/i.test(cut.trim) ? '' : ' Silver skin never softens: it always comes off.'}
      </p>
      <p className="mt-1 text-muted">
        {formatMassRange(piece.trimLossG, style)} usually comes off.
        {cut.seams
          ? ' Several muscles meet here: part it along the seams, so that the fibres of each part run one way.'
          : ''}
      </p>
    </section>
  );
}

export function PieceFigures() {
  const { plan, fields, cut, currency } = useBatchWork();
  const { style } = usePreferences();
  const { piece } = plan;
  const judgement = judgementWords(plan.tenderize.judgement, style);
  const us = style.system === 'us';
  const money = (value: number) => new Intl.NumberFormat(style.locale, { style: 'currency', currency }).format(value);
  const suits = suitsLines(cut);
  const game = gameWords(cut.animal, style);
  return (
    <>
      <FigureBox
        label="After trimming"
        figure={massFigure(piece.trimmedG, style)}
        size="huge"
        note="every dose that follows uses this weight"
      />
      <FigureBox
        label="Raw, each"
        figure={massFigure(piece.perPersonG, style)}
        note={`${fields.people} ${fields.people === 1 ? 'person' : 'people'}, ${cut.name}`}
      />
      {piece.pricePerTrimmedKg !== undefined && (
        <FigureBox
          label="Trimmed, it costs"
          figure={{ value: money(piece.pricePerTrimmedKg * (us ? 0.45359237 : 1)), unit: us ? 'a lb' : 'a kg' }}
          note={`${money(piece.pricePerPerson!)} a person`}
        />
      )}
      <section className="rounded border border-grout bg-panel px-3.5 py-3">
        <h3>Tenderize it?</h3>
        <p className="mt-1">
          <strong>{judgement.answer}.</strong> {judgement.reason}
        </p>
        {judgement.changes.length > 0 && (
          <p className="mt-1 text-[14px] text-muted">What would change that: {judgement.changes.join('; ')}.</p>
        )}
      </section>
      <section className="rounded border border-grout bg-panel px-3.5 py-3 text-[14px]">
        <h3>It suits</h3>
        <ul className="mt-1 space-y-0.5">
          {suits.map(({ way, because }) => (
            <li key={way}>
              <strong>{way}:</strong> {because}
            </li>
          ))}
        </ul>
        <p className="mt-1 text-muted">
          Fibres usually run {cut.grainDeg === 0 ? 'along' : `${formatNumber(cut.grainDeg, style.locale)}° from`} the
          length of the piece, {formatLength(piece.lengthMm, style)}; yours may differ.
        </p>
        {game && <p className="mt-1 text-muted">{game}</p>}
      </section>
    </>
  );
}
