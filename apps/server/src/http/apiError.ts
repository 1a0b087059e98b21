import type { ErrorBody, ErrorCode, FieldError } from '@graft/core';

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
  return { error: { code: error.code, message: error.message, errors: error.errors } };
}
