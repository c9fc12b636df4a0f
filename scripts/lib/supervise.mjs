/** Keeps one thing running: what ends or no longer answers is started again, with pauses that grow. */
import { pause } from './ports.mjs';

const FIRST_PAUSE_MS = 500;
const LONGEST_PAUSE_MS = 30_000;
/** Whatever stood this long may start again at once. */
const STOOD_MS = 60_000;

/** @param {number} failures in a row */
export const pauseBefore = (failures) =>
  failures === 0 ? 0 : Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** (failures - 1));

/**
 * Watches what is running and starts it again for ever, until `stop`.
 * @template Running
 * @param {object} what
 * @param {string} what.name as it is said to the person at the terminal
 * @param {Running} what.running the first one
 * @param {(running: Running) => boolean} what.ended it is gone
 * @param {(running: Running) => Promise<void>} what.probe throws when it does not answer
 * @param {(running: Running) => Promise<void>} what.end makes an end of one that hangs
 * @param {() => Promise<Running>} what.start
 * @param {(text: string) => void} what.say
 * @param {number} [what.everyMs] between looks
 * @param {number} [what.patience] looks without an answer until it counts as hung
 * @returns {{current: () => Running, stop: () => Promise<void>, restarts: () => number}}
 */
export function keepUp({ name, running, ended, probe, end, start, say, everyMs = 1000, patience = 3 }) {
  let current = running;
  let stopped = false;
  let restarts = 0;
  let failures = 0;
  let since = Date.now();

  const again = async (reason) => {
    if (Date.now() - since > STOOD_MS) failures = 0;
    say(`${name} ${reason}; starting it again.`);
    while (!stopped) {
      await pause(pauseBefore(failures));
      if (stopped) return;
      failures++;
      try {
        current = await start();
        restarts++;
        since = Date.now();
        say(`${name} is back.`);
        return;
      } catch (error) {
        say(`${name} did not start: ${error.message.split('\n')[0]}`);
      }
    }
  };

  const watch = async () => {
    for (let silent = 0; !stopped; await pause(Math.min(everyMs, 250))) {
      if (ended(current)) {
        await again('has ended');
        silent = 0;
        continue;
      }
      if (Date.now() - lookedAt < everyMs) continue;
      lookedAt = Date.now();
      try {
        await probe(current);
        silent = 0;
      } catch {
        silent++;
      }
      if (silent >= patience && !stopped) {
        await end(current);
        await again('did not answer');
        silent = 0;
      }
    }
  };
  let lookedAt = 0;
  const watching = watch();
  return {
    current: () => current,
    restarts: () => restarts,
    stop: () => {
      stopped = true;
      return Promise.race([watching, pause(1000)]);
    },
  };
}
