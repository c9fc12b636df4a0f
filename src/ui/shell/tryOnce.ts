import { callApi, type ApiResult } from './api';
import { readKept, writeKept } from './deviceStorage';
import { newId } from './newId';

const keyOf = (path: string) => `mince.try${path}`;

/** The ids under which this content is sent: the same until it has arrived, also after a reload; others for other content. */
function idsOfTry(path: string, content: unknown, count: number): string[] {
  const said = JSON.stringify(content);
  try {
    const tried = JSON.parse(readKept(keyOf(path), 'tab') ?? 'null') as { ids: string[]; said: string } | null;
    if (tried?.said === said && tried.ids.length === count) return tried.ids;
  } catch {
    // as good as none
  }
  const ids = Array.from({ length: count }, newId);
  writeKept(keyOf(path), JSON.stringify({ ids, said }), 'tab');
  return ids;
}

async function sendOnce<T>(path: string, body: object): Promise<ApiResult<T>> {
  const result = await callApi<T>('POST', path, { body });
  if (result.ok) writeKept(keyOf(path), null, 'tab');
  return result;
}

/** Makes one new thing, however often it is pressed or tried again. @param same what of the body is the same in another try */
export const postOnce = <T>(path: string, body: object, same: unknown = body): Promise<ApiResult<T>> =>
  sendOnce<T>(path, { ...body, id: idsOfTry(path, same, 1)[0] });

/** Makes several at once, likewise. */
export const postManyOnce = <T>(path: string, body: object, count: number): Promise<ApiResult<T>> =>
  sendOnce<T>(path, { ...body, ids: idsOfTry(path, body, count) });
