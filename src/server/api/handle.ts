import 'server-only';
import { z, ZodError } from 'zod';
import { MAX_BODY_BYTES } from '@/contract/bodyLimit.mjs';
import { VersionConflict } from '@/data/failures';
import { onStore } from '../store';
import {
  badRequest,
  breaksRule,
  changedElsewhere,
  invalid,
  needsIfMatch,
  notFound,
  ourMistake,
  Refusal,
  tooLarge,
  wrongType,
} from './failures';
import { isKnownByName, type Answer, type Method, type Operation } from './operation';
import { operations } from './operations';

const JSON_TYPE = /^application\/json(?:\s*;\s*charset\s*=\s*"?utf-8"?)?$/i;
const MERGE_TYPE = /^application\/merge-patch\+json$/i;
const etagOf = (version: number) => `"${version}"`;

/** Answers one request to /api/v1: finds the operation, checks everything that comes in, and speaks problem+json when it cannot. */
export async function handle(request: Request, segments: readonly string[]): Promise<Response> {
  try {
    return await answer(request, segments);
  } catch (error) {
    const { problem, headers } = refusalOf(error, request);
    return Response.json(problem, {
      status: problem.status,
      headers: { 'Content-Type': 'application/problem+json', 'Cache-Control': 'no-store', ...headers },
    });
  }
}

function refusalOf(error: unknown, request: Request): Refusal {
  if (error instanceof Refusal) return error;
  if (error instanceof ZodError) return invalid(error);
  if (error instanceof RangeError) return breaksRule(error.message);
  const id = crypto.randomUUID();
  console.error(`${new Date().toISOString()} ${id} ${request.method} ${new URL(request.url).pathname}`, error);
  return ourMistake(id);
}

async function answer(request: Request, segments: readonly string[]): Promise<Response> {
  const { found, params } = find(request.method as Method, segments);
  const url = new URL(request.url);
  if ([...url.searchParams.values()].some((value) => value.includes('\0'))) throw badRequest(NOT_KEEPABLE);
  const query = found.query ? found.query.parse(Object.fromEntries(url.searchParams)) : {};
  const body = found.body ? found.body.parse(await readJson(request)) : undefined;
  const version = found.ifMatch ? readIfMatch(request, found.ifMatch) : undefined;

  const given = await onStore(async () => {
    try {
      return await found.run({ params, query, body, version });
    } catch (error) {
      if (!(error instanceof VersionConflict) || !found.current) throw error;
      const current = await found.current(params.id!);
      throw changedElsewhere(current, etagOf(current.version));
    }
  });
  return respond(given, found, request);
}

function respond(
  { status, body, version, location, text, file }: Answer,
  { status: usual = 200 }: Operation,
  request: Request,
): Response {
  const headers: Record<string, string> = { 'Cache-Control': 'no-store' };
  if (version !== undefined) headers.ETag = etagOf(version);
  if (location) headers.Location = location;
  if (version !== undefined && request.method === 'GET' && request.headers.get('if-none-match') === etagOf(version))
    return new Response(null, { status: 304, headers });
  if (file)
    return new Response(file.body, {
      headers: { ...headers, 'Content-Type': file.type, 'Content-Disposition': `attachment; filename="${file.name}"` },
    });
  if (text)
    return new Response(text.body, { status: status ?? usual, headers: { ...headers, 'Content-Type': text.type } });
  return body === undefined
    ? new Response(null, { status: status ?? usual, headers })
    : Response.json(body, { status: status ?? usual, headers });
}

const uuid = z.uuid();

function find(method: Method, segments: readonly string[]): { found: Operation; params: Record<string, string> } {
  const matching = operations.flatMap((one) => {
    const wanted = one.path.slice(1).split('/');
    if (wanted.length !== segments.length) return [];
    const params: Record<string, string> = {};
    const fits = wanted.every((part, index) =>
      part.startsWith('{') ? (params[part.slice(1, -1)] = segments[index]!) : part === segments[index],
    );
    return fits ? [{ found: one, params }] : [];
  });
  if (matching.length === 0) throw notFound('address');
  const exact = matching.find(({ found }) => found.method === method);
  if (!exact) {
    const allowed = matching.map(({ found }) => found.method).join(', ');
    throw new Refusal(
      {
        type: '/problems/method',
        title: `${method} is not possible here.`,
        status: 405,
        detail: `Possible: ${allowed}.`,
      },
      { Allow: allowed },
    );
  }
  if (exact.params.id !== undefined && !isKnownByName(exact.found) && !uuid.safeParse(exact.params.id).success)
    throw notFound(exact.found.tag.replace(/(e?)s$/, ''));
  return exact;
}

async function readJson(request: Request): Promise<unknown> {
  // Other kinds are what a foreign page can send without being asked.
  const type = (request.headers.get('content-type') ?? '').trim();
  if (!JSON_TYPE.test(type) && !(request.method === 'PATCH' && MERGE_TYPE.test(type)))
    throw wrongType(type, 'application/json');
  const text = await readText(request);
  let body: unknown;
  try {
    body = JSON.parse(text);
  } catch {
    throw badRequest('The body is not JSON.');
  }
  if (!isKeepable(JSON.stringify(body))) throw badRequest(NOT_KEEPABLE);
  return body;
}

/** What is sent, as far as the limit goes: the rest is never taken in. */
async function readText(request: Request): Promise<string> {
  if (!request.body) return '';
  const reader = request.body.getReader();
  const parts: Uint8Array[] = [];
  for (let bytes = 0; ;) {
    const { done, value } = await reader.read();
    if (done) break;
    bytes += value.byteLength;
    if (bytes > MAX_BODY_BYTES) {
      await reader.cancel().catch(() => {});
      throw tooLarge();
    }
    parts.push(value);
  }
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(Buffer.concat(parts));
  } catch {
    throw badRequest('The body is not UTF-8.');
  }
}

const NOT_KEEPABLE = 'The text holds a sign that cannot be kept: a null, or half of a character.';
/** Neither a null nor half of a surrogate pair, as they stand in JSON: the store has no place for them. */
const isKeepable = (json: string) => !/(?<!\\)(?:\\\\)*\\u(?:0000|d[89a-f])/.test(json);

function readIfMatch(request: Request, need: 'required' | 'optional'): number | undefined {
  const header = request.headers.get('if-match');
  if (header === null || header === '*') {
    if (need === 'required' && header === null) throw needsIfMatch();
    return undefined;
  }
  const version = /^(?:W\/)?"(\d{1,9})"$/.exec(header.trim());
  if (!version) throw badRequest('If-Match must be one ETag as it was read, in quotes, or *.');
  return Number(version[1]);
}
