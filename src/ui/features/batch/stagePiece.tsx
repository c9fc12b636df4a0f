'use client';

import { LIMITS } from '@/core/batches';
import { WAYS } from '@/core/cooking';
import { ANIMALS, CUTS } from '@/core/pieces';
import { fromFieldValue, toFieldValue } from '@/core/times';
import { formatMass, massFigure } from '@/core/units';
import { ANIMAL_NAMES, WAY_NAMES, WORK_NAMES } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { Choice } from '../../primitives/choice';
import { FigureBox } from '../../primitives/figureBox';
import { CountField, LengthField, MassField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';
import { PieceDrawing } from '../drawing/pieceDrawing';
import { useBatchWork } from './batchContext';
import { drawnPiece } from './drawnPiece';

const selectLook = 'condensed h-11 w-full max-w-72 rounded border border-grout bg-panel px-3 text-[17px] font-semibold';

export function StagePiece() {
  const { fields, plan, cut, marinades, zone, change, pin } = useBatchWork();
  const { style } = usePreferences();
  const { pins } = fields;
  return (
    <Alive className="space-y-5">
      <PieceDrawing {...drawnPiece(plan, cut)} cuts={false} describe={`The piece from above and from the side, ${Math.round(plan.piece.lengthMm)} by ${Math.round(plan.piece.widthMm)} by ${Math.round(plan.piece.heightMm)} mm`} />
      <div className="grid gap-x-6 gap-y-4 sm:grid-cols-2">
        <div className="sm:col-span-2">
          <div className="mb-1 text-[13px] font-medium text-muted">It becomes</div>
          <Choice label="It becomes" value={fields.way} options={WAYS.map((value) => ({ value, name: WAY_NAMES[value] }))} onChange={(way) => change({ way })} />
        </div>
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">Cut</span>
          <select className={selectLook} value={fields.cutId} onChange={(event) => change({ cutId: event.target.value })}>
            {ANIMALS.map((animal) => (
              <optgroup key={animal} label={ANIMAL_NAMES[animal]}>
                {CUTS.filter((one) => one.animal === animal).map((one) => <option key={one.id} value={one.id}>{one.name}</option>)}
              </optgroup>
            ))}
          </select>
          <span className="mt-1 block text-[13px] text-muted">{WORK_NAMES[cut.work]}</span>
        </label>
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">Marinade</span>
          <select className={selectLook} value={fields.marinadeId} onChange={(event) => change({ marinadeId: event.target.value })}>
            {marinades.map((one) => <option key={one.id} value={one.id}>{one.name}</option>)}
          </select>
        </label>
        <MassField label="Weight as bought" value={fields.massG} {...LIMITS.massG} onChange={(massG) => change({ massG })} />
        <MassField
          label="Weight after trimming" value={plan.piece.trimmedG} {...LIMITS.massG} pinned={pins.trimmedG !== undefined} onUnpin={() => pin({ trimmedG: undefined })} onChange={(trimmedG) => pin({ trimmedG })}
          hint={pins.trimmedG === undefined ? 'expected; weigh it and type it in' : undefined}
        />
        <LengthField label="How tall it lies" value={fields.heightMm} {...LIMITS.heightMm} onChange={(heightMm) => change({ heightMm })} />
        <LengthField label="Length" value={plan.piece.lengthMm} {...LIMITS.sideMm} step={5} pinned={pins.lengthMm !== undefined} onUnpin={() => pin({ lengthMm: undefined })} onChange={(lengthMm) => pin({ lengthMm })} hint={pins.lengthMm === undefined ? 'follows from the weight' : undefined} />
        <LengthField label="Width" value={plan.piece.widthMm} {...LIMITS.sideMm} step={5} pinned={pins.widthMm !== undefined} onUnpin={() => pin({ widthMm: undefined })} onChange={(widthMm) => pin({ widthMm })} hint={pins.widthMm === undefined ? 'follows from the weight' : undefined} />
        <CountField label="People" unit="people" value={fields.people} {...LIMITS.people} onChange={(people) => change({ people })} />
        <label className="block">
          <span className="mb-1 block text-[13px] font-medium text-muted">On the table</span>
          <input
            type="datetime-local" className={selectLook} value={toFieldValue(Date.parse(fields.tableAt), zone)}
            onChange={(event) => {
              const instantMs = fromFieldValue(event.target.value, zone);
              if (instantMs !== undefined) change({ tableAt: new Date(instantMs).toISOString() });
            }}
          />
          <span className="mt-1 block text-[13px] text-muted">kitchen clock, {zone}</span>
        </label>
      </div>
      <p className="text-muted">{cut.trim} {formatMass(plan.piece.trimLossG.from, style)} to {formatMass(plan.piece.trimLossG.to, style)} usually comes off.</p>
    </Alive>
  );
}

export function PieceFigures() {
  const { plan, fields, cut } = useBatchWork();
  const { style } = usePreferences();
  return (
    <>
      <FigureBox label="After trimming" figure={massFigure(plan.piece.trimmedG, style)} size="huge" note="every dose that follows uses this weight" />
      <FigureBox label="Raw, each" figure={massFigure(plan.piece.perPersonG, style)} note={`${fields.people} ${fields.people === 1 ? 'person' : 'people'}, ${cut.name}`} />
    </>
  );
}
