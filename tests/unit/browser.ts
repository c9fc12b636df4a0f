/** What the browser's storage and events are to code that runs in tests without one. */
export function fakeBrowser(): void {
  const kept = new Map<string, string>();
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, String(value)),
    removeItem: (key: string) => void kept.delete(key),
    clear: () => kept.clear(),
    key: (index: number) => [...kept.keys()][index] ?? null,
    get length() {
      return kept.size;
    },
  };
  Object.assign(globalThis, { localStorage: storage, sessionStorage: storage, window: new EventTarget() });
}

/** A browser that refuses to keep anything: full, private, or switched off. */
export function fakeFullStorage(): void {
  const refuse = () => {
    throw new DOMException('full', 'QuotaExceededError');
  };
  const storage = { getItem: () => null, setItem: refuse, removeItem: refuse, clear: refuse };
  Object.assign(globalThis, { localStorage: storage, sessionStorage: storage, window: new EventTarget() });
}

export interface Call {
  method: string;
  path: string;
  body: unknown;
  ifMatch: string | null;
}

/** Answers fetch from a list, in order; the last answer repeats. `lost` is a network that is gone. */
export function fakeServer(answers: ({ status: number; body?: unknown } | 'lost')[]): Call[] {
  const calls: Call[] = [];
  globalThis.fetch = (async (input: RequestInfo | URL, init: RequestInit = {}) => {
    const headers = new Headers(init.headers);
    calls.push({
      method: init.method ?? 'GET',
      path: String(input),
      body: typeof init.body === 'string' ? JSON.parse(init.body) : undefined,
      ifMatch: headers.get('if-match'),
    });
    const answer = answers.length > 1 ? answers.shift()! : answers[0]!;
    if (answer === 'lost') throw new TypeError('fetch failed');
    const { status, body } = answer;
    return new Response(body === undefined ? null : JSON.stringify(body), { status });
  }) as typeof fetch;
  return calls;
}
