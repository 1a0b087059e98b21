import type { AnySchema } from 'yup';
import { InvalidInputError, schemaErrors } from '@graft/core';

/** A validated body, or every error of it. */
export function checked<T>(schema: unknown, value: unknown): T {
  const errors = schemaErrors(schema as AnySchema, value ?? {});
  if (errors.length > 0) throw new InvalidInputError(errors);
  return value as T;
}

/** For `noUnknown`: a misspelt field is told, not dropped. */
export function noUnknown({ unknown }: { unknown?: string }): string {
  return `has a field nobody knows: ${unknown ?? ''}`;
}
