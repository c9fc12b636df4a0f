import { planBatch, planMeal, type MealBatch } from '@/core/batches';
import { randomFrom } from '@/core/makespan';
import { MEAL_RULES, type Placed } from './mealRules';
import { sweep, type Swept } from './plans';
import { RULES } from './rules';

const MEALS = 70;
const MOST_IN_A_MEAL = 4;

/** Rule, how many meals break it, and the first that does. */
const broken = new Map<string, { count: number; first: string }>();
const breaks = (rule: string, wrong: string | undefined, of: string) => {
  if (wrong === undefined) return;
  const known = broken.get(rule);
  broken.set(rule, { count: (known?.count ?? 0) + 1, first: known?.first ?? `${of}: ${wrong}` });
};
const meals: { batches: MealBatch[]; placed: Placed[]; names: string[] }[] = [];

beforeAll(() => {
  const all: Swept[] = [];
  sweep((swept) => all.push(swept));
  const random = randomFrom(7);
  for (let at = 0; at < MEALS; at++) {
    const picked = Array.from({ length: 1 + (at % MOST_IN_A_MEAL) }, () => all[Math.floor(random() * all.length)]!);
    const names = picked.map(({ name }) => name);
    const batches = picked.map(({ inputs, around }, index) => ({
      id: `batch ${index}`,
      inputs: { ...inputs },
      around,
    }));
    const { plans } = planMeal(batches);
    const placed = batches.map((batch, index) => ({ ...batch, plan: plans[index]!, alone: picked[index]!.plan }));
    meals.push({ batches, placed, names });
    for (const [rule, check] of Object.entries(MEAL_RULES)) breaks(rule, check(placed), names.join(' + '));
    for (const [rule, check] of Object.entries(RULES))
      for (const { plan, inputs, around, id } of placed)
        breaks(rule, check({ name: id, plan, inputs, around }), names.join(' + '));
  }
}, 300_000);

test.each(Object.keys(MEAL_RULES))('meals of one to four batches: %s', (rule) =>
  expect(broken.get(rule)).toBeUndefined(),
);

test.each(Object.keys(RULES))('in a meal as alone: %s', (rule) => expect(broken.get(rule)).toBeUndefined());

test('a batch alone in its meal is planned as it is alone', () => {
  for (const { placed } of meals.filter(({ placed: { length } }) => length === 1))
    expect(placed[0]!.plan).toEqual(placed[0]!.alone);
});

test('the same meal, its batches in any order and asked for one by one, has the same plans', () => {
  for (const { batches, placed } of meals.slice(0, 16)) {
    const turned = planMeal([...batches].reverse()).plans.reverse();
    expect(turned.map(({ schedule }) => schedule)).toEqual(placed.map(({ plan }) => plan.schedule));
    const [own, ...neighbours] = batches;
    const { inputs, around } = own!;
    expect(planBatch(inputs, { ...around, meal: { id: own!.id, neighbours } }).schedule).toEqual(
      placed[0]!.plan.schedule,
    );
  }
});

test('batches that want nothing of each other stay as they are alone', () => {
  const { batches, placed } = meals.find(({ placed: { length } }) => length === 2)!;
  const [one, other] = batches;
  const days = 5 * 86_400_000;
  const later = {
    ...other!,
    inputs: {
      ...other!.inputs,
      tableAtMs: other!.inputs.tableAtMs + days,
      notBeforeMs: other!.inputs.notBeforeMs! + days,
    },
  };
  expect(planMeal([one!, later]).plans[0]).toEqual(placed[0]!.alone);
});
