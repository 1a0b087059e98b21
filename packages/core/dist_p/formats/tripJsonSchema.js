import { SHAPE_SCHEMAS } from '../schema/schemaParts.js';
import { tripFileSchema } from '../schema/tripSchema.js';
export function tripJsonSchema() {
    return {
        $schema: 'https://json-schema.org/draft/2020-12/schema',
        title: 'Graft trip file',
        description: 'Units: kg, litres, cm for packs and things, km and m for terrain, hours, days counted from 1.',
        ...convert(tripFileSchema.describe()),
    };
}
function convert(schema) {
    const param = (test, name) => schema.tests.find((t) => t.name === test)?.params?.[name];
    const defined = (entries) => Object.fromEntries(Object.entries(entries).filter(([, value]) => value !== undefined));
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
            // The only lazy field of a trip file is a thing's shape, which is one of these.
            return {
                anyOf: Object.values(SHAPE_SCHEMAS).map((shape) => convert(shape.describe())),
            };
        case 'mixed':
            return {};
        default:
            throw new Error(`No JSON Schema is known for a Yup schema of type ${schema.type}`);
    }
}
//# sourceMappingURL=tripJsonSchema.js.map