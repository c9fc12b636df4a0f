import { TOO_LARGE } from '@/contract/bodyLimit.mjs';
import type { Problem } from '@/contract/shared';
import type { ZodError } from 'zod';

/** An answer other than the wished one, as RFC 9457 wants it. */
export class Refusal extends Error {
  constructor(
    readonly problem: Problem,
    readonly headers: Record<string, string> = {},
  ) {
    super(problem.title);
  }
}

const refuse = (
  status: number,
  type: string,
  title: string,
  more: Partial<Problem> = {},
  headers: Record<string, string> = {},
) => new Refusal({ type: `/problems/${type}`, title, status, ...more }, headers);

export const notFound = (what: string) => refuse(404, 'not-found', `There is no such ${what}.`);
export const badRequest = (title: string) => refuse(400, 'bad-request', title);
export const breaksRule = (detail: string, pointer = '') =>
  refuse(422, 'rule', 'That does not fit together.', { detail, errors: [{ pointer, detail }] });
export const tooLarge = () => new Refusal(TOO_LARGE, { Connection: 'close' });
export const wrongType = (type: string, wanted: string) =>
  refuse(415, 'media-type', 'Send JSON.', {
    detail: `Content-Type must be ${wanted}; this was ${type ? `“${type.slice(0, 60)}”` : 'none'}.`,
  });
/** Made with that id before, and put away since. */
export const idIsTaken = () =>
  refuse(409, 'id-taken', 'Something with this id was put away.', { detail: 'Bring it back, or send another id.' });
/** The cause is in the log under this id. */
export const ourMistake = (id: string) =>
  refuse(500, 'internal', 'Mince made a mistake.', {
    detail: `Nothing was changed. Try again; if it stays so, restart Mince. In its log this is ${id}.`,
    instance: id,
  });
export const needsIfMatch = () =>
  refuse(428, 'if-match-needed', 'Send the version you changed in If-Match.', {
    detail:
      'Read the resource first; its ETag is the version. So nothing of another tab or device is overwritten unseen.',
  });
export const changedElsewhere = (current: unknown, etag: string) =>
  refuse(
    412,
    'changed-elsewhere',
    'This was changed elsewhere in the meantime.',
    { detail: 'The current version is in `current`. Nothing was overwritten.', current },
    { ETag: etag },
  );
export const storeAway = () =>
  refuse(
    503,
    'database-away',
    'The kitchen records cannot be reached just now.',
    {
      detail:
        'Nothing is lost: the change is kept here and is sent again. If it stays so, look whether the database is running, or start Mince again.',
    },
    { 'Retry-After': '2' },
  );
export const storeBusy = () =>
  refuse(
    503,
    'busy',
    'Too much is going on at once.',
    { detail: 'Nothing was changed by this. It is tried again in a moment.' },
    { 'Retry-After': '1' },
  );
export const storeFull = () =>
  refuse(507, 'disk-full', 'The disk is full.', { detail: 'Free some space; what was saved before is safe.' });

/** Every field that did not pass, with a JSON pointer to it. */
export function invalid(error: ZodError): Refusal {
  const errors = error.issues
    .slice(0, 50)
    .map((issue) => ({ pointer: `/${issue.path.join('/')}`, detail: issue.message }));
  return refuse(400, 'invalid', 'Something in the request is not as it should be.', {
    detail: errors
      .map(({ pointer, detail }) => `${pointer}: ${detail}`)
      .join('; ')
      .slice(0, 500),
    errors,
  });
}
