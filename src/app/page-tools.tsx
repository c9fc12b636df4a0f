import { connection } from 'next/server';
import { notFound } from 'next/navigation';
import type { ReactNode } from 'react';
import { z } from 'zod';
import { Refusal } from '@/server/api/failures';
import { readForPage } from '@/server/store';
import { DatabaseAway } from '@/ui/primitives/databaseAway';

export interface Search {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** One text from the address. */
export const text = (value: string | string[] | undefined): string | undefined =>
  typeof value === 'string' ? value : undefined;

/** One id from the address; anything else is as good as none. */
export function one(value: string | string[] | undefined): string | undefined {
  const known = z.uuid().safeParse(value);
  return known.success ? known.data : undefined;
}

/** An address within the app, to go back to; nothing that leads elsewhere. */
export const within = (value: string | string[] | undefined): string | undefined =>
  typeof value === 'string' && /^\/(?![/\\])[\w\-/?=&.]{0,200}$/.test(value) ? value : undefined;

/** What is sought, from the address. */
export const findOf = (value: string | string[] | undefined): string =>
  (text(value) ?? '').replaceAll('\0', '').slice(0, 80).trim();

export function offsetOf(value: string | string[] | undefined): number {
  const offset = z.coerce
    .number()
    .int()
    .min(0)
    .max(1_000_000)
    .safeParse(value ?? 0);
  return offset.success ? offset.data : 0;
}

/** Reads, then renders; says so when the records are away and shows the ordinary page for what is not there. */
export async function page<T>(read: () => Promise<T>, render: (data: T) => ReactNode): Promise<ReactNode> {
  await connection();
  let result: Awaited<ReturnType<typeof readForPage<T>>>;
  try {
    result = await readForPage(read);
  } catch (error) {
    if (error instanceof Refusal && error.problem.status === 404) notFound();
    throw error;
  }
  return result.ok ? render(result.data) : <DatabaseAway />;
}
