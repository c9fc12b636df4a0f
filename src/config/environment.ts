/** What the surroundings must give, read when it is first needed so that a build needs none of it. */
export function databaseUrl(): string {
  const url = process.env.DATABASE_URL;
  if (!url) throw new Error('DATABASE_URL is not set. Start Mince with npm start or npm run demo.');
  return url;
}

/** The zone of a new kitchen: MINCE_ZONE, else this machine's. */
export function initialZone(): string {
  return process.env.MINCE_ZONE ?? Intl.DateTimeFormat().resolvedOptions().timeZone;
}

export const APP_VERSION = '0.1.0';
