'use client';

import type { KeyboardEvent, PointerEvent } from 'react';
import { useAlive } from '../../primitives/alive';
import type { Point } from './lines';

interface Props {
  label: string;
  value: number;
  min: number;
  max: number;
  step: number;
  text: string;
  at: Point;
  /** Radius of the knob, and of what a finger may hit, in the drawing's units. */
  radius: number;
  reach: number;
  /** Where it was dragged to, in the coordinates of the group it lies in. */
  onDrag: (to: Point) => void;
  onStep: (value: number) => void;
}

const STEPS: Record<string, number> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 5,
  PageDown: -5,
};

/** A knob on a drawing: dragged by pointer, stepped by arrow keys, read out as a slider. */
export function Handle({ label, value, min, max, step, text, at, radius, reach, onDrag, onStep }: Props) {
  const alive = useAlive();
  const drag = (event: PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const matrix = (event.currentTarget.parentElement as unknown as SVGGElement).getScreenCTM();
    if (!matrix) return;
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onDrag({ x, y });
  };
  const onKeyDown = (event: KeyboardEvent) => {
    const by = STEPS[event.key];
    const to =
      event.key === 'Home'
        ? min
        : event.key === 'End'
          ? max
          : by === undefined
            ? undefined
            : Math.min(max, Math.max(min, Math.round((value + by * step) / step) * step));
    if (to === undefined) return;
    event.preventDefault();
    onStep(to);
  };
  return (
    <g
      role="slider"
      tabIndex={alive ? 0 : -1}
      aria-disabled={!alive}
      aria-label={label}
      aria-valuemin={min}
      aria-valuemax={max}
      aria-valuenow={Math.round(value * 10) / 10}
      aria-valuetext={text}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={drag}
      onKeyDown={onKeyDown}
      className="cursor-grab touch-none active:cursor-grabbing"
    >
      <circle cx={at.x} cy={at.y} r={reach} fill="transparent" />
      <circle cx={at.x} cy={at.y} r={radius} fill="#fff" stroke="#0e3b34" strokeWidth={radius * 0.45} />
    </g>
  );
}
