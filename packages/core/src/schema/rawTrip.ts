/** A trip as it was read, of any shape: what points at what, with an error for each id that points at nothing. */
import { MOST_ERRORS } from './checkSchema.js';
import type { FieldError } from './fieldError.js';

export type Raw = { readonly [key: string]: unknown };
export interface Entry {
  readonly item: Raw;
  readonly path: string;
}

export const isRaw = (value: unknown): value is Raw =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

export function entries(owner: Raw, key: string, base: string): readonly Entry[] {
  const value = owner[key];
  if (!Array.isArray(value)) return [];
  return value.flatMap((item: unknown, i) => (isRaw(item) ? [{ item, path: `${base}${key}[${i}]` }] : []));
}

/** Ids of a list, with an error for each that stands twice. */
function uniqueIds(list: readonly Entry[], key: string, what: string, errors: FieldError[]): Set<string> {
  const seen = new Map<string, string>();
  for (const { item, path } of list) {
    const id = item[key];
    if (typeof id !== 'string') continue;
    const first = seen.get(id);
    if (first === undefined) seen.set(id, path);
    else if (errors.length < MOST_ERRORS)
      errors.push({
        path: `${path}.${key}`,
        message: `expected a ${what} not used before, got "${id}", also at ${first}`,
      });
  }
  return new Set(seen.keys());
}

/** A raw trip while its references are checked: errors are gathered in the order in which they are found. */
export class RawTrip {
  readonly errors: FieldError[] = [];
  private readonly lists = new Map<string, readonly Entry[]>();
  readonly days: number;
  readonly members: readonly Entry[];
  readonly packs: readonly Entry[];
  readonly pieces: readonly Entry[];
  readonly personal: readonly Entry[];
  /** Pieces and personal things. */
  readonly things: readonly Entry[];
  readonly groupKinds: ReadonlyMap<unknown, unknown>;

  constructor(
    readonly trip: Raw,
    /** Path prefix of the errors, such as "trip.". */
    readonly base: string,
  ) {
    this.days = this.of('legs').length;
    this.members = this.of('members');
    this.packs = this.of('packs');
    this.pieces = this.of('kits').flatMap((kit) => entries(kit.item, 'pieces', `${kit.path}.`));
    this.personal = this.of('personalThings');
    this.things = [...this.pieces, ...this.personal];
    this.groupKinds = new Map(this.of('groups').map((g) => [g.item['id'], g.item['kind']]));
  }

  /** The entries of a list; made once, since several checks go over it. */
  of(key: string): readonly Entry[] {
    let list = this.lists.get(key);
    if (list === undefined) {
      list = entries(this.trip, key, this.base);
      this.lists.set(key, list);
    }
    return list;
  }

  refuse(path: string, message: string): void {
    // More than anybody reads are not gathered.
    if (this.errors.length < MOST_ERRORS) this.errors.push({ path, message });
  }

  take(errors: readonly FieldError[]): void {
    this.errors.push(...errors.slice(0, MOST_ERRORS - this.errors.length));
  }

  /** Ids of a list, with an error for each that stands twice. */
  unique(list: readonly Entry[], key: string, what: string): ReadonlySet<string> {
    return uniqueIds(list, key, what, this.errors);
  }

  /** Refuse an id that none of the known ones is; what is no text is the schema's to refuse. */
  expectKnown(known: ReadonlySet<string>, value: unknown, path: string, what: string): void {
    if (typeof value === 'string' && !known.has(value))
      this.refuse(path, `expected the id of a ${what} of this trip, got "${value}"`);
  }

  /** The same for a field of each entry of a list. */
  expectAll(list: readonly Entry[], key: string, known: ReadonlySet<string>, what: string): void {
    for (const { item, path } of list) this.expectKnown(known, item[key], `${path}.${key}`, what);
  }

  /** The same for each id of a list in a field. */
  expectEach({ item, path }: Entry, key: string, known: ReadonlySet<string>, what: string): void {
    const ids = item[key];
    if (Array.isArray(ids)) ids.forEach((id, i) => this.expectKnown(known, id, `${path}.${key}[${i}]`, what));
  }
}

export function idsOf(list: readonly Entry[]): ReadonlySet<string> {
  return new Set(list.map((e) => e.item['id']).filter((id) => typeof id === 'string'));
}
