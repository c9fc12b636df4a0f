/** The server's clock; the tests set it. */
export const nowMs = (): number => Date.now();

/** What is told by the clock is told anew each minute. */
export const thisMinute = (): number => Math.floor(nowMs() / 60_000);
