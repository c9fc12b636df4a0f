import NextLink from 'next/link';
import type { ComponentProps } from 'react';

/** A link within Mince. What lies behind it is read when it is pressed: pages are of the moment, and a list of them would be asked for one by one. */
export function Link(props: ComponentProps<typeof NextLink>) {
  return <NextLink prefetch={false} {...props} />;
}
