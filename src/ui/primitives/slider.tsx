'use client';

import { Slider as Radix } from 'radix-ui';
import type { Figure } from '@/core/units';
import { useAlive } from './alive';
import { PinMark } from './pinMark';

interface Props {
  label: string;
  value: number;
  figure: Figure;
  min: number;
  max: number;
  step: number;
  onChange: (value: number) => void;
  /** Recommended from..to, drawn on the track and said below it. */
  band?: { from: number; to: number; words: string };
  ends?: [string, string];
  pinned?: boolean;
  onUnpin?: () => void;
}

/** A slider over a track that shows where the recommended band lies; arrow keys step it. */
export function Slider({ label, value, figure, min, max, step, onChange, band, ends, pinned, onUnpin }: Props) {
  const alive = useAlive();
  const share = (at: number) => `${(100 * (Math.min(max, Math.max(min, at)) - min)) / (max - min)}%`;
  const held = Math.min(max, Math.max(min, value));
  return (
    <div>
      <div className="flex min-h-8 items-end justify-between gap-2">
        <span className="flex flex-wrap items-center gap-2 text-[14px] text-muted">
          {label} {pinned && onUnpin && <PinMark what={label.toLowerCase()} onUnpin={onUnpin} />}
        </span>
        <span className="figure whitespace-nowrap text-[24px]">
          {figure.value}
          <span className="ml-1 text-[0.6em] text-muted">{figure.unit}</span>
        </span>
      </div>
      <Radix.Root
        disabled={!alive}
        className="relative mt-1 flex h-8 touch-none items-center"
        min={min}
        max={max}
        step={step}
        value={[held]}
        onValueChange={([next]) => onChange(next!)}
      >
        <Radix.Track className="relative h-1.5 grow rounded bg-grout">
          {band && (
            <span
              className="absolute -inset-y-1.5 rounded-sm bg-[#bfe0d4]"
              style={{ left: share(band.from), right: `calc(100% - ${share(band.to)})` }}
            />
          )}
          <Radix.Range className="absolute h-full rounded bg-enamel" />
        </Radix.Track>
        <Radix.Thumb
          aria-label={label}
          aria-valuetext={`${figure.value} ${figure.unit}`}
          className="block size-6 rounded-full border-[6px] border-enamel bg-white"
        />
      </Radix.Root>
      <div className="flex justify-between gap-2 text-[12px] text-muted">
        <span className="whitespace-nowrap">{ends?.[0]}</span>
        <span className="text-center">{band?.words}</span>
        <span className="whitespace-nowrap text-right">{ends?.[1]}</span>
      </div>
    </div>
  );
}
