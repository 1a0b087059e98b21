import type { AnySchema } from 'yup';
import { InvalidInputError, schemaErrors, type FieldError } from '@graft/core/schema';
import { cut } from '@graft/core/units';

/** A validated body, or every error of it. */
export function checked<T>(schema: unknown, value: unknown): T {
  refuse(schemaErrors(schema as AnySchema, value ?? {}));
  return value as T;
}

/** @throws InvalidInputError when there are errors */
export function refuse(errors: readonly FieldError[]): void {
  if (errors.length > 0) throw new InvalidInputError(errors);
}

/** For `noUnknown`: a misspelt field is told, not dropped. */
export function noUnknown({ unknown }: { unknown?: string }): string {
  return `has a field nobody knows: ${cut(unknown ?? '')}`;
}
