import type { FieldError } from '@graft/core';

/** A refusal with its HTTP status; every error answer has the one shape that `errorBody` makes. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly code: 'invalid' | 'notFound' | 'stale' | 'tooLarge' | 'forbidden' | 'internal',
    message: string,
    readonly errors: readonly FieldError[] = [],
  ) {
    super(message);
  }
}

export interface ErrorBody {
  readonly error: {
    readonly code: ApiError['code'];
    readonly message: string;
    readonly errors: readonly FieldError[];
  };
}

export function errorBody(error: ApiError): ErrorBody {
  return { error: { code: error.code, message: error.message, errors: error.errors } };
}
