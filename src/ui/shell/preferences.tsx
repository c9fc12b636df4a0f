'use client';

import { createContext, useContext, useMemo, useState, type ReactNode } from 'react';
import { useRouter } from 'next/navigation';
import type { FormatStyle, UnitSystem } from '@/core/units';
import { UNITS_COOKIE } from './unitsCookie';

interface Preferences {
  style: FormatStyle;
  decimalComma: boolean;
  setSystem: (system: UnitSystem) => void;
}

const Context = createContext<Preferences | undefined>(undefined);

/** Units and locale of this device. The switch is a cookie, so that the server writes the same units. */
export function PreferencesProvider({
  system,
  locale,
  children,
}: {
  system: UnitSystem;
  locale: string;
  children: ReactNode;
}) {
  const router = useRouter();
  const [chosen, setChosen] = useState(system);
  const value = useMemo<Preferences>(
    () => ({
      style: { system: chosen, locale },
      decimalComma: (1.5).toLocaleString(locale).includes(','),
      setSystem(next) {
        document.cookie = `${UNITS_COOKIE}=${next}; path=/; max-age=31536000; samesite=lax`;
        setChosen(next);
        router.refresh();
      },
    }),
    [chosen, locale, router],
  );
  return <Context value={value}>{children}</Context>;
}

export function usePreferences(): Preferences {
  const value = useContext(Context);
  if (!value) throw new Error('PreferencesProvider is missing');
  return value;
}
