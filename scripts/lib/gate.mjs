/** What every request passes before the app sees it: is it for us, from our own pages, and of a size and kind we take. */
import { randomBytes } from 'node:crypto';
import { MAX_BODY_BYTES, TOO_LARGE } from '../../src/contract/bodyLimit.mjs';

export const INSTANCE_HEADER = 'X-Mince-Instance';

const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/** Host and origin of every address at which this Mince is announced. @param {{port: number, address?: string}} at */
export function addressesOf({ port, address }) {
  const own = ['127.0.0.1', 'localhost', '[::1]'].map((host) => new URL(`http://${host}:${port}`));
  const told = (address ?? '')
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean)
    .map((one) => new URL(one));
  const all = [...own, ...told];
  return { hosts: all.map(({ host }) => host.toLowerCase()), origins: all.map(({ origin }) => origin.toLowerCase()) };
}

/** @returns {string} what the browser may load and run on our pages */
const policyOf = (nonce) =>
  [
    `default-src 'self'`,
    `script-src 'self' 'nonce-${nonce}'`,
    // Drawings set sizes on elements; no style sheet but ours is taken.
    `style-src 'self' 'nonce-${nonce}'`,
    `style-src-attr 'unsafe-inline'`,
    `img-src 'self' data: blob:`,
    `font-src 'self'`,
    `connect-src 'self'`,
    `worker-src 'self'`,
    `object-src 'none'`,
    `base-uri 'none'`,
    `form-action 'self'`,
    `frame-ancestors 'none'`,
  ].join('; ');

const HEADERS = {
  'X-Content-Type-Options': 'nosniff',
  'Referrer-Policy': 'same-origin',
  'X-Frame-Options': 'DENY',
  'Cross-Origin-Opener-Policy': 'same-origin',
  'Cross-Origin-Resource-Policy': 'same-origin',
  'Permissions-Policy': 'camera=(self), microphone=(self), geolocation=(), payment=(), usb=()',
};

/**
 * Why a request is not let in, as RFC 9457 has it; undefined when it is.
 * @param {{method: string, path: string, headers: Record<string, string | undefined>}} request headers by their small names
 */
export function refusalOf({ method, path, headers }, { hosts, origins }) {
  const api = path === '/api' || path.startsWith('/api/');
  if (!hosts.includes((headers.host ?? '').toLowerCase()))
    return {
      status: 421,
      type: '/problems/address',
      title: 'This is not an address of Mince.',
      detail: 'It was asked for under a name it does not know. Where that name is meant, start it with MINCE_URL.',
    };
  const site = headers['sec-fetch-site'];
  const origin = headers.origin?.toLowerCase();
  const foreign =
    (origin !== undefined && !origins.includes(origin)) ||
    (site !== undefined && !['same-origin', 'none'].includes(site));
  if (foreign && (api || !SAFE.includes(method)))
    return {
      status: 403,
      type: '/problems/foreign',
      title: 'Another page may not ask this.',
      detail: 'Only the pages of this Mince, and programs that are no browser, read and write here.',
    };
  if (!api && !SAFE.includes(method))
    return {
      status: 405,
      type: '/problems/method',
      title: `${method} is not possible here.`,
      detail: 'Possible: GET, HEAD.',
    };
  if (Number(headers['content-length'] ?? 0) > MAX_BODY_BYTES) return TOO_LARGE;
  return undefined;
}

/** @returns {(request: import('node:http').IncomingMessage, response: import('node:http').ServerResponse) => boolean} true when the request goes on */
export function gateFor(at) {
  const addresses = addressesOf(at);
  const secure = addresses.origins.some((origin) => origin.startsWith('https:'));
  return (request, response) => {
    const path = (request.url ?? '/').split('?')[0];
    for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
    if (secure) response.setHeader('Strict-Transport-Security', 'max-age=31536000');
    const refusal = refusalOf({ method: request.method ?? 'GET', path, headers: request.headers }, addresses);
    if (refusal) {
      response.writeHead(refusal.status, { 'Content-Type': 'application/problem+json', Connection: 'close' });
      response.end(JSON.stringify(refusal));
      // What is still coming is not read; the answer gets its time to arrive.
      response.once('finish', () => setTimeout(() => request.destroy(), 300).unref());
      return false;
    }
    const policy = policyOf(randomBytes(16).toString('base64'));
    // The renderer takes the nonce for its scripts from here.
    request.headers['content-security-policy'] = policy;
    response.setHeader('Content-Security-Policy', policy);
    return true;
  };
}
