/** What Yup takes for an object. */
export function isRecord(value) {
    if (typeof value !== 'object' || value === null)
        return false;
    return Object.getPrototypeOf(value) === Object.prototype || TO_TEXT.call(value) === '[object Object]';
}
const TO_TEXT = Object.prototype.toString;
const known = new WeakMap();
/** Whether there is plainly nothing wrong with a place; what lies inside it is not looked at. */
export function isPlain(schema, value) {
    let plain = known.get(schema);
    if (plain === undefined) {
        plain = plainOf(schema);
        known.set(schema, plain);
    }
    return plain(value);
}
/** A schema with a test of its own is left to Yup altogether. */
function plainOf(schema) {
    const told = schema.describe();
    const tests = [];
    // Of two tests of one name a schema tells only the first.
    if (told.notOneOf.length > 0 || told.tests.length !== schema.tests.length)
        return () => false;
    for (const { name, params } of told.tests) {
        const test = plainTest(name ?? '', params ?? {}, told);
        if (test === undefined)
            return () => false;
        tests.push(test);
    }
    if (told.oneOf.length > 0) {
        const choices = new Set(told.oneOf);
        tests.push((value) => choices.has(value));
    }
    const hasType = TYPES[told.type];
    if (hasType === undefined)
        return () => false;
    const absent = told.optional === true;
    return (value) => {
        if (value === undefined)
            return absent;
        if (!hasType(value))
            return false;
        for (const test of tests)
            if (!test(value))
                return false;
        return true;
    };
}
const TYPES = {
    string: (value) => typeof value === 'string',
    number: (value) => typeof value === 'number' && !Number.isNaN(value),
    boolean: (value) => typeof value === 'boolean',
    array: (value) => Array.isArray(value),
    object: isRecord,
    mixed: (value) => value !== null,
};
function plainTest(name, params, told) {
    const sized = told.type === 'string' || told.type === 'array';
    const size = (value) => (sized ? value.length : value);
    const { min, max, regex } = params;
    if (name === 'min' && typeof min === 'number')
        return (value) => size(value) >= min;
    if (name === 'max' && typeof max === 'number')
        return (value) => size(value) <= max;
    if (name === 'matches' && regex instanceof RegExp && !regex.global && !regex.sticky)
        return (value) => regex.test(value);
    if (name === 'integer')
        return (value) => Number.isInteger(value);
    if (name === 'required' && told.type === 'string')
        return (value) => value !== '';
    if (name === 'noUnknown' && told.fields !== undefined) {
        const fields = new Set(Object.keys(told.fields));
        return (value) => {
            for (const key in value)
                if (!fields.has(key))
                    return false;
            return true;
        };
    }
    return undefined;
}
//# sourceMappingURL=plainPlace.js.map