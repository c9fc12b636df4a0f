/** A sentence for the person at the terminal, then out: an error they can act on, without a stack. */
export class Stop extends Error {}

const started = performance.now();

/** Runs one step and prints a line with its seconds. */
export async function step(title, work) {
  const from = performance.now();
  process.stdout.write(`  ${title} ... `);
  try {
    const note = await work();
    console.log(`${((performance.now() - from) / 1000).toFixed(1)} s${note ? `  (${note})` : ''}`);
  } catch (error) {
    console.log('failed');
    throw error;
  }
}

export const secondsSoFar = () => ((performance.now() - started) / 1000).toFixed(1);

/** Puts what the machine says into a sentence that says what to do. */
export function explain(error) {
  const text = `${error?.message ?? error}\n${error?.output ?? ''}`;
  if (error instanceof Stop) return error.message;
  if (/ENOSPC|No space left/i.test(text)) return 'The disk is full. Free some space and start again; nothing was lost.';
  if (/EACCES|Permission denied/i.test(text))
    return `A file could not be written: ${firstLine(text)}. Check who owns the project folder.`;
  return `${firstLine(text)}${error?.output ? `\n\n${tail(error.output)}` : ''}`;
}

const firstLine = (text) => text.trim().split('\n')[0];
const tail = (text) => text.trim().split('\n').slice(-25).join('\n');
