/**
 * The trip file's JSON Schema (2020-12), made from the Yup schema that reads it, so that the two cannot differ.
 * References between ids, days inside the trip and volume sums are beyond JSON Schema; docs/trip-format.md lists them.
 */
import type { AnySchema } from 'yup';
import { SHAPE_SCHEMAS } from '../schema/schemaParts.js';
import { TRIP_FILE_VERSION } from '../schema/tripFileVersion.js';
import { ITEM_SCHEMAS, tripFileSchema } from '../schema/tripSchema.js';
import { jsonSchemaOf, withNamed, type JsonSchema } from './jsonSchema.js';

/** Names the format; nothing is fetched from there. */
export const TRIP_SCHEMA_ID = `urn:graft:trip-file:${TRIP_FILE_VERSION}`;

/** Items of each list, and shapes: schemas of their own, by name. */
export function tripSchemaParts(): Readonly<Record<string, JsonSchema>> {
  const parts: Record<string, AnySchema> = { ...ITEM_SCHEMAS };
  for (const [kind, schema] of Object.entries(SHAPE_SCHEMAS)) parts[`shape.${kind}`] = schema;
  return Object.fromEntries(Object.entries(parts).map(([name, schema]) => [name, jsonSchemaOf(schema)]));
}

export function tripJsonSchema(): JsonSchema {
  const parts = tripSchemaParts();
  const short = (schema: JsonSchema): JsonSchema => withNamed(schema, parts, '#/$defs/');
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: TRIP_SCHEMA_ID,
    title: 'Graft trip file',
    description:
      'Units: kg, litres, cm for packs and things, km and m for terrain, hours, days counted from 1.',
    ...short(jsonSchemaOf(tripFileSchema as AnySchema)),
    $defs: Object.fromEntries(Object.entries(parts).map(([name, schema]) => [name, short(schema)])),
  };
}
