import 'server-only';
import knex, { type Knex } from 'knex';
import { databaseUrl } from '@/config/environment';

export type Db = Knex | Knex.Transaction;

const shared = globalThis as typeof globalThis & { minceDatabase?: Knex };

/** One pool a process; it hands out no dead connection, so the app recovers by itself when the server is back. */
export function database(): Knex {
  shared.minceDatabase ??= knex({
    client: 'pg',
    connection: { connectionString: databaseUrl(), connectionTimeoutMillis: 2000, keepAlive: true },
    pool: { min: 0, max: 10, idleTimeoutMillis: 10_000 },
    acquireConnectionTimeout: 3000,
  });
  return shared.minceDatabase;
}

export function transaction<T>(work: (trx: Knex.Transaction) => Promise<T>): Promise<T> {
  return database().transaction(work);
}

export async function ping(): Promise<void> {
  await database().raw('select 1');
}
