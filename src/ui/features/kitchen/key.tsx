'use client';

import clsx from 'clsx';

export const Key = ({ name, dark = false }: { name: string; dark?: boolean }) => (
  <kbd
    aria-hidden="true"
    className={clsx(
      'hidden rounded border px-1.5 font-sans text-[14px] font-medium sm:inline-block',
      dark ? 'border-[#57756d]' : 'border-[#5d8a80]',
    )}
  >
    {name}
  </kbd>
);
