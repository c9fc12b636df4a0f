import { appendFileSync, existsSync, mkdirSync, renameSync, statSync } from 'node:fs';
import path from 'node:path';

const MAX_BYTES = 5 * 1024 * 1024;
const KEPT = 4;

/** A log of lines that moves its old part aside when it is full; a disk that is full stops nothing. @returns {(text: string) => void} */
export function logFile(folder, name = 'app.log') {
  const file = path.join(folder, 'log', name);
  return (text) => {
    try {
      mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
      if (existsSync(file) && statSync(file).size > MAX_BYTES)
        for (let n = KEPT; n > 0; n--) {
          const from = n === 1 ? file : `${file}.${n - 1}`;
          if (existsSync(from)) renameSync(from, `${file}.${n}`);
        }
      appendFileSync(file, text, { mode: 0o600 });
    } catch {
      // What cannot be written is still on the terminal.
    }
  };
}
