import type { ErrorBody, ErrorCode } from '@graft/core/api';
import { MOST_ERRORS, type FieldError } from '@graft/core/schema';
import { cut } from '@graft/core/units';

/** Characters of what an answer tells at most, whatever it repeats of a request. */
const LONGEST_PATH = 200;
const LONGEST_MESSAGE = 1000;

/** A refusal with its HTTP status; every error answer has the one shape that `errorBody` makes. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: ErrorCode,
    message: string,
    readonly errors: readonly FieldError[] = [],
  ) {
    super(message);
  }
}

export function errorBody(error: ApiError): ErrorBody {
  const told = error.errors
    .slice(0, MOST_ERRORS)
    .map(({ path, message }) => ({ path: cut(path, LONGEST_PATH), message: cut(message, LONGEST_MESSAGE) }));
  return { error: { code: error.code, message: cut(error.message, LONGEST_MESSAGE), errors: told } };
}
