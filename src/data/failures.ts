/** What can go wrong with the store, without a word of its driver. */
export class StoreAway extends Error {}
/** It is there and has too much to do: a wait for a connection, a lock or an answer ran out. */
export class StoreBusy extends Error {}
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

const AWAY = /^(08|57P0|28|3D000)|ECONNREFUSED|ECONNRESET|EPIPE|ETIMEDOUT|ENOTFOUND|EAI_AGAIN|EHOSTUNREACH/;
const BUSY = /^(40001|40P01|55P03|57014|53300|25P03)$/;
const CUT_OFF =
  /Connection terminated|timeout expired|Connection ended|connection error|not queryable|Client was closed|Unable to acquire a connection/i;

/** Translates the driver's errors, in this one place. */
export function asFailure(error: unknown): unknown {
  const {
    code = '',
    message = '',
    constraint = '',
    name = '',
  } = (error ?? {}) as { code?: string; message?: string; constraint?: string; name?: string };
  if (BUSY.test(code) || name === 'KnexTimeoutError' || /Query read timeout/i.test(message))
    return new StoreBusy('the database has too much to do', { cause: error });
  if (AWAY.test(code) || CUT_OFF.test(message)) return new StoreAway('the database is away', { cause: error });
  if (error instanceof AggregateError && error.errors.some((one) => AWAY.test((one as { code?: string }).code ?? '')))
    return new StoreAway('the database is away', { cause: error });
  if (code === '53100') return new StoreFull('the disk is full', { cause: error });
  // The driver's own words hold the statement: they stay inside.
  if (/^23|^22/.test(code)) return new RuleBroken(constraint || `code ${code}`);
  return error;
}
