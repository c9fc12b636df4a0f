/** What a request may carry. Plain JavaScript: the gate before the app reads it too. */
export const MAX_BODY_BYTES = 256 * 1024;
export const TOO_LARGE = {
  status: 413,
  type: '/problems/too-large',
  title: 'That is too much at once.',
  detail: `At most ${MAX_BODY_BYTES / 1024} kB.`,
};
