/** What a kit library holds, as Yup schemas: strict, with errors that say what was expected and what was got. */
import { lazy, type AnySchema } from 'yup';
import type { FieldError } from '../schema/fieldError.js';
import { schemaErrors } from '../schema/checkSchema.js';
import {
  dish,
  LONGEST_TOGETHER,
  id,
  list,
  oneOf,
  quantity,
  requiredDate,
  requiredFlag,
  requiredId,
  requiredOneOf,
  requiredRecord,
  requiredText,
  splitWays,
  text,
  thingFields,
} from '../schema/schemaParts.js';
import { thingErrors } from '../schema/fieldReferences.js';
import { MEAL_KINDS, STOVE_KINDS } from '../trip/larderModel.js';
import { GROUP_KINDS, TRIP_STYLES, type Thing } from '../trip/model.js';
import { LIBRARY_KINDS, THING_USES, type LibraryEntry } from './libraryModel.js';

/** Entries of a library at most. */
export const MOST_ENTRIES = 3000;

/** A thing's own facts: without what only a trip gives. */
function factsFields(): Record<string, ReturnType<typeof text>> {
  const {
    id: _id,
    name: _name,
    consumption: _consumption,
    fromDay: _from,
    toDay: _to,
    joinsAt: _joins,
    leavesAt: _leaves,
    nestsIn: _host,
    libraryId: _library,
    madeBy: _maker,
    ...facts
  } = thingFields();
  return facts as unknown as Record<string, ReturnType<typeof text>>;
}
const facts = () => requiredRecord(factsFields());
const head = () => ({ id: requiredId(), name: requiredText(120), note: text(500) });
/** Trips that an entry remembers at most. */
export const MOST_OUTINGS = 200;
const outings = () =>
  list(
    requiredRecord({
      date: requiredDate(),
      trip: requiredText(120),
      style: requiredOneOf(TRIP_STYLES),
      used: requiredFlag(),
    }),
    0,
    MOST_OUTINGS,
  );
const { name: _dishName, ...dishFields } = (dish() as unknown as { fields: Record<string, AnySchema> })
  .fields;

const ENTRY_SCHEMAS = {
  thing: requiredRecord({
    ...head(),
    kind: requiredOneOf(['thing']),
    use: requiredOneOf(THING_USES),
    thing: facts(),
    worn: requiredFlag(),
    outings: outings(),
  }),
  kit: requiredRecord({
    ...head(),
    kind: requiredOneOf(['kit']),
    groupKind: oneOf(GROUP_KINDS),
    sleeps: quantity(1, 20, 'sleepers'),
    potL: quantity(0.1, 100, 'L'),
    stove: oneOf(STOVE_KINDS),
    splitWays: splitWays(),
    pieces: list(
      requiredRecord({
        id: requiredId(),
        name: requiredText(120),
        thing: facts(),
        together: text(LONGEST_TOGETHER),
        nestsIn: id(),
      }),
      1,
      60,
    ),
    outings: outings(),
  }),
  dish: requiredRecord({
    ...head(),
    kind: requiredOneOf(['dish']),
    meals: list(requiredOneOf(MEAL_KINDS), 1, MEAL_KINDS.length),
    dish: requiredRecord(dishFields),
  }),
} as const;

export const LIBRARY_ENTRY_SCHEMAS: readonly AnySchema[] = Object.values(ENTRY_SCHEMAS);
const UNKNOWN_ENTRY = requiredRecord({ kind: requiredOneOf(LIBRARY_KINDS) });

export const libraryEntrySchema = lazy((value: unknown): AnySchema => {
  const kind = typeof value === 'object' && value !== null ? (value as { kind?: unknown }).kind : undefined;
  const known = LIBRARY_KINDS.find((k) => k === kind);
  return known === undefined ? UNKNOWN_ENTRY : ENTRY_SCHEMAS[known];
}).meta({ choices: LIBRARY_ENTRY_SCHEMAS });

/** Every error of an entry: its schema, and what contradicts itself in its things. */
export function libraryEntryErrors(value: unknown, base = ''): readonly FieldError[] {
  const errors = schemaErrors(libraryEntrySchema, value, base);
  if (errors.length > 0) return errors;
  const entry = value as LibraryEntry;
  const at = (path: string): string => (base === '' ? path : `${base}.${path}`);
  const moved = (path: string, thing: object): readonly FieldError[] =>
    // A library's things have no days of their own.
    thingErrors(thing as Thing, 1).map((e) => ({ ...e, path: at(e.path.replace(/^thing/, path)) }));
  if (entry.kind === 'thing') return moved('thing', entry.thing);
  if (entry.kind === 'dish') return [];
  const ids = entry.pieces.map((p) => p.id);
  return entry.pieces.flatMap((piece, i) => [
    ...moved(`pieces[${i}].thing`, piece.thing),
    ...(ids.indexOf(piece.id) < i
      ? [
          {
            path: at(`pieces[${i}].id`),
            message: `expected an id not used before in this kit, got "${piece.id}"`,
          },
        ]
      : []),
    ...(piece.nestsIn !== undefined && (piece.nestsIn === piece.id || !ids.includes(piece.nestsIn))
      ? [
          {
            path: at(`pieces[${i}].nestsIn`),
            message: `expected the id of another piece of this kit, got "${piece.nestsIn}"`,
          },
        ]
      : []),
  ]);
}
