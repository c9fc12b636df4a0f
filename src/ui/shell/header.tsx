'use client';

import clsx from 'clsx';
import { usePathname } from 'next/navigation';
import { usePreferences } from './preferences';
import { HeaderTimer } from './headerTimer';
import { Link } from '../primitives/link';

const PLACES: readonly { href: string; name: string; also?: string }[] = [
  { href: '/', name: 'Today' },
  { href: '/batches', name: 'Batches' },
  { href: '/cuts', name: 'Cuts' },
  { href: '/marinades', name: 'Marinades', also: '/ingredients' },
  { href: '/log', name: 'Log' },
  { href: '/kitchen', name: 'My kitchen' },
];

/** `demo`: these are the records of the demo, not those of the house. */
export function Header({ demo }: { demo: boolean }) {
  const path = usePathname();
  const { style, setSystem } = usePreferences();
  if (path.startsWith('/cook')) return null;
  const isAt = ({ href, also }: (typeof PLACES)[number]) =>
    href === '/' ? path === '/' : path.startsWith(href) || (also !== undefined && path.startsWith(also));
  return (
    <header className="dark-ground no-print bg-enamel text-kitchen-text">
      <div className="flex min-h-14 flex-wrap items-center gap-x-6 gap-y-1 px-4 py-2 wide:px-5">
        <Link
          href="/"
          className="figure flex items-center gap-2 text-[28px] tracking-tight"
          aria-label="Mince, to Today"
        >
          Mince
          <svg width="26" height="8" viewBox="0 0 26 8" aria-hidden="true">
            <path d="M3 5h21l-3-3H1z" fill="#e9b7b2" />
          </svg>
        </Link>
        {demo && (
          <span className="-ml-3 rounded-sm bg-[#e9b7b2] px-1.5 text-[13px] font-semibold text-enamel">
            demo kitchen
          </span>
        )}
        <nav
          aria-label="Main"
          className="order-3 -mx-1 flex w-full justify-between overflow-x-auto sm:order-none sm:mx-0 sm:w-auto sm:justify-start sm:gap-3"
        >
          {PLACES.map((place) => (
            <Link
              key={place.href}
              href={place.href}
              aria-current={isAt(place) ? 'page' : undefined}
              className={clsx(
                'whitespace-nowrap border-b-2 px-1 py-2 text-[14px] font-medium sm:px-1.5 sm:text-[15px]',
                isAt(place) ? 'border-[#e9b7b2]' : 'border-transparent text-kitchen-muted hover:text-white',
              )}
            >
              {place.name}
            </Link>
          ))}
        </nav>
        <div className="flex-1" />
        <HeaderTimer />
        <div role="group" aria-label="Units" className="flex overflow-hidden rounded border border-[#3d6a61] text-sm">
          {(['metric', 'us'] as const).map((system) => (
            <button
              key={system}
              type="button"
              aria-pressed={style.system === system}
              onClick={() => setSystem(system)}
              className={clsx(
                'px-2.5 py-1.5',
                style.system === system
                  ? 'bg-kitchen-text font-semibold text-enamel'
                  : 'text-kitchen-muted hover:text-white',
              )}
            >
              {system === 'metric' ? 'metric' : 'US'}
            </button>
          ))}
        </div>
      </div>
    </header>
  );
}
