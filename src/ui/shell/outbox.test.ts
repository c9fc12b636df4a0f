import { fakeBrowser, fakeFullStorage, fakeServer } from '../../../tests/unit/browser';
import type { EventWrite } from '@/contract/resources';
import { flush, post, readOutbox, settleRefused } from './outbox';
import { countdown, onTimersChanged, readTimers, writeTimers } from './runningTimers';

const event = (id: string): EventWrite => ({
  id,
  kind: 'job-done',
  jobKey: 'trim',
  at: '2026-06-06T09:00:00.000Z',
  payload: {},
});

beforeEach(() => fakeBrowser());

describe('the outbox', () => {
  test('keeps events in order until they have arrived', async () => {
    post({ batchId: 'b1', event: event('1') });
    post({ batchId: 'b2', event: event('2') });
    const calls = fakeServer([{ status: 201, body: {} }]);
    expect((await flush()).waiting).toBe(0);
    expect(calls.map(({ path }) => path)).toEqual(['/api/v1/batches/b1/events', '/api/v1/batches/b2/events']);
    expect(readOutbox()).toEqual([]);
  });

  test('stops at a lost network and sends the rest later, each with the id it was made with', async () => {
    post({ batchId: 'b1', event: event('1') });
    post({ batchId: 'b1', event: event('2') });
    const calls = fakeServer([{ status: 201, body: {} }, 'lost', { status: 201, body: {} }]);
    expect((await flush()).waiting).toBe(1);
    expect(readOutbox().map((one) => one.event.id)).toEqual(['2']);
    expect((await flush()).waiting).toBe(0);
    expect(calls.map(({ body }) => (body as EventWrite).id)).toEqual(['1', '2', '2']);
  });

  test('sets aside what the server will never take, with its reason, and sends the rest', async () => {
    post({ batchId: 'gone', event: event('1') });
    post({ batchId: 'b1', event: event('2') });
    const calls = fakeServer([
      { status: 404, body: { type: '', title: 'There is no such batch.', status: 404 } },
      { status: 201, body: {} },
    ]);
    expect(await flush()).toEqual({
      waiting: 0,
      refused: [expect.objectContaining({ batchId: 'gone', refused: 'There is no such batch.' })],
    });
    expect(calls).toHaveLength(2);
    await flush();
    expect(calls).toHaveLength(2);
  });

  test('what was refused is sent again or let go, as the cook says', async () => {
    post({ batchId: 'gone', event: event('1') });
    const calls = fakeServer([{ status: 404, body: { type: '', title: 'Gone.', status: 404 } }]);
    await flush();
    settleRefused('again');
    expect((await flush()).refused).toHaveLength(1);
    expect(calls).toHaveLength(2);
    settleRefused('let-go');
    expect(readOutbox()).toEqual([]);
  });

  test('where the browser keeps nothing, all is still sent', async () => {
    fakeFullStorage();
    post({ batchId: 'b1', event: event('1') });
    post({ batchId: 'b1', event: event('2') });
    const calls = fakeServer([{ status: 201, body: {} }]);
    expect((await flush()).waiting).toBe(0);
    expect(calls.map(({ body }) => (body as EventWrite).id)).toEqual(['1', '2']);
  });

  test('a retry that finds the event already there counts as arrived', async () => {
    post({ batchId: 'b1', event: event('1') });
    fakeServer([{ status: 200, body: {} }]);
    expect((await flush()).waiting).toBe(0);
  });

  test('two flushes at once send nothing twice', async () => {
    post({ batchId: 'b1', event: event('1') });
    const calls = fakeServer([{ status: 201, body: {} }]);
    await Promise.all([flush(), flush()]);
    expect(calls).toHaveLength(1);
  });

  test('what is posted while it flushes goes out too', async () => {
    post({ batchId: 'b1', event: event('1') });
    const calls = fakeServer([{ status: 201, body: {} }]);
    const flushing = flush();
    post({ batchId: 'b1', event: event('2') });
    expect((await flushing).waiting).toBe(0);
    expect(calls).toHaveLength(2);
  });

  test.each(['{', '[1]', '"x"', 'null'])('a damaged store is read as empty: %s', (text) => {
    localStorage.setItem('mince.outbox', text);
    expect(readOutbox()).toEqual([]);
  });
});

describe('running timers', () => {
  const timer = (batchId: string, ringsAtMs: number) => ({
    batchId,
    jobKey: 'firm',
    label: `Firm, ${batchId}`,
    ringsAtMs,
  });

  test('of one batch are replaced, those of others stay', () => {
    writeTimers(['a', 'b'], [timer('a', 1), timer('b', 2)]);
    writeTimers(['a'], [timer('a', 3)]);
    expect(readTimers().map(({ batchId, ringsAtMs }) => [batchId, ringsAtMs])).toEqual([
      ['b', 2],
      ['a', 3],
    ]);
    writeTimers(['a', 'b'], []);
    expect(readTimers()).toEqual([]);
  });

  test('tell the other parts of the page, until nobody listens', () => {
    let heard = 0;
    const stop = onTimersChanged(() => heard++);
    writeTimers(['a'], [timer('a', 1)]);
    stop();
    writeTimers(['a'], []);
    expect(heard).toBe(1);
  });

  test.each([
    [0, '0:00'],
    [-5000, '0:00'],
    [1, '0:01'],
    [59_000, '0:59'],
    [222_000, '3:42'],
    [3_600_000, '1:00:00'],
    [4_450_000, '1:14:10'],
  ])('%d ms are shown as %s', (left, shown) => expect(countdown(1_000_000 + left, 1_000_000)).toBe(shown));

  test('a damaged store shows no timer', () => {
    localStorage.setItem('mince.timers', '[{"label":1}]');
    expect(readTimers()).toEqual([]);
  });
});
