'use client';

import { formatDuration, formatLength } from '@/core/units';
import { Alive } from '../../primitives/alive';
import { FigureBox } from '../../primitives/figureBox';
import { MinutesField } from '../../primitives/quantities';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';

const SHOWN_MIN = 270;

export function StageFirm() {
  const { plan, fields, pin } = useBatchWork();
  const { style } = usePreferences();
  const { firm, piece } = plan;
  const at = (minutes: number) => 20 + (Math.min(minutes, SHOWN_MIN) / SHOWN_MIN) * 560;
  const shell = Math.min(0.4, (firm.minutes / Math.max(1, firm.to)) * 0.3);
  return (
    <Alive className="space-y-5">
      <svg viewBox="0 0 600 250" role="img" aria-label={`In the freezer ${formatDuration(firm.from)} to ${formatDuration(firm.to)}`} className="w-full">
        <defs><pattern id="cold" width="8" height="8" patternUnits="userSpaceOnUse"><circle cx="2" cy="2" r="1.1" fill="#21698c" opacity="0.5" /></pattern></defs>
        <g transform="translate(150 20)">
          <rect width="300" height="110" rx="26" fill="#dcedf5" stroke="#9cc7dd" strokeWidth="2" />
          <rect width="300" height="110" rx="26" fill="url(#cold)" />
          <rect x={300 * shell * 0.45} y={110 * shell} width={300 * (1 - shell * 0.9)} height={110 * (1 - 2 * shell)} rx="16" fill="#d58c88" />
          <text x="150" y="60" textAnchor="middle" fontSize="15" fill="#12211d">gives under the thumb</text>
          <text x="314" y="24" fontSize="14" fill="#21698c">stiff outside</text>
        </g>
        <rect x="20" y="182" width="560" height="14" rx="3" fill="#e6ecea" />
        <rect x={at(firm.from)} y="178" width={Math.max(4, at(firm.to) - at(firm.from))} height="22" rx="3" fill="#bfe0d4" stroke="#17564b" />
        <path d={`M${at(firm.minutes)} 166v46`} stroke="#0e3b34" strokeWidth="3" />
        <text x={at(firm.minutes)} y="160" textAnchor="middle" fontSize="15" fontWeight="700" fill="#0e3b34">{formatDuration(firm.minutes)}</text>
        {[0, 60, 120, 180, 240].map((minutes) => <text key={minutes} x={at(minutes)} y="228" textAnchor="middle" fontSize="13" fill="#566761">{minutes ? formatDuration(minutes) : 'in'}</text>)}
      </svg>
      <MinutesField
        label="Minutes in the freezer" value={firm.minutes} min={0} max={1440} pinned={fields.pins.firmMin !== undefined} onUnpin={() => pin({ firmMin: undefined })} onChange={(firmMin) => pin({ firmMin })}
        hint="put it in flat and plump: a bent piece freezes bent"
      />
      <p className="max-w-prose text-muted">
        Half-frozen meat cuts thin; warm meat squashes. The range is what cooks use for a piece {formatLength(piece.heightMm, style)} tall, fridge-cold, in a freezer near −18 °C: an estimate, so press it and see.
      </p>
    </Alive>
  );
}

export function FirmFigures() {
  const { firm } = useBatchWork().plan;
  return <FigureBox label="Firm enough, about" size="huge" figure={{ value: `${firm.from}–${firm.to}`, unit: 'min' }} note="depends on the freezer; check at the lower figure" />;
}
