import { RULES } from './rules';
import { sweep } from './plans';

/** Rule, how many plans break it, and the first that does. */
const broken = new Map<string, { count: number; first: string }>();
let plans = 0;

beforeAll(() => {
  plans = sweep((swept) => {
    for (const [rule, check] of Object.entries(RULES)) {
      const wrong = check(swept);
      if (wrong === undefined) continue;
      const known = broken.get(rule);
      broken.set(rule, { count: (known?.count ?? 0) + 1, first: known?.first ?? `${swept.name}: ${wrong}` });
    }
  });
}, 300_000);

test('some thousands of plans, all as a cook gets them unasked', () => expect(plans).toBeGreaterThan(3000));

test.each(Object.keys(RULES))('%s', (rule) => expect(broken.get(rule)).toBeUndefined());
