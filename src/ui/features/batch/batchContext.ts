'use client';

import { createContext, useContext } from 'react';
import type { BatchInputs, BatchPlan, Pins } from '@/core/batches';
import type { Marinade } from '@/core/marinades';
import type { Cut } from '@/core/pieces';
import type { BatchFields } from './batchFields';

/** What every stage of the batch page works with. */
export interface BatchWork {
  fields: BatchFields;
  inputs: BatchInputs;
  plan: BatchPlan;
  cut: Cut;
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
