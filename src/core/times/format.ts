/** Making a formatter costs a thousand times what using one does. */
const formats = new Map<string, Intl.DateTimeFormat>();
const hours = new Map<string, Intl.DateTimeFormatOptions>();

function format(instantMs: number, zone: string, locale: string, options: Intl.DateTimeFormatOptions): string {
  const key = `${locale}|${zone}|${JSON.stringify(options)}`;
  let known = formats.get(key);
  if (!known) formats.set(key, (known = new Intl.DateTimeFormat(locale, { timeZone: zone, ...options })));
  return known.format(instantMs);
}

/** Two digits where the day has 24 hours, so that clock times line up; "1:05 PM" where it has twice 12. */
function hourOf(locale: string): Intl.DateTimeFormatOptions {
  let known = hours.get(locale);
  if (!known) {
    const { hour12 } = new Intl.DateTimeFormat(locale, { hour: 'numeric' }).resolvedOptions();
    hours.set(locale, (known = { hour: hour12 ? 'numeric' : '2-digit', minute: '2-digit' }));
  }
  return known;
}

/** "13:05" or "1:05 PM", as the locale writes it. */
export const formatClock = (instantMs: number, zone: string, locale: string) =>
  format(instantMs, zone, locale, hourOf(locale));
/** "Saturday". */
export const formatWeekday = (instantMs: number, zone: string, locale: string) =>
  format(instantMs, zone, locale, { weekday: 'long' });
/** "Saturday 6 June". */
export const formatDay = (instantMs: number, zone: string, locale: string) =>
  format(instantMs, zone, locale, { weekday: 'long', day: 'numeric', month: 'long' });
/** "6 Jun 2026". */
export const formatDate = (instantMs: number, zone: string, locale: string) =>
  format(instantMs, zone, locale, { day: 'numeric', month: 'short', year: 'numeric' });
/** "Sat 13:05". */
export const formatDayClock = (instantMs: number, zone: string, locale: string) =>
  format(instantMs, zone, locale, { weekday: 'short', ...hourOf(locale) });
