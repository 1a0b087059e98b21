/** One thing that is wrong with an input: where, and what was expected against what was found. */
export interface FieldError {
    /** Such as `trip.members[3].bodyMassKg`; empty for the whole input. */
    readonly path: string;
    readonly message: string;
}
/** Input from outside that is refused whole, with every error found in it. */
export declare class InvalidInputError extends Error {
    readonly errors: readonly FieldError[];
    readonly name = "InvalidInputError";
    constructor(errors: readonly FieldError[]);
}
