import { asFailure, RuleBroken, StoreAway, StoreBusy, StoreFull } from './failures';

const driver = (code: string, message = 'x', more: object = {}) => Object.assign(new Error(message), { code, ...more });

describe('errors of the driver', () => {
  test.each([
    ['nobody listens', driver('ECONNREFUSED')],
    ['the line broke', driver('ECONNRESET')],
    ['the server was told to stop', driver('57P01')],
    ['the server is starting', driver('57P03')],
    ['a connection failed', driver('08006')],
    ['the client noticed first', new Error('Connection terminated unexpectedly')],
    [
      'the connection broke under a statement',
      new Error('Client has encountered a connection error and is not queryable'),
    ],
    ['it takes no password of ours', driver('28P01')],
    ['both addresses refuse', new AggregateError([driver('ECONNREFUSED'), driver('ECONNREFUSED')])],
  ])('%s: the store is away', (_, error) => expect(asFailure(error)).toBeInstanceOf(StoreAway));

  test.each([
    [
      'every connection is busy',
      Object.assign(new Error('Knex: Timeout acquiring a connection'), { name: 'KnexTimeoutError' }),
    ],
    ['two wait for each other', driver('40P01')],
    ['two got in each other’s way', driver('40001')],
    ['a row is held too long', driver('55P03')],
    ['a statement takes too long', driver('57014')],
    ['there are too many clients', driver('53300')],
    ['an answer takes too long', new Error('Query read timeout')],
  ])('%s: it has too much to do, and is not away', (_, error) => expect(asFailure(error)).toBeInstanceOf(StoreBusy));

  test('a full disk is a full disk', () =>
    expect(asFailure(driver('53100', 'No space left on device'))).toBeInstanceOf(StoreFull));

  test.each([
    ['a check', '23514', 'piece_mass_g_check'],
    ['a foreign key', '23503', 'batch_meal_fkey'],
    ['a unique index', '23505', 'piece_batch_id_unique'],
  ])('%s that does not hold is named', (_, code, constraint) => {
    const failure = asFailure(driver(code, 'violates', { constraint }));
    expect(failure).toBeInstanceOf(RuleBroken);
    expect((failure as RuleBroken).constraint).toBe(constraint);
  });

  test('anything else stays what it is', () => {
    const odd = new TypeError('a mistake of ours');
    expect(asFailure(odd)).toBe(odd);
    expect(asFailure(undefined)).toBeUndefined();
  });
});
