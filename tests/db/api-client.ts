import { handle } from '@/server/api/handle';

// Tables of the tests lie in one summer, whenever they run.
const SUMMER = '2026-06-01T08:00:00Z';
const mockClock = { ms: Date.parse(SUMMER) };
jest.mock('@/server/clock', () => ({ nowMs: () => mockClock.ms, thisMinute: () => Math.floor(mockClock.ms / 60_000) }));
/** Sets the server's clock; without a time, back to the first day of that summer. */
export const setClock = (iso = SUMMER): void => void (mockClock.ms = Date.parse(iso));

export interface Reply {
  status: number;
  type: string;
  etag: string | null;
  location: string | null;
  // The body of whatever resource the test asked for; each test checks its shape itself.
  body: Record<string, unknown> & { items?: Record<string, unknown>[] };
}

/** Calls the API as the route does, on the real database, without a socket in between. */
export async function call(
  method: string,
  path: string,
  {
    body,
    ifMatch,
    raw,
    type = 'application/json',
  }: { body?: unknown; ifMatch?: string; raw?: string; type?: string } = {},
): Promise<Reply> {
  const request = new Request(`http://mince.test/api/v1${path}`, {
    method,
    headers: {
      ...(body === undefined && raw === undefined ? {} : { 'content-type': type }),
      ...(ifMatch ? { 'if-match': ifMatch } : {}),
    },
    ...(body === undefined && raw === undefined ? {} : { body: raw ?? JSON.stringify(body) }),
  });
  const answer = await handle(request, path.split('?')[0]!.split('/').filter(Boolean));
  const text = await answer.text();
  return {
    status: answer.status,
    type: answer.headers.get('content-type') ?? '',
    etag: answer.headers.get('etag'),
    location: answer.headers.get('location'),
    body: text && /json/.test(answer.headers.get('content-type') ?? '') ? JSON.parse(text) : {},
  };
}

export async function marinadeId(name: string): Promise<string> {
  const { body } = await call('GET', `/marinades?${new URLSearchParams({ q: name, limit: '200' })}`);
  return body.items!.find((one) => one.name === name)!.id as string;
}

export const TABLE_AT = '2026-06-06T12:00:00.000Z';

export async function batchBody(change: Record<string, unknown> = {}): Promise<Record<string, unknown>> {
  return {
    name: 'Fennel chicken',
    way: 'stir-fry',
    cutId: 'chicken-thigh',
    massG: 900,
    heightMm: 20,
    thicknessMm: 4,
    marinadeId: await marinadeId('Fennel and soy'),
    people: 5,
    tableAt: TABLE_AT,
    notBefore: '2026-06-04T12:00:00.000Z',
    ...change,
  };
}
