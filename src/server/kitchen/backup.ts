import 'server-only';
import { mkdtemp, open, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { APP_VERSION, isDemo } from '@/config/environment';
import { eachBackupLine } from '@/data/backup';
import { nowMs } from '../clock';

/** Everything that is kept as one file. It is whole on the disk before its first byte goes out: a copy is never half of one. */
export async function backupFile(): Promise<{ type: string; name: string; body: ReadableStream }> {
  const madeAt = new Date(nowMs()).toISOString();
  const folder = await mkdtemp(path.join(tmpdir(), 'mince-backup-'));
  try {
    const file = await open(path.join(folder, 'copy'), 'wx+', 0o600);
    try {
      const about = { app: APP_VERSION, kind: isDemo() ? 'demo' : 'kitchen', madeAt };
      await eachBackupLine(about, async (text) => void (await file.write(text)));
    } catch (error) {
      await file.close();
      throw error;
    }
    return {
      type: 'application/x-ndjson',
      name: `mince-${madeAt.slice(0, 16).replace(/\W/g, '')}.jsonl`,
      body: streamOf(file),
    };
  } finally {
    // What is open stays readable until it is closed.
    await rm(folder, { recursive: true, force: true });
  }
}

const CHUNK_BYTES = 64 * 1024;

function streamOf(file: Awaited<ReturnType<typeof open>>): ReadableStream {
  let position = 0;
  return new ReadableStream({
    async pull(controller) {
      const { bytesRead, buffer } = await file.read(new Uint8Array(CHUNK_BYTES), 0, CHUNK_BYTES, position);
      position += bytesRead;
      if (bytesRead > 0) return controller.enqueue(buffer.subarray(0, bytesRead));
      await file.close();
      controller.close();
    },
    cancel: () => file.close(),
  });
}
