/** The server's clock; the tests set it. */
export const nowMs = (): number => Date.now();
