import { cookies, headers } from 'next/headers';
import type { FormatStyle } from '@/core/units';
import { UNITS_COOKIE } from '@/ui/shell/unitsCookie';

/** Units from this device's cookie, numbers and dates in the manner of the browser's region; the words stay English. */
export async function readPreferences(): Promise<FormatStyle> {
  const [jar, head] = await Promise.all([cookies(), headers()]);
  const locale = regionalEnglish(head.get('accept-language') ?? '');
  const chosen = jar.get(UNITS_COOKIE)?.value;
  const system = chosen === 'us' || chosen === 'metric' ? chosen : locale === 'en-US' ? 'us' : 'metric';
  return { system, locale };
}

function regionalEnglish(acceptLanguage: string): string {
  const first = acceptLanguage.split(',')[0]?.split(';')[0]?.trim() ?? '';
  try {
    const { region } = new Intl.Locale(first).maximize();
    return region && /^[A-Z]{2}$/.test(region) ? `en-${region}` : 'en-GB';
  } catch {
    return 'en-GB';
  }
}
