import { asFailure, RuleBroken, StoreAway, StoreFull } from './failures';

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
      'no connection in time',
      Object.assign(new Error('Knex: Timeout acquiring a connection'), { name: 'KnexTimeoutError' }),
    ],
    ['both addresses refuse', new AggregateError([driver('ECONNREFUSED'), driver('ECONNREFUSED')])],
  ])('%s: the store is away', (_, error) => expect(asFailure(error)).toBeInstanceOf(StoreAway));

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
