'use client';

import { comesSliced, type Pins } from '@/core/batches';
import type { Cut } from '@/core/pieces';
import { Choice } from '../../primitives/choice';

interface ArrivalChoiceProps {
  cut: Cut;
  pins: Pins;
  onPins: (pins: Pick<Pins, 'readyToCut' | 'comesSliced'>) => void;
}

/** As bought, trimmed and ready to cut, or sliced by the shop; ribs across the bone always come sliced. */
export function ArrivalChoice({ cut, pins, onPins }: ArrivalChoiceProps) {
  const always = comesSliced(cut);
  return (
    <Choice
      label="It comes"
      value={comesSliced(cut, pins) ? 'sliced' : pins.readyToCut ? 'ready' : 'bought'}
      options={
        always
          ? [{ value: 'sliced', name: 'Sliced' }]
          : [
              { value: 'bought', name: 'As bought' },
              { value: 'ready', name: 'Ready to cut' },
              { value: 'sliced', name: 'Already sliced' },
            ]
      }
      onChange={(comes) =>
        onPins({
          readyToCut: comes === 'bought' ? undefined : true,
          comesSliced: comes === 'sliced' && !always ? true : undefined,
        })
      }
    />
  );
}
