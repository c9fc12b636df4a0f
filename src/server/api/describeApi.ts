import { z } from 'zod';
import { APP_VERSION } from '@/config/environment';
import { problem } from '@/contract/shared';
import { isKnownByName, type Operation } from './operation';

const schemaOf = (schema: z.ZodType, io: 'input' | 'output') => {
  const { $schema: _dialect, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: 'any' }) as Record<
    string,
    unknown
  >;
  return rest;
};

/** OpenAPI 3.1 of these operations, from the same schemas that check the requests. */
export function describeApi(operations: readonly Operation[]): object {
  const paths: Record<string, Record<string, unknown>> = {};
  for (const one of operations) {
    (paths[one.path] ??= {})[one.method.toLowerCase()] = describe(one);
  }
  return {
    openapi: '3.1.0',
    info: {
      title: 'Mince',
      version: APP_VERSION,
      description:
        'Numbers for slicing, tenderizing and marinating meat, and the record of what was cooked. Masses in g, lengths in mm, times in min, temperatures in °C. Usual guidance for home kitchens; local food-safety rules come first.',
    },
    servers: [{ url: '/api/v1' }],
    paths,
    components: { schemas: { Problem: schemaOf(problem, 'output') } },
  };
}

function describe({ summary, tag, path, query, body, response, status = 200, ifMatch }: Operation): object {
  const parameters = [
    ...[...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
      name,
      in: 'path',
      required: true,
      ...(isKnownByName({ tag })
        ? {
            schema: { type: 'string', maxLength: 60 },
            description: 'A name for what comes with Mince (chicken-thigh, soda), a UUID for what is your own',
          }
        : { schema: { type: 'string', format: 'uuid' }, description: 'A UUID' }),
    })),
    ...(query instanceof z.ZodObject
      ? Object.entries(query.shape).map(([name, field]) => ({
          name,
          in: 'query',
          required: false,
          schema: schemaOf(field as z.ZodType, 'input'),
        }))
      : []),
    ...(ifMatch
      ? [
          {
            name: 'If-Match',
            in: 'header',
            required: ifMatch === 'required',
            schema: { type: 'string' },
            description: 'The ETag that was read',
          },
        ]
      : []),
  ];
  const failed = {
    description: 'Problem',
    content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
  };
  return {
    summary,
    tags: [tag],
    parameters,
    ...(body
      ? { requestBody: { required: true, content: { 'application/json': { schema: schemaOf(body, 'input') } } } }
      : {}),
    responses: {
      [status]: {
        description: 'Done',
        ...(response ? { content: { 'application/json': { schema: schemaOf(response, 'output') } } } : {}),
      },
      '4XX': failed,
      '503': failed,
    },
  };
}
