'use client';

import { createContext, useContext } from 'react';
import type { EventResource } from '@/contract/resources';
import type { BatchInputs, BatchPlan, Pins, Surroundings } from '@/core/batches';
import type { Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import type { BatchFields } from './batchFields';

/** What every stage of the batch page works with. */
export interface BatchWork {
  fields: BatchFields;
  inputs: BatchInputs;
  plan: BatchPlan;
  cut: Cut;
  /** Cuts met so far: the batch's, the cook's own, and any chosen since. The whole catalogue comes with the Piece stage. */
  cuts: readonly Cut[];
  takeCut: (cut: Cut) => void;
  /** What the plan was made with, to ask it what-if. */
  around: Surroundings;
  batchId: string;
  mealId: string;
  /** Everything on the screen is on the server. */
  saved: boolean;
  currency: string;
  events: readonly EventResource[];
  record: (event: EventResource) => void;
  marinade: Marinade;
  marinades: readonly Marinade[];
  zone: string;
  change: (part: Partial<BatchFields>) => void;
  pin: (pins: Pins) => void;
}

const Context = createContext<BatchWork | undefined>(undefined);
export const BatchWorkProvider = Context.Provider;

export function useBatchWork(): BatchWork {
  const work = useContext(Context);
  if (!work) throw new Error('no batch around');
  return work;
}
