import { execFile } from 'node:child_process';
import { createServer, type Server } from 'node:http';
import net from 'node:net';
import { promisify } from 'node:util';
import { MAX_BODY_BYTES } from '@/contract/bodyLimit.mjs';
import { addressesOf, gateFor, refusalOf } from '../../scripts/lib/gate.mjs';
import { pauseBefore } from '../../scripts/lib/supervise.mjs';
import { checkZone, zonesNear } from '../../scripts/lib/zones.mjs';

const at = addressesOf({ port: 3000, address: 'https://galley.example.org' });
const host = '127.0.0.1:3000';

describe('who is let in', () => {
  const ask = (method: string, path: string, headers: Record<string, string> = {}) =>
    refusalOf({ method, path, headers: { host, ...headers } }, at)?.status;

  test.each([
    ['a page typed into the browser', 'GET', '/', { 'sec-fetch-site': 'none' }],
    ['a link from another site', 'GET', '/batches', { 'sec-fetch-site': 'cross-site' }],
    ['our own page reading', 'GET', '/api/v1/meals', { 'sec-fetch-site': 'same-origin' }],
    [
      'our own page writing',
      'POST',
      '/api/v1/meals',
      { 'sec-fetch-site': 'same-origin', origin: 'http://127.0.0.1:3000' },
    ],
    ['a program that is no browser', 'POST', '/api/v1/meals', {}],
    ['localhost by its name', 'GET', '/', { host: 'LocalHost:3000' }],
    [
      'the address that was announced',
      'PUT',
      '/api/v1/household',
      { host: 'galley.example.org', origin: 'https://galley.example.org' },
    ],
  ])('%s', (_, method, path, headers) => expect(ask(method, path, headers)).toBeUndefined());

  test.each([
    ['a name that was bent to this machine', 421, 'GET', '/api/v1/meals', { host: 'evil.example:3000' }],
    ['that name for a page', 421, 'GET', '/', { host: 'evil.example' }],
    ['another port of this machine', 421, 'GET', '/', { host: '127.0.0.1:4000' }],
    ['no host at all', 421, 'GET', '/', { host: '' }],
    ['a form of another page', 403, 'POST', '/api/v1/meals', { origin: 'https://evil.example' }],
    ['a page without an origin', 403, 'POST', '/api/v1/meals', { origin: 'null' }],
    ['another page, by what the browser says', 403, 'POST', '/api/v1/meals', { 'sec-fetch-site': 'cross-site' }],
    [
      'another port of this machine, by what the browser says',
      403,
      'DELETE',
      '/api/v1/meals/x',
      { 'sec-fetch-site': 'same-site' },
    ],
    ['another page that reads', 403, 'GET', '/api/v1/backup', { 'sec-fetch-site': 'cross-site' }],
    ['our address over another protocol', 403, 'POST', '/api/v1/meals', { origin: 'http://galley.example.org' }],
    ['a write to a page', 405, 'POST', '/batches', {}],
    ['too much, as announced', 413, 'POST', '/api/v1/meals', { 'content-length': String(MAX_BODY_BYTES + 1) }],
  ])('not %s', (_, status, method, path, headers) => expect(ask(method, path, headers)).toBe(status));
});

describe('over a socket', () => {
  let server: Server;
  let port = 0;
  let bytesTaken = 0;
  beforeAll(async () => {
    let gate = gateFor({ port: 0 });
    server = createServer(
      { headersTimeout: 1000, requestTimeout: 1500, connectionsCheckingInterval: 200 },
      (request, response) => {
        if (!gate(request, response)) return;
        request.on('data', (chunk: Buffer) => (bytesTaken += chunk.length)).on('end', () => response.end('in'));
      },
    );
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    port = (server.address() as net.AddressInfo).port;
    gate = gateFor({ port });
  });
  afterAll(() => new Promise((resolve) => (server.closeAllConnections(), server.close(resolve))));

  test('every answer forbids framing, sniffing and foreign scripts; a refusal too, as problem+json', async () => {
    const good = await fetch(`http://127.0.0.1:${port}/`);
    const policy = good.headers.get('content-security-policy')!;
    expect(policy).toMatch(/script-src 'self' 'nonce-[\w+/]{22}=='(;|$)/);
    expect(policy).toMatch(/frame-ancestors 'none'/);
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    const again = (await fetch(`http://127.0.0.1:${port}/`)).headers.get('content-security-policy');
    expect(again).not.toBe(policy);
    const bad = await fetch(`http://127.0.0.1:${port}/api/v1/meals`, {
      method: 'POST',
      headers: { Origin: 'http://evil.example' },
    });
    expect([bad.status, bad.headers.get('content-type')]).toEqual([403, 'application/problem+json']);
    for (const { headers } of [good, bad])
      expect([
        headers.get('x-content-type-options'),
        headers.get('x-frame-options'),
        headers.get('cross-origin-opener-policy'),
      ]).toEqual(['nosniff', 'DENY', 'same-origin']);
  });

  test('a body that is too large is refused before it is read', async () => {
    const said = await new Promise<string>((resolve) => {
      const socket = net.connect(port, '127.0.0.1', () => {
        socket.write(
          `POST /api/v1/meals HTTP/1.1\r\nHost: 127.0.0.1:${port}\r\nContent-Length: 300000000\r\n\r\n${'x'.repeat(1000)}`,
        );
      });
      let text = '';
      socket.on('data', (chunk) => (text += chunk)).on('close', () => resolve(text));
    });
    expect(said).toMatch(/^HTTP\/1.1 413/);
    expect(bytesTaken).toBeLessThan(2000);
  });

  test.each([
    ['headers', 'GET / HTTP/1.1\r\nHost: x'],
    ['a body', 'POST /api/v1/meals HTTP/1.1\r\nHost: HOST\r\nContent-Length: 1000\r\n\r\n{'],
  ])('%s that never come to an end are let go', async (_, begun) => {
    const said = await new Promise<string>((resolve) => {
      const socket = net.connect(port, '127.0.0.1', () => socket.write(begun.replace('HOST', `127.0.0.1:${port}`)));
      let text = '';
      socket.on('data', (chunk) => (text += chunk)).on('close', () => resolve(text));
    });
    expect(said).toMatch(/^HTTP\/1.1 408/);
  });
});

test('pauses before another start grow, and not for ever', () => {
  expect([0, 1, 2, 3, 4, 7, 20].map(pauseBefore)).toEqual([0, 500, 1000, 2000, 4000, 30_000, 30_000]);
});

describe('a time zone that was mistyped', () => {
  test.each([
    ['Europe/Londn', 'Europe/London'],
    ['londn', 'Europe/London'],
    ['Berlin', 'Europe/Berlin'],
    ['New York', 'America/New_York'],
    ['europe/pariss', 'Europe/Paris'],
  ])('%s: %s is near', (typed, near) => expect(zonesNear(typed)[0]).toBe(near));
  test('the start ends with near names before it does anything', async () => {
    expect(() => checkZone('Europe/London')).not.toThrow();
    expect(() => checkZone(undefined)).not.toThrow();
    for (const zone of ['Europe/Londn', '', '+05'])
      await expect(
        promisify(execFile)(process.execPath, ['scripts/start.mjs'], { env: { ...process.env, MINCE_ZONE: zone } }),
      ).rejects.toMatchObject({ stderr: expect.stringMatching(/is no time zone\. Near it: \w+\/\w+/) });
  });
});
