/** One thing that is wrong with an input: where, and what was expected against what was found. */
export interface FieldError {
  /** Such as `trip.members[3].bodyMassKg`; empty for the whole input. */
  readonly path: string;
  readonly message: string;
}

/** Input from outside that is refused whole, with every error found in it. */
export class InvalidInputError extends Error {
  override readonly name = 'InvalidInputError';
  constructor(readonly errors: readonly FieldError[]) {
    super(errors.map((e) => (e.path === '' ? e.message : `${e.path}: ${e.message}`)).join('\n'));
  }
}
