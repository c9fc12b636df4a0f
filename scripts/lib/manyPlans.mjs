import path from 'node:path';
import { ROOT } from './run.mjs';

const CHUNK = 1000;

/** Plans so many random batches within the limits, others for every `from`; the first that throws ends it, with its inputs. */
export function manyPlans(require, count, from = 0) {
  const fc = require('fast-check');
  const { planBatch } = require(path.join(ROOT, 'src/core/batches'));
  const { findIngredient } = require(path.join(ROOT, 'src/core/marinades'));
  const { anyBatch } = require(path.join(ROOT, 'tests/fixtures/anyInputs.ts'));
  const sodaIngredient = findIngredient('soda');
  const beganMs = performance.now();
  let refused = 0;
  for (let done = 0; done < count; done += CHUNK) {
    const numRuns = Math.min(CHUNK, count - done);
    for (const { cut, marinade, inputs: given } of fc.sample(anyBatch, { numRuns, seed: from + done })) {
      const inputs = { ...given, cutId: cut.id, marinadeId: marinade.id };
      try {
        const { schedule } = planBatch(inputs, { cut, marinade, zone: 'Europe/London', sodaIngredient });
        if (!schedule.ok) refused++;
      } catch (error) {
        console.log(JSON.stringify(inputs));
        throw error;
      }
    }
    if ((done / CHUNK) % 10 === 9 || done + numRuns === count) {
      const ms = (performance.now() - beganMs) / (done + numRuns);
      console.log(`  ${done + numRuns} plans, none throws, ${refused} refused with a reason, ${ms.toFixed(1)} ms each`);
    }
  }
}
