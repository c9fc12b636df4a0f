'use client';

import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { formatLength } from '@/core/units';
import { Button } from '../../primitives/button';
import { usePreferences } from '../../shell/preferences';

/** ISO/IEC 7810 ID-1: the size of a bank card, mm. */
const CARD_MM = { width: 85.6, height: 53.98 };
const KEY = 'mince.px-per-mm';
const USUAL_PX_PER_MM = 96 / 25.4;
const LIMITS = { min: 1.5, max: 14 };

function storedScale(): number | undefined {
  const value = Number(localStorage.getItem(KEY));
  return value >= LIMITS.min && value <= LIMITS.max ? value : undefined;
}

/** A slice at its true thickness on this screen, to hold one against. The screen is measured once with any bank card; each device keeps its own. */
export default function LifeSize({
  thicknessMm,
  lengthMm,
  onClose,
}: {
  thicknessMm: number;
  lengthMm: number;
  onClose: () => void;
}) {
  const { style } = usePreferences();
  // Only ever made in the browser, when it is asked for.
  const [scale, setScale] = useState(storedScale);
  const [measuring, setMeasuring] = useState(scale === undefined ? USUAL_PX_PER_MM : undefined);
  const shown = measuring ?? scale;

  const keep = () => {
    if (measuring === undefined) return;
    localStorage.setItem(KEY, String(measuring));
    setScale(measuring);
    setMeasuring(undefined);
  };

  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-[rgb(14_59_52/0.55)]" />
        <Dialog.Content className="fixed inset-x-2 top-[6vh] z-50 mx-auto max-h-[88vh] max-w-2xl overflow-auto rounded bg-panel p-5">
          <Dialog.Title className="text-[22px] font-bold">
            {measuring === undefined ? `${formatLength(thicknessMm, style)}, life-size` : 'Measure this screen once'}
          </Dialog.Title>
          {measuring === undefined && shown !== undefined ? (
            <TrueSize
              thicknessMm={thicknessMm}
              lengthMm={lengthMm}
              pxPerMm={shown}
              onMeasure={() => setMeasuring(shown)}
            />
          ) : (
            <MeasureScreen pxPerMm={measuring ?? USUAL_PX_PER_MM} onChange={setMeasuring} onKeep={keep} />
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

interface TrueSizeProps {
  thicknessMm: number;
  lengthMm: number;
  pxPerMm: number;
  onMeasure: () => void;
}

function TrueSize({ thicknessMm, lengthMm, pxPerMm, onMeasure }: TrueSizeProps) {
  const { style } = usePreferences();
  return (
    <>
      <Dialog.Description className="mt-1">
        Hold a slice on edge against the dark bar: it is as thick as yours should be.
      </Dialog.Description>
      <div className="mt-6 overflow-hidden" data-testid="life-size">
        {[thicknessMm, thicknessMm / 2, thicknessMm * 1.5].map((mm, index) => (
          <div key={index} className="mb-5">
            <div
              className={index === 0 ? 'bg-ink' : 'bg-grout'}
              style={{ height: mm * pxPerMm, width: Math.min(lengthMm, 160) * pxPerMm, maxWidth: '100%' }}
            />
            <span className="text-[13px] text-muted">
              {index === 0 ? (
                <strong className="text-ink">{formatLength(mm, style)}, yours</strong>
              ) : (
                `${formatLength(mm, style)}, too ${index === 1 ? 'thin' : 'thick'}`
              )}
            </span>
          </div>
        ))}
      </div>
      <div className="flex flex-wrap gap-3">
        <Button look="quiet" onClick={onMeasure}>
          Measure the screen again
        </Button>
        <Dialog.Close asChild>
          <Button look="plain">Done</Button>
        </Dialog.Close>
      </div>
    </>
  );
}

interface MeasureScreenProps {
  pxPerMm: number;
  onChange: (pxPerMm: number) => void;
  onKeep: () => void;
}

/** The outline of a card, dragged until a real one covers it. */
function MeasureScreen({ pxPerMm, onChange, onKeep }: MeasureScreenProps) {
  const { style } = usePreferences();
  return (
    <>
      <Dialog.Description className="mt-1">
        Lay any bank-card-size card on the outline and drag until they match; {formatLength(CARD_MM.width, style)} wide
        on every card. Zoom of the browser counts, so measure again when you change it.
      </Dialog.Description>
      <label className="mt-4 block">
        <span className="text-[13px] font-medium text-muted">Size of the outline</span>
        <input
          type="range"
          aria-label="Size of the outline"
          className="mt-1 block w-full accent-[#0e3b34]"
          min={LIMITS.min}
          max={LIMITS.max}
          step={0.01}
          value={pxPerMm}
          onChange={(event) => onChange(Number(event.target.value))}
        />
      </label>
      <div className="mt-4 overflow-hidden">
        <div
          data-testid="card"
          className="relative border-2 border-enamel bg-enamel-tint"
          style={{
            width: CARD_MM.width * pxPerMm,
            height: CARD_MM.height * pxPerMm,
            borderRadius: 3.18 * pxPerMm,
          }}
        >
          <span className="absolute inset-0 grid place-items-center text-muted">card here</span>
        </div>
      </div>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button onClick={onKeep}>It matches</Button>
        <Dialog.Close asChild>
          <Button look="quiet">Leave it</Button>
        </Dialog.Close>
      </div>
    </>
  );
}
