import type { Metadata, Viewport } from 'next';
import type { ReactNode } from 'react';
import { isDemo } from '@/config/environment';
import { Header } from '@/ui/shell/header';
import { PreferencesProvider } from '@/ui/shell/preferences';
import { StyleNonce } from '@/ui/shell/styleNonce';
import { ToastProvider } from '@/ui/shell/toast';
import { readPreferences } from './preferences';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Mince', template: '%s · Mince' },
  description: 'From the block of meat to the table: slices, soda, marinade and the clock, worked out for your batch.',
};
export const viewport: Viewport = { themeColor: '#0e3b34', width: 'device-width', initialScale: 1 };

export default async function Layout({ children }: { children: ReactNode }) {
  const { system, locale } = await readPreferences();
  return (
    <html lang="en">
      <body>
        <PreferencesProvider system={system} locale={locale}>
          <StyleNonce />
          <ToastProvider>
            <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-white focus:p-3">
              Skip to the work
            </a>
            <Header demo={isDemo()} />
            <main id="main">{children}</main>
          </ToastProvider>
        </PreferencesProvider>
      </body>
    </html>
  );
}
