'use client';

import { useState } from 'react';
import type { Problem } from '@/contract/shared';
import { callApi } from './api';

export const problemWords = ({ status, title, detail }: Problem): string =>
  status === 412
    ? 'It was changed elsewhere. Reload to see it; what you typed is still here.'
    : `${title} ${detail ?? ''}`.trim();

interface Stored {
  id: string;
  version: number;
}

/** Sends what a form holds, once at a time; what is wrong stands in words until the next try. */
export function useSend() {
  const [problem, setProblem] = useState<string>();
  const [busy, setBusy] = useState(false);
  const send = async <T>(method: string, path: string, options?: { body?: unknown; version?: number }) => {
    setBusy(true);
    const result = await callApi<T>(method, path, options);
    setBusy(false);
    setProblem(result.ok ? undefined : problemWords(result.problem));
    return result.ok ? result.data : undefined;
  };
  /** A new one under the path, or the changed one in its place. */
  const keep = <T>(path: string, body: unknown, edit?: Stored) =>
    edit ? send<T>('PUT', `${path}/${edit.id}`, { body, version: edit.version }) : send<T>('POST', path, { body });
  return { problem, setProblem, busy, send, keep };
}
