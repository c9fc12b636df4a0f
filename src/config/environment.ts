import { availableParallelism } from 'node:os';

/** What the surroundings must give, read when it is first needed so that a build needs none of it. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set. Start Mince with npm start or npm run demo.');
  return url;
}

/** Connections of one server process; several processes share what the database allows. */
export function poolSize(): number {
  const wished = Number(process.env.DATABASE_POOL ?? 10);
  if (!Number.isInteger(wished) || wished < 2 || wished > 100)
    throw new Error('DATABASE_POOL must be a whole number from 2 to 100.');
  return wished;
}

/** Threads for heavy sums; 0 does them in the server's own. */
export function threadCount(): number {
  const wished = Number(process.env.MINCE_THREADS ?? Math.max(1, Math.min(4, availableParallelism() - 1)));
  if (!Number.isInteger(wished) || wished < 0 || wished > 32)
    throw new Error('MINCE_THREADS must be a whole number from 0 to 32.');
  return wished;
}

/** What these records are: the kitchen of the house, or the demo. */
export const isDemo = (): boolean => process.env.MINCE_KIND === 'demo';

/** The zone of a new kitchen: MINCE_ZONE, else this machine's. */
export function initialZone(): string {
  return process.env.MINCE_ZONE ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
}

export const APP_VERSION = '0.1.0';
