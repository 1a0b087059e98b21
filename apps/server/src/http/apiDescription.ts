/**
 * The API in OpenAPI 3.1, for programs: what routes there are, who may ask, and what they take, from the same schemas by
 * which requests are checked. What it says in words for people is in docs/api.md.
 */
import { STATUS_CODES } from 'node:http';
import type { AnySchema } from 'yup';
import { ERROR_CODES } from '@graft/core/api';
import {
  jsonSchemaOf,
  tripJsonSchema,
  tripSchemaParts,
  withNamed,
  type JsonSchema,
} from '@graft/core/formats';
import { operations, type Operation } from './operations.js';
import { OWN_PAGE_HEADER } from './ownPage.js';

const REFS = '#/components/schemas/';
let made: JsonSchema | undefined;

/** Made once, when first asked for: it never changes while the server runs. */
export function apiDescription(): JsonSchema {
  return (made ??= make());
}

function make(): JsonSchema {
  const paths: Record<string, Record<string, JsonSchema>> = {};
  const parts = tripSchemaParts();
  for (const operation of operations()) {
    const path = operation.path.replace(/:(\w+)/g, '{$1}');
    (paths[path] ??= {})[operation.method] = describe(operation, parts);
  }
  const { $schema: _schema, $id: _id, $defs, ...file } = tripJsonSchema();
  const moved = (schema: unknown): unknown =>
    JSON.parse(JSON.stringify(schema).replaceAll('"#/$defs/', `"${REFS}`));
  return {
    openapi: '3.1.0',
    info: {
      title: 'Graft',
      version: '1',
      description: 'Sharing and packing for group trips on foot. Planning estimates, never medical advice.',
      license: { name: 'See the LICENSE of the installation', identifier: 'LicenseRef-Graft' },
    },
    servers: [{ url: '/' }],
    security: [],
    paths,
    components: {
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'graft_session', description: 'Set by signing in.' },
        sheetLink: {
          type: 'apiKey',
          in: 'header',
          name: 'X-Graft-Sheet',
          description: 'The token of a member’s link.',
        },
      },
      schemas: {
        ...(moved($defs) as JsonSchema),
        TripFile: moved(file),
        Trip: { $ref: `${REFS}TripFile/properties/trip` },
        Error: ERROR,
      },
    },
  };
}

const text = { type: 'string' };
const ERROR: JsonSchema = {
  type: 'object',
  required: ['error'],
  properties: {
    error: {
      type: 'object',
      required: ['code', 'message', 'errors'],
      properties: {
        code: {
          type: 'string',
          enum: [...ERROR_CODES],
        },
        message: text,
        errors: {
          type: 'array',
          items: { type: 'object', required: ['path', 'message'], properties: { path: text, message: text } },
        },
      },
    },
  },
};

function describe(operation: Operation, parts: Readonly<Record<string, JsonSchema>>): JsonSchema {
  const { method, path, summary, who, query, body, status = 200, answer, type } = operation;
  const isWrite = method !== 'get';
  const parameters = [
    ...[...path.matchAll(/:(\w+)/g)].map(([, name]) => ({ name, in: 'path', required: true, schema: text })),
    ...(query === undefined ? [] : queryOf(query)),
    ...(isWrite
      ? [
          {
            name: OWN_PAGE_HEADER,
            in: 'header',
            required: true,
            schema: text,
            description: 'Any value: pages of other sites cannot send it.',
          },
        ]
      : []),
  ];
  const failures = [
    400,
    ...(who === 'anybody' ? [] : [401]),
    ...(who === 'session' ? [403, 404] : []),
    429,
    503,
  ];
  return {
    summary,
    operationId: `${method}${path.replace(/[/:-]+(\w)/g, (_all, letter: string) => letter.toUpperCase())}`,
    security: who === 'anybody' ? [] : [{ [who]: [] }],
    parameters,
    ...(body === undefined
      ? {}
      : {
          requestBody: {
            required: true,
            content: {
              'application/json': {
                schema:
                  body === 'tripFile'
                    ? { $ref: `${REFS}TripFile` }
                    : withNamed(jsonSchemaOf(body), parts, REFS),
              },
            },
          },
        }),
    responses: {
      [status]: {
        description: STATUS_CODES[status] ?? 'OK',
        ...(answer === undefined ? {} : { content: { [type ?? 'application/json']: { schema: answer } } }),
      },
      ...Object.fromEntries(
        failures.map((code) => [
          code,
          {
            description: STATUS_CODES[code] ?? 'refused',
            content: { 'application/json': { schema: { $ref: `${REFS}Error` } } },
          },
        ]),
      ),
    },
  };
}

function queryOf(query: AnySchema): readonly JsonSchema[] {
  const { properties, required } = jsonSchemaOf(query) as {
    properties: Record<string, JsonSchema>;
    required: readonly string[];
  };
  return Object.entries(properties).map(([name, schema]) => ({
    name,
    in: 'query',
    required: required.includes(name),
    schema,
  }));
}
