/** Marks as they come over the wire. */
import { lazy, string, type AnySchema } from 'yup';
import type { FieldError } from '../schema/fieldError.js';
import { schemaErrors } from '../schema/checkSchema.js';
import {
  id,
  list,
  required,
  requiredComfort,
  requiredFlag,
  requiredOneOf,
  requiredQuantity,
  requiredRecord,
  say,
  UUID_PATTERN,
  worded,
} from '../schema/schemaParts.js';
import { BODY_PLACES } from '../trip/recordModel.js';
import { THING_RANGES } from '../trip/thingRanges.js';
import { BODY_BANDS, readOffer, readOwn, SAID_FIELDS, SAID_RANGES } from './answers.js';
import { MARK_KINDS } from './marks.js';

/** The longest that a member may write, characters. */
export const LONGEST_REPORT = 500;
/** Most marks that one request brings, and most that one mark takes the place of. */
export const MOST_MARKS = 500;
const MOST_REPLACED = 50;

const matching = (pattern: RegExp, words: string) =>
  required(worded(string().matches(pattern, say(words)), words));
const uuid = () => matching(UUID_PATTERN, 'a UUID in lower case');
const MOMENT = /^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z$/;
const moment = () => matching(MOMENT, 'a time such as "2027-05-10T07:30:00.000Z"');
const report = () => {
  const words = `a text of at most ${LONGEST_REPORT} characters`;
  return worded(string().max(LONGEST_REPORT, say(words)), words).defined(say(words));
};

const markWith = (value: AnySchema): AnySchema =>
  requiredRecord({
    id: uuid(),
    kind: requiredOneOf(MARK_KINDS),
    thingId: id(),
    value,
    at: moment(),
    replaces: list(uuid(), 0, MOST_REPLACED),
  });
/** Made once: making a schema takes longer than checking a mark by it. */
const TICK = markWith(requiredFlag());
const WEIGHT = markWith(requiredQuantity(...THING_RANGES.massKg, 'kg'));
const WORDS = markWith(report());
const COMFORT = markWith(requiredComfort());
const PLACES = `(${BODY_PLACES.join('|')})`;
const HURTS_WORDS = `places of the body with spaces between (${BODY_PLACES.join(', ')}), or an empty text`;
const HURTS = markWith(
  // An empty text is a word too: it hurts nowhere any more.
  worded(string().matches(new RegExp(`^(${PLACES}( ${PLACES})*)?$`), say(HURTS_WORDS)), HURTS_WORDS).defined(
    say(HURTS_WORDS),
  ),
);

const SAID = Object.fromEntries(
  SAID_FIELDS.map((field): [string, AnySchema] => {
    const range: readonly [number, number] | undefined = (
      SAID_RANGES as Record<string, readonly [number, number]>
    )[field];
    if (range !== undefined) return [field, markWith(requiredQuantity(range[0], range[1], ''))];
    if (field === 'done' || field === 'medicinesForAll') return [field, TICK];
    return [
      field,
      field === 'band'
        ? markWith(report().oneOf(['', ...BODY_BANDS], say('a band of body weights, or nothing')))
        : WORDS,
    ];
  }),
);
const OTHER_FIELD = requiredRecord({ thingId: requiredOneOf(SAID_FIELDS) });
const asJson = (words: string, read: (value: string) => unknown): AnySchema =>
  markWith(report().test('read', say(words), (value) => value === '' || read(value) !== undefined));
const OWN = asJson('a thing as JSON with name and kg', readOwn);
const OFFER = asJson('an offer as JSON with what, name, kg and sleeps', readOffer);

const mark = lazy((raw: unknown) => {
  switch ((raw as { kind?: unknown } | null | undefined)?.kind) {
    case 'weight':
      return WEIGHT;
    case 'comfort':
      return COMFORT;
    case 'hurts':
      return HURTS;
    case 'said':
      return SAID[String((raw as { thingId?: unknown }).thingId)] ?? OTHER_FIELD;
    case 'own':
      return OWN;
    case 'offer':
      return OFFER;
    case 'problem':
    case 'veto':
    case 'answer':
      return WORDS;
    default:
      return TICK;
  }
}).meta({ choices: [TICK, WEIGHT, WORDS, COMFORT, HURTS] });

export const sheetMarksSchema = requiredRecord({
  marks: list(mark as unknown as AnySchema, 1, MOST_MARKS),
});

/** Every error of what a device sends, with its path, such as `marks[0].id`; none when the marks may be kept. */
export function sheetMarkErrors(body: unknown): readonly FieldError[] {
  return schemaErrors(sheetMarksSchema, body ?? {});
}
