/** JSON Schema (2020-12) of what Yup schemas take, made from them, so that the two cannot differ. */
import type { AnySchema } from 'yup';

/** What Yup says of a schema, as far as it is used here. */
interface Described {
  readonly type: string;
  readonly optional: boolean;
  readonly oneOf: readonly unknown[];
  readonly tests: readonly { readonly name?: string; readonly params?: Readonly<Record<string, unknown>> }[];
  readonly fields?: Readonly<Record<string, Described>>;
  readonly innerType?: Described;
  /** Of a schema that depends on the value: those it may be. */
  readonly meta?: { readonly choices?: readonly AnySchema[] } | null;
}
export type JsonSchema = Readonly<Record<string, unknown>>;

/** @throws Error for a kind of schema that has no counterpart */
export function jsonSchemaOf(schema: AnySchema): JsonSchema {
  return convert(schema.describe());
}

/** The same schema with parts that have a name, wherever they stand in it, as references to that name. */
export function withNamed(
  schema: JsonSchema,
  named: Readonly<Record<string, JsonSchema>>,
  base: string,
): JsonSchema {
  const names = new Map(Object.entries(named).map(([name, part]) => [JSON.stringify(part), name]));
  const walk = (value: unknown, isWhole: boolean): unknown => {
    if (typeof value !== 'object' || value === null) return value;
    if (Array.isArray(value)) return value.map((item) => walk(item, false));
    const name = isWhole ? undefined : names.get(JSON.stringify(value));
    if (name !== undefined) return { $ref: `${base}${name}` };
    return Object.fromEntries(Object.entries(value).map(([key, part]) => [key, walk(part, false)]));
  };
  return walk(schema, true) as JsonSchema;
}

function convert(schema: Described): JsonSchema {
  const param = (test: string, name: string): unknown =>
    schema.tests.find((t) => t.name === test)?.params?.[name];
  const defined = (entries: Record<string, unknown>): JsonSchema =>
    Object.fromEntries(Object.entries(entries).filter(([, value]) => value !== undefined));
  switch (schema.type) {
    case 'object': {
      const fields = Object.entries(schema.fields ?? {});
      return {
        type: 'object',
        properties: Object.fromEntries(fields.map(([key, field]) => [key, convert(field)])),
        required: fields.filter(([, field]) => field.type === 'lazy' || !field.optional).map(([key]) => key),
        ...(schema.tests.some((t) => t.name === 'noUnknown') ? { additionalProperties: false } : {}),
      };
    }
    case 'array':
      return defined({
        type: 'array',
        items: schema.innerType === undefined ? undefined : convert(schema.innerType),
        minItems: param('min', 'min'),
        maxItems: param('max', 'max'),
      });
    case 'string': {
      const pattern = param('matches', 'regex');
      return defined({
        type: 'string',
        enum: schema.oneOf.length > 0 ? schema.oneOf : undefined,
        minLength: param('min', 'min'),
        maxLength: param('max', 'max'),
        pattern: pattern instanceof RegExp ? pattern.source : undefined,
        format: schema.tests.some((t) => t.name === 'iso-date') ? 'date' : undefined,
      });
    }
    case 'number':
      return defined({
        type: schema.tests.some((t) => t.name === 'integer') ? 'integer' : 'number',
        enum: schema.oneOf.length > 0 ? schema.oneOf : undefined,
        minimum: param('min', 'min'),
        maximum: param('max', 'max'),
      });
    case 'boolean':
      return { type: 'boolean' };
    case 'lazy':
      if (schema.meta?.choices === undefined) throw new Error('a lazy schema names no choices');
      return anyOf(schema.meta.choices);
    case 'mixed':
      return schema.meta?.choices === undefined ? {} : anyOf(schema.meta.choices);
    default:
      throw new Error(`No JSON Schema is known for a Yup schema of type ${schema.type}`);
  }
}

/** What a value is depends on the value itself: one of these. */
function anyOf(choices: readonly AnySchema[]): JsonSchema {
  return { anyOf: choices.map(jsonSchemaOf) };
}
