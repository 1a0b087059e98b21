/** Input from outside that is refused whole, with every error found in it. */
export class InvalidInputError extends Error {
    errors;
    name = 'InvalidInputError';
    constructor(errors) {
        super(errors.map((e) => (e.path === '' ? e.message : `${e.path}: ${e.message}`)).join('\n'));
        this.errors = errors;
    }
}
//# sourceMappingURL=fieldError.js.map