'use client';

import { STACKED_SLOWER, uptakeModel } from '@/core/marinades';
import { FRUIT_STOP_H } from '@/core/tenderizing';
import { formatNumber } from '@/core/units';
import { Fold } from '../../primitives/fold';
import { usePreferences } from '../../shell/preferences';
import { useBatchWork } from './batchContext';

const NIGHT_MIN = 720;

/** What moves into the slice, what stays on it, what another night and massage do: said plainly. */
export function WhatGetsIn() {
  const { plan } = useBatchWork();
  const { style } = usePreferences();
  const { marinate } = plan;
  const model = uptakeModel(marinate.diffusion);
  const percent = (share: number) => `${formatNumber(100 * share, style.locale)} %`;
  const middle = (minutes: number) =>
    `${percent(model.centre(minutes / STACKED_SLOWER))} to ${percent(model.centre(minutes))}`;
  const [now, later] = [
    model.centre(marinate.minutes / STACKED_SLOWER),
    model.centre((marinate.minutes + NIGHT_MIN) / STACKED_SLOWER),
  ];
  return (
    <Fold title="What gets in, and how deep">
      <ul className="list-disc space-y-1.5 pl-5">
        <li>
          <strong>Salt</strong> goes to the middle: the curves above. The upper bound is a bag that is turned, every
          face wet; the lower is slices that lie on each other in pairs. A tight stack can be worse.
        </li>
        <li>
          <strong>Sugar</strong> moves at about a third of the speed of salt, <strong>acid</strong> at half to three
          quarters, and the meat holds it up on the way.
        </li>
        <li>
          <strong>Garlic, spice, colour and fruit enzymes</strong> are too large: they stay in the outer 0.1 to 0.3 mm
          in an hour. More surface gives more of them, more hours do not.
        </li>
        <li>
          <strong>An extra night</strong>{' '}
          {later - now < 0.05 && now > 0.9
            ? 'brings no more salt here: the slice has nearly all it will get.'
            : `would take the middle from ${middle(marinate.minutes)} of its salt to ${middle(marinate.minutes + NIGHT_MIN)}.`}
          {marinate.fruit && ` With fruit in the mix ${FRUIT_STOP_H} h is the end, however mild it is.`}
        </li>
        <li>
          <strong>Massaging</strong> binds the liquid to the surface until none is left; that can stand in for hours on
          thin slices, and it drives nothing deeper.
        </li>
      </ul>
      <p className="mt-2 text-[13px] text-muted">Speeds from memory of the literature, scaled from water; estimates.</p>
    </Fold>
  );
}
