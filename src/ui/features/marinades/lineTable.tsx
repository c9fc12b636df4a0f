'use client';

import { isCuringSalt, type MarinadeLine, type MeasuredIngredient } from '@/core/marinades';
import { formatMass, formatNumber, MEASURE_TOLERANCE_PERCENT } from '@/core/units';
import { usePreferences } from '../../shell/preferences';
import { CURING_SALT_WORDS } from '@/core/words';

/** The lines of a scaled marinade in the order of adding: name, weight, and the measures people own; what was never read stands beneath, as it was written. */
export function LineTable({
  lines,
  measured,
  unread = [],
}: {
  lines: readonly MarinadeLine[];
  measured: readonly MeasuredIngredient[];
  unread?: readonly string[];
}) {
  const { style } = usePreferences();
  return (
    <table className="mt-2 w-full border-t border-grout text-left">
      <thead className="sr-only">
        <tr>
          <th>Ingredient</th>
          <th>Weight</th>
          <th>Kitchen measure</th>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ ingredient, massG, note }, index) => {
          const { spoken, errorPercent } = measured[index]!;
          const off = Math.abs(errorPercent) > MEASURE_TOLERANCE_PERCENT;
          return (
            <tr key={ingredient.id} className="border-b border-grout align-baseline">
              <td className="py-2 pr-3 wrap-anywhere">
                {ingredient.name}
                {note && <span className="text-muted">, {note}</span>}
                {ingredient.kind === 'oil' && index === lines.length - 1 && <span className="text-muted">, last</span>}
              </td>
              <td className="figure whitespace-nowrap py-2 pr-4 text-right text-[18px]">{formatMass(massG, style)}</td>
              <td className="py-2 text-right text-muted sm:whitespace-nowrap">
                {spoken}
                {off && (
                  <span
                    className="ml-1.5 font-medium text-brass"
                    title="The measure is off by this much: weigh it if it matters"
                  >
                    {errorPercent > 0 ? '+' : '−'}
                    {formatNumber(Math.abs(errorPercent), style.locale)} %
                  </span>
                )}
              </td>
            </tr>
          );
        })}
        {unread.map((text, index) => (
          <tr key={index} className="border-b border-grout align-baseline">
            <td colSpan={3} className="py-2">
              “{text}” <span className="text-muted">as it was written: not scaled, not counted</span>
              {isCuringSalt(text) && <span className="block text-[13px] font-medium text-ox">{CURING_SALT_WORDS}</span>}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
