'use client';

import { useCallback, useEffect, useState } from 'react';
import type { BatchPlan } from '@/core/batches';
import type { FirmingResult, ThawResult } from '@/core/firming';
import { startFirming, type FirmingClient } from '@/workers/firming/client';

export type Solved = { is: 'fresh'; result: FirmingResult } | { is: 'frozen'; result: ThawResult };
type Question = BatchPlan['firm']['state'];

const FRAMES = 40;
const MOST_KNOWN = 12;
/** Faster than this nobody needs to be told. */
const TELL_AFTER_MS = 250;

/** One worker for the page. Answers are remembered; a question that is no longer asked is ended, since the next one is already waiting. */
class Solver {
  private client: FirmingClient | undefined;
  private readonly known = new Map<string, Promise<Solved>>();
  private running: { key: string; giveUp: () => void } | undefined;

  solve(question: Question): Promise<Solved> {
    const key = keyOf(question);
    const known = this.known.get(key);
    if (known) return known;
    this.cancel();
    const answer = new Promise<Solved>((resolve, reject) => {
      this.running = { key, giveUp: () => reject(new Error('ended')) };
      this.work(question).then(resolve, reject);
    });
    if (this.known.size >= MOST_KNOWN) this.known.clear();
    this.known.set(key, answer);
    answer.then(
      () => this.running?.key === key && (this.running = undefined),
      () => this.known.delete(key),
    );
    return answer;
  }

  cancel(): void {
    if (!this.running) return;
    this.client?.end();
    this.client = undefined;
    this.running.giveUp();
    this.running = undefined;
  }

  private async work(question: Question): Promise<Solved> {
    const { jobs } = (this.client ??= startFirming());
    return question.is === 'fresh'
      ? { is: 'fresh', result: await jobs.firming({ ...question.input, frames: FRAMES }) }
      : { is: 'frozen', result: await jobs.thawing({ ...question.input, frames: FRAMES }) };
  }
}

const solver = new Solver();
const keyOf = ({ is, input }: Question) => JSON.stringify([is, input]);

/** The model's full answer for a piece. While a new one is on its way the last one stands; `slow` is set when it takes long enough to be said. */
export function useFirming(question: Question): {
  solved?: Solved;
  slow: boolean;
  failed: boolean;
  cancel: () => void;
  again: () => void;
} {
  const [solved, setSolved] = useState<Solved>();
  const [state, setState] = useState<'calm' | 'slow' | 'failed'>('calm');
  const [tries, setTries] = useState(0);
  const key = keyOf(question);

  useEffect(() => {
    let stale = false;
    const tell = setTimeout(() => setState('slow'), TELL_AFTER_MS);
    solver.solve(question).then(
      (answer) => {
        if (stale) return;
        clearTimeout(tell);
        setSolved(answer);
        setState('calm');
      },
      () => {
        if (stale) return;
        clearTimeout(tell);
        setState('failed');
      },
    );
    return () => {
      stale = true;
      clearTimeout(tell);
    };
    // The key stands for the question: a new object with the same figures is the same question.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, tries]);

  return {
    solved,
    slow: state === 'slow',
    failed: state === 'failed',
    cancel: useCallback(() => solver.cancel(), []),
    again: useCallback(() => setTries((count) => count + 1), []),
  };
}
