'use client';

import { useState } from 'react';
import type { Problem } from '@/contract/shared';
import { callApi, type ApiResult } from './api';
import { postOnce } from './tryOnce';

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
  const finish = <T>(result: ApiResult<T>) => {
    setBusy(false);
    setProblem(result.ok ? undefined : problemWords(result.problem));
    return result.ok ? result.data : undefined;
  };
  const send = async <T>(method: string, path: string, options?: { body?: unknown; version?: number }) => {
    setBusy(true);
    return finish(await callApi<T>(method, path, options));
  };
  /** A new one under the path, once, however often it is tried. @param same what of the body is the same in another try */
  const make = async <T>(path: string, body: object, same?: unknown) => {
    setBusy(true);
    return finish(await postOnce<T>(path, body, same));
  };
  /** A new one under the path, or the changed one in its place. */
  const keep = <T>(path: string, body: object, edit?: Stored) =>
    edit ? send<T>('PUT', `${path}/${edit.id}`, { body, version: edit.version }) : make<T>(path, body);
  return { problem, setProblem, busy, send, make, keep };
}
