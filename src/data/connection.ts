import 'server-only';
import knex, { type Knex } from 'knex';
import { databaseUrl, poolSize } from '@/config/environment';
import { forget, forgetAtWrites } from './memory';

export type Db = Knex | Knex.Transaction;

const shared = globalThis as typeof globalThis & { minceDatabase?: Knex };

/** Nothing waits for ever: not for a lock, not for a statement, not for a transaction that someone left open. */
const LIMITS = `set statement_timeout = '15s'; set lock_timeout = '8s'; set idle_in_transaction_session_timeout = '20s'`;
const limitWaits = (
  client: { query: (text: string, done: (error: unknown) => void) => void },
  done: (error: unknown, client: unknown) => void,
) => client.query(LIMITS, (error) => done(error, client));

/** One pool a process; it hands out no dead connection, so the app recovers by itself when the server is back. */
export function database(): Knex {
  return (shared.minceDatabase ??= connected());
}

function connected(): Knex {
  const pool = knex({
    client: 'pg',
    connection: {
      connectionString: databaseUrl(),
      connectionTimeoutMillis: 3000,
      keepAlive: true,
      application_name: 'mince',
      query_timeout: 20_000,
    },
    // A server that refuses says so at once; a wait that runs out then means that all connections are busy.
    pool: { min: 0, max: poolSize(), idleTimeoutMillis: 10_000, propagateCreateError: true, afterCreate: limitWaits },
    acquireConnectionTimeout: 8000,
  });
  forgetAtWrites(pool);
  return pool;
}

const TRIES = 5;
/** Two that got in each other's way: whoever was sent back may try again. */
const COLLIDED = /^40(001|P01)$/;

/** Runs work in a transaction, again from its beginning when it collided with another; `work` touches nothing but the store. */
export async function transaction<T>(work: (trx: Knex.Transaction) => Promise<T>): Promise<T> {
  for (let tries = 1; ; tries++)
    try {
      const done = await database().transaction(work);
      forget();
      return done;
    } catch (error) {
      if (tries === TRIES || !COLLIDED.test((error as { code?: string }).code ?? '')) throw error;
      await new Promise((resolve) => setTimeout(resolve, 15 * 2 ** tries * (0.5 + Math.random())));
    }
}

export async function ping(): Promise<void> {
  await database().raw('select 1');
}
