import 'server-only';
import { backupLines } from './backupLines.mjs';
import { database } from './connection';

/** The records as they are at one moment, line by line. @param about what the header says of them */
export async function eachBackupLine(
  about: { app: string; kind: string; madeAt: string },
  take: (text: string) => Promise<void>,
): Promise<void> {
  await database().transaction(
    async (trx) => {
      const query = async (text: string) => (await trx.raw(text)).rows as Record<string, unknown>[];
      for await (const text of backupLines(query, about)) await take(text);
    },
    { isolationLevel: 'repeatable read', readOnly: true },
  );
}
