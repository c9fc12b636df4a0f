/** What can go wrong with the store, without a word of its driver. */
export class StoreAway extends Error {}
export class StoreFull extends Error {}
/** Someone else changed the row: `current` is their side. */
export class VersionConflict<T = unknown> extends Error {
  constructor(readonly current: T) {
    super('changed elsewhere');
  }
}
/** A row points at one that is not there, or breaks a rule of the tables. */
export class RuleBroken extends Error {
  constructor(readonly constraint: string) {
    super(`rule broken: ${constraint}`);
  }
}

const AWAY = /^(08|57P0)|ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|ENOTFOUND/;

/** Translates the driver's errors, in this one place. */
export function asFailure(error: unknown): unknown {
  const {
    code = '',
    message = '',
    constraint = '',
    name = '',
  } = (error ?? {}) as { code?: string; message?: string; constraint?: string; name?: string };
  if (
    AWAY.test(code) ||
    name === 'KnexTimeoutError' ||
    /Connection terminated|timeout expired|acquiring a connection|Connection ended/i.test(message)
  )
    return new StoreAway('the database is away', { cause: error });
  if (error instanceof AggregateError && error.errors.some((one) => AWAY.test((one as { code?: string }).code ?? '')))
    return new StoreAway('the database is away', { cause: error });
  if (code === '53100') return new StoreFull('the disk is full', { cause: error });
  // The driver's own words hold the statement: they stay inside.
  if (/^23|^22/.test(code)) return new RuleBroken(constraint || `code ${code}`);
  return error;
}
