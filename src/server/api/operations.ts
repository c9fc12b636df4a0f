import 'server-only';
import { z } from 'zod';
import { APP_VERSION } from '@/config/environment';
import { ping } from '@/data/connection';
import { onStore } from '../store';
import { calculations } from './calculations';
import { describeApi } from './describeApi';
import { operation, type Operation } from './operation';
import { resources } from './resources';

const health = operation({
  method: 'GET',
  path: '/health',
  tag: 'service',
  summary: 'Is the app up, and its database',
  response: z.object({ status: z.enum(['ok']), version: z.string(), database: z.enum(['ok']) }),
  run: async () => {
    await onStore(ping);
    return { body: { status: 'ok', version: APP_VERSION, database: 'ok' } };
  },
});

const described = operation({
  method: 'GET',
  path: '/openapi.json',
  tag: 'service',
  summary: 'This description',
  run: () => ({ body: describeApi(operations) }),
});

/** Every operation of /api/v1. */
export const operations: Operation[] = [health, ...calculations, ...resources, described];
