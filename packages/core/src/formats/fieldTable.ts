/** The trip file's fields as a document: every field of every object, with its range, its choices and whether it must be there. */
import { tripJsonSchema } from './tripJsonSchema.js';

interface Part {
  readonly $ref?: string;
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly minimum?: number;
  readonly maximum?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly pattern?: string;
  readonly format?: string;
  readonly items?: Part;
  readonly properties?: Readonly<Record<string, Part>>;
  readonly required?: readonly string[];
  readonly anyOf?: readonly Part[];
}

/** Markdown, made from the schema that reads trip files. */
export function fieldTables(): string {
  const { properties, $defs } = tripJsonSchema() as unknown as {
    properties: { trip: Part };
    $defs: Readonly<Record<string, Part>>;
  };
  return [
    '# Fields of the trip file',
    'Made by `npm run schema` from the schema that reads trip files; [what they mean](trip-format.md) is said there. A field marked “must” has to be there, a list also when it is empty.',
    '## The trip',
    table(properties.trip),
    ...Object.entries($defs).flatMap(([name, part]) => [`## ${titleOf(name)}`, table(part)]),
    '',
  ].join('\n\n');
}

const titleOf = (name: string): string =>
  name.startsWith('shape.') ? `A shape: ${name.slice('shape.'.length)}` : `An item of ${name}`;

function table(part: Part): string {
  return [
    '| field | must | value |',
    '| --- | --- | --- |',
    ...rows(part, '').map(([field, must, value]) => `| \`${field}\` | ${must ? 'must' : ''} | ${value} |`),
  ].join('\n');
}

/** A line a field; fields of what has no name of its own stand under it. */
function rows(part: Part, before: string): readonly (readonly [string, boolean, string])[] {
  return Object.entries(part.properties ?? {}).flatMap(([name, field]) => {
    const path = `${before}${name}`;
    const inner = field.type === 'array' ? (field.items ?? {}) : field;
    const deeper = inner.$ref === undefined && inner.properties !== undefined;
    return [
      [path, part.required?.includes(name) === true, valueOf(field)] as const,
      ...(deeper ? rows(inner, `${path}${field.type === 'array' ? '[].' : '.'}`) : []),
    ];
  });
}

function valueOf(part: Part): string {
  if (part.$ref !== undefined) return linkTo(part.$ref);
  if (part.anyOf !== undefined) return part.anyOf.map(valueOf).join(' or ');
  if (part.enum !== undefined) return part.enum.map((choice) => `\`${String(choice)}\``).join(', ');
  switch (part.type ?? '') {
    case 'array': {
      const of = part.items === undefined ? '' : ` of ${valueOf(part.items)}`;
      const size = part.maxItems === undefined ? '' : `, ${part.minItems ?? 0} to ${part.maxItems}`;
      return `a list${of}${size}`;
    }
    case 'object':
      return 'an object';
    case 'boolean':
      return '`true` or `false`';
    case 'integer':
    case 'number': {
      const kind = part.type === 'integer' ? 'a whole number' : 'a number';
      return part.minimum === undefined ? kind : `${kind} from ${part.minimum} to ${part.maximum}`;
    }
    case 'string': {
      if (part.format === 'date') return 'a date such as `2027-05-10`';
      if (part.pattern !== undefined) return `a text like \`${part.pattern.replaceAll('|', '\\|')}\``;
      return part.maxLength === undefined ? 'a text' : `a text of at most ${part.maxLength} characters`;
    }
    default:
      return 'anything';
  }
}

function linkTo(ref: string): string {
  const title = titleOf(ref.split('/').at(-1)!);
  const anchor = title
    .toLowerCase()
    .replace(/[^a-z0-9 -]/g, '')
    .replaceAll(' ', '-');
  return `[${title.replace(/^A/, 'a')}](#${anchor})`;
}
