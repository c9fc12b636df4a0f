import type { Problem } from '@/contract/shared';

export type ApiResult<T> = { ok: true; data: T } | { ok: false; problem: Problem; retry: boolean };

/** Calls /api/v1. Never throws: a lost network is a problem too, and one worth trying again. */
export async function callApi<T>(
  method: string,
  path: string,
  { body, version }: { body?: unknown; version?: number } = {},
): Promise<ApiResult<T>> {
  try {
    const answer = await fetch(`/api/v1${path}`, {
      method,
      headers: {
        ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
        ...(version === undefined ? {} : { 'If-Match': `"${version}"` }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    if (answer.ok) return { ok: true, data: (answer.status === 204 ? undefined : await answer.json()) as T };
    const problem = (await answer.json()) as Problem;
    return { ok: false, problem, retry: answer.status >= 500 };
  } catch {
    return {
      ok: false,
      retry: true,
      problem: {
        type: '/problems/offline',
        title: 'Mince cannot be reached just now.',
        status: 0,
        detail: 'Nothing is lost: it is kept on this device and sent again.',
      },
    };
  }
}
