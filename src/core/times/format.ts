const formats = new Map<string, Intl.DateTimeFormat>();

function format(instantMs: number, zone: string, locale: string, options: Intl.DateTimeFormatOptions): string {
  const key = `${locale}|${zone}|${JSON.stringify(options)}`;
  let known = formats.get(key);
  if (!known) formats.set(key, (known = new Intl.DateTimeFormat(locale, { timeZone: zone, ...options })));
  return known.format(instantMs);
}

/** "13:05" or "1:05 PM", as the locale writes it. */
export const formatClock = (instantMs: number, zone: string, locale: string) => format(instantMs, zone, locale, { hour: 'numeric', minute: '2-digit' });
/** "Saturday". */
export const formatWeekday = (instantMs: number, zone: string, locale: string) => format(instantMs, zone, locale, { weekday: 'long' });
/** "Saturday 6 June". */
export const formatDay = (instantMs: number, zone: string, locale: string) => format(instantMs, zone, locale, { weekday: 'long', day: 'numeric', month: 'long' });
/** "6 Jun 2026". */
export const formatDate = (instantMs: number, zone: string, locale: string) => format(instantMs, zone, locale, { day: 'numeric', month: 'short', year: 'numeric' });
/** "Sat 13:05". */
export const formatDayClock = (instantMs: number, zone: string, locale: string) => format(instantMs, zone, locale, { weekday: 'short', hour: 'numeric', minute: '2-digit' });
