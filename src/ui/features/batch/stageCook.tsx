'use client';

import { useState } from 'react';
import { formatNumber, formatTemperature, temperatureFigure } from '@/core/units';
import { heatWords } from '@/core/words';
import { Alive } from '../../primitives/alive';
import { CheckField } from '../../primitives/checkField';
import { Choice } from '../../primitives/choice';
import { FigureBox } from '../../primitives/figureBox';
import { Button } from '../../primitives/button';
import { CountField, TemperatureField } from '../../primitives/quantities';
import { LIMITS } from '@/core/batches';
import { newId } from '../../shell/newId';
import { usePreferences } from '../../shell/preferences';
import { callApi } from '../../shell/api';
import { useBatchWork } from './batchContext';
import { RoundsDrawing } from './roundsDrawing';

export function StageCook({ batchId, acknowledged }: { batchId: string; acknowledged: boolean }) {
  const { plan, fields, cut, pin, change } = useBatchWork();
  const { style } = usePreferences();
  const { cook } = plan;
  const { pins } = fields;
  return (
    <Alive className="space-y-5">
      <RoundsDrawing cook={cook} shape={plan.slice.shape} animal={cut.animal} />
      <p className="max-w-prose">
        {heatWords(plan, style).text}{' '}
        <span className="text-muted">
          Twice the meat is twice the rounds, never longer ones. Times are what cooks use; the thermometer decides.
        </span>
      </p>
      <div className="grid gap-4 sm:grid-cols-2">
        <CheckField
          checked={Boolean(pins.pierced)}
          onChange={(on) => pin({ pierced: on || undefined })}
          label="Needles or blades pierced the meat"
          note="Carries the surface inside: cooked to the stricter figure."
        />
        <CheckField
          checked={pins.doneness === 'pink'}
          onChange={(on) => pin({ doneness: on ? 'pink' : undefined })}
          label="Out while still a little pink"
          note="Only whole beef and lamb that goes back in the pan; never on a skewer."
        />
        <CountField
          label="Lots to work in"
          unit="lots"
          value={plan.lots}
          {...LIMITS.lots}
          pinned={pins.lots !== undefined}
          onUnpin={() => pin({ lots: undefined })}
          onChange={(lots) => pin({ lots })}
          hint="each lot is out of the fridge only for its own share"
        />
        <TemperatureField
          label="The room"
          value={pins.roomTempC ?? 21}
          min={-10}
          max={50}
          pinned={pins.roomTempC !== undefined}
          onUnpin={() => pin({ roomTempC: undefined })}
          onChange={(roomTempC) => pin({ roomTempC })}
          hint={`above ${formatTemperature(32, style)} the time out of the fridge halves`}
        />
        <CountField
          label="People"
          unit="people"
          value={fields.people}
          {...LIMITS.people}
          onChange={(people) => change({ people })}
        />
      </div>
      {cook.finish !== 'as-it-comes' && cook.rounds > 1 && (
        <Choice
          label="The rounds"
          value={pins.finish ?? 'usual'}
          options={[
            { value: 'usual', name: 'As proposed' },
            { value: 'through', name: 'Each cooked through' },
            { value: 'dishes', name: 'In dishes of their own' },
          ]}
          onChange={(finish) => pin({ finish: finish === 'usual' ? undefined : finish })}
        />
      )}
      {cook.temperature.stricter && (
        <Acknowledge
          key={batchId}
          batchId={batchId}
          done={acknowledged}
          text={`${cut.name}, pierced: ${formatTemperature(cook.temperature.tempC, style)} at the centre`}
        />
      )}
    </Alive>
  );
}

/** The stricter figure is read and kept in the record; it cannot be switched off. */
function Acknowledge({ batchId, done, text }: { batchId: string; done: boolean; text: string }) {
  const [state, setState] = useState<'open' | 'sending' | 'done' | 'failed'>(done ? 'done' : 'open');
  const [eventId] = useState(newId);
  const send = async () => {
    setState('sending');
    const result = await callApi('POST', `/batches/${batchId}/events`, {
      body: {
        id: eventId,
        kind: 'caution-acknowledged',
        jobKey: 'cook',
        at: new Date().toISOString(),
        payload: { caution: 'pierced', text },
      },
    });
    setState(result.ok ? 'done' : 'failed');
  };
  return (
    <div className="flex flex-wrap items-center gap-4 rounded border border-brass-line bg-brass-tint px-4 py-3">
      <p className="grow">
        <strong className="font-semibold">{text}.</strong>{' '}
        {state === 'done' ? 'You have read this; it is kept in the log.' : 'Say that you have read this.'}
      </p>
      {state !== 'done' && (
        <Button look="plain" disabled={state === 'sending'} onClick={send}>
          {state === 'failed' ? 'Not kept yet, try again' : 'I have read this'}
        </Button>
      )}
    </div>
  );
}

export function CookFigures() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const { cook, schedule } = plan;
  const { restMin } = cook.temperature;
  return (
    <>
      <FigureBox
        label="At the centre"
        size="huge"
        figure={temperatureFigure(cook.temperature.tempC, style)}
        note={restMin ? `and ${restMin} min rest` : 'usual guidance'}
      />
      <div className="grid grid-cols-2 gap-2.5">
        <FigureBox label="Rounds" figure={{ value: formatNumber(cook.rounds, style.locale), unit: '' }} />
        {cook.sticks > 0 && (
          <FigureBox label="Sticks" figure={{ value: formatNumber(cook.sticks, style.locale), unit: '' }} />
        )}
        {schedule.ok && (
          <FigureBox
            label="Out of the fridge"
            figure={{ value: formatNumber(schedule.warmMin, style.locale), unit: `of ${schedule.warmLimitMin} min` }}
          />
        )}
      </div>
    </>
  );
}
