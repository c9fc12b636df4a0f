import clsx from 'clsx';
import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  main: 'bg-ox text-white hover:bg-[#741824]',
  plain: 'border-[1.5px] border-enamel bg-panel text-enamel hover:bg-enamel-tint',
  quiet: 'text-enamel underline underline-offset-4 hover:text-ox',
} as const;

export const buttonLook = (look: keyof typeof LOOKS = 'main') =>
  clsx('inline-flex min-h-10 items-center justify-center gap-2 rounded font-semibold', look === 'quiet' ? 'px-1' : 'px-4 py-2', LOOKS[look]);

export function Button({ look = 'main', className, type = 'button', ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof LOOKS }) {
  return <button type={type} className={clsx(buttonLook(look), 'disabled:opacity-50', className)} {...rest} />;
}
