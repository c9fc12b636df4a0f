import clsx from 'clsx';

export const LOOKS = {
  main: 'bg-ox text-white hover:bg-[#741824]',
  plain: 'border-[1.5px] border-enamel bg-panel text-enamel hover:bg-enamel-tint',
  quiet: 'text-enamel underline underline-offset-4 hover:text-ox',
} as const;

export const buttonLook = (look: keyof typeof LOOKS = 'main') =>
  clsx(
    'inline-flex min-h-10 items-center justify-center gap-2 rounded font-semibold',
    look === 'quiet' ? 'px-1' : 'px-4 py-2',
    LOOKS[look],
  );
