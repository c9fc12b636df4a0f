import type { z } from 'zod';

export type Method = 'GET' | 'POST' | 'PUT' | 'PATCH' | 'DELETE';

export interface Answer {
  status?: number;
  body?: unknown;
  /** Version of a stored resource, sent as its ETag. */
  version?: number;
  location?: string;
  /** Another kind than JSON. */
  text?: { type: string; body: string };
  /** A file to keep, as it comes from the disk. */
  file?: { type: string; name: string; body: ReadableStream };
}

export interface Call {
  params: Record<string, string>;
  query: unknown;
  body: unknown;
  /** The version of If-Match; undefined when the header is absent or `*`. */
  version: number | undefined;
}

/** One operation of the public API: what it takes, what it gives, and the use case it calls. The description is generated from this. */
export interface Operation {
  method: Method;
  /** Below /api/v1, with {id} for parameters. */
  path: string;
  summary: string;
  tag: string;
  query?: z.ZodType;
  body?: z.ZodType;
  response?: z.ZodType;
  status?: number;
  ifMatch?: 'required' | 'optional';
  /** Reads the current side for a 412. */
  current?: (id: string) => Promise<{ version: number }>;
  run: (call: Call) => Promise<Answer> | Answer;
}

/** Cuts and ingredients that come with Mince have names for ids; all else has a UUID. */
export const isKnownByName = ({ tag }: Pick<Operation, 'tag'>): boolean => tag === 'cuts' || tag === 'ingredients';

/** An operation whose call is typed by its schemas. */
export function operation<Query extends z.ZodType, Body extends z.ZodType>(
  definition: Omit<Operation, 'run' | 'query' | 'body'> & {
    query?: Query;
    body?: Body;
    run: (
      call: Omit<Call, 'query' | 'body'> & { query: z.output<Query>; body: z.output<Body> },
    ) => Promise<Answer> | Answer;
  },
): Operation {
  return definition as unknown as Operation;
}
