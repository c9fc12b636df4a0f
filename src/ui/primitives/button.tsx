'use client';

import clsx from 'clsx';
import type { ButtonHTMLAttributes } from 'react';
import { useAlive } from './alive';
import { buttonLook, type LOOKS } from './buttonLook';

/** Takes a press once the page is alive: an earlier one would be lost without a word. */
export function Button({
  look = 'main',
  className,
  type = 'button',
  disabled,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof LOOKS }) {
  const alive = useAlive();
  return (
    <button
      type={type}
      disabled={disabled || !alive}
      className={clsx(buttonLook(look), disabled && 'opacity-50', className)}
      {...rest}
    />
  );
}
