/**
 * What members say of themselves before the trip, by the link that becomes their sheet: told as marks, so that it works
 * without a network and on several devices; taken over by the leader one by one or all.
 */
import { THING_RANGES } from '../trip/thingRanges.js';
import type { KeptMark, MarkValue, SheetMark, Standing } from './marks.js';
import { markKey, standing } from './marks.js';

/** What is asked, each told as a mark "said" about one of these. */
export const SAID_FIELDS = [
  'body',
  'band',
  'stature',
  'pack',
  'ownKg',
  'cap',
  'capWhy',
  'eats',
  'medicines',
  'medicinesForAll',
  'tentWith',
  'guardian',
  'done',
] as const;
export type SaidField = (typeof SAID_FIELDS)[number];

/** Numbers are told within these, in kg, cm and litres. */
export const SAID_RANGES = {
  body: [10, 250],
  stature: [80, 230],
  pack: [30, 80],
  ownKg: [0, 60],
  cap: [0.5, 60],
} as const satisfies Partial<Record<SaidField, readonly [number, number]>>;

/** Somebody who would rather not say a weight says a band. */
export const BODY_BANDS = [
  'under 40',
  '40 to 50',
  '50 to 60',
  '60 to 70',
  '70 to 80',
  '80 to 90',
  '90 to 100',
  'over 100',
];
const BAND_MIDDLES_KG = [35, 45, 55, 65, 75, 85, 95, 110];
export function bandMiddleKg(band: string): number | undefined {
  return BAND_MIDDLES_KG[BODY_BANDS.indexOf(band)];
}

/** A thing of one's own that is ticked, or that one adds. */
export interface OwnAnswer {
  readonly name: string;
  readonly kg?: number;
}
export const OFFER_KINDS = ['tent', 'stove', 'pot', 'filter', 'firstAid', 'other'] as const;
export type OfferKind = (typeof OFFER_KINDS)[number];
/** Something of one's own that the party may have. */
export interface OfferAnswer extends OwnAnswer {
  readonly what: OfferKind;
  /** Of tents. */
  readonly sleeps?: number;
}
const LONGEST_NAME = 80;
const MOST_SLEEPS = 12;

function parsed(value: MarkValue): Readonly<Record<string, unknown>> | undefined {
  if (typeof value !== 'string' || value === '') return undefined;
  try {
    const data: unknown = JSON.parse(value);
    return typeof data === 'object' && data !== null && !Array.isArray(data)
      ? (data as Record<string, unknown>)
      : undefined;
  } catch {
    return undefined;
  }
}

/** An own thing as a mark's text says it; undefined for an empty text and for anything else. */
export function readOwn(value: MarkValue): OwnAnswer | undefined {
  const { name, kg } = parsed(value) ?? {};
  if (typeof name !== 'string' || name.trim() === '' || name.length > LONGEST_NAME) return undefined;
  if (kg === undefined) return { name: name.trim() };
  const [least, most] = THING_RANGES.massKg;
  return typeof kg === 'number' && kg >= least && kg <= most ? { name: name.trim(), kg } : undefined;
}

export function readOffer(value: MarkValue): OfferAnswer | undefined {
  const own = readOwn(value);
  const { what, sleeps } = parsed(value) ?? {};
  const kind = OFFER_KINDS.find((k) => k === what);
  if (own === undefined || kind === undefined) return undefined;
  if (sleeps === undefined) return { ...own, what: kind };
  const isPlaces = Number.isInteger(sleeps) && (sleeps as number) >= 1 && (sleeps as number) <= MOST_SLEEPS;
  return isPlaces ? { ...own, what: kind, sleeps: sleeps as number } : undefined;
}

/** What a member has said, as it stands. */
export interface Answers {
  readonly said: Readonly<Partial<Record<SaidField, MarkValue>>>;
  readonly own: ReadonlyMap<string, OwnAnswer>;
  readonly offers: ReadonlyMap<string, OfferAnswer>;
  /** They say that it is all. */
  readonly isDone: boolean;
  /** How much was said. */
  readonly count: number;
  /** What two devices say differently. */
  readonly disputed: number;
}

export function answersOf(marks: readonly (SheetMark | KeptMark)[]): Answers {
  const state: ReadonlyMap<string, Standing> = standing(marks);
  const said: Partial<Record<SaidField, MarkValue>> = {};
  for (const field of SAID_FIELDS) {
    const value = state.get(markKey({ kind: 'said', thingId: field }))?.mark.value;
    if (value !== undefined && value !== '') said[field] = value;
  }
  const [own, offers] = [new Map<string, OwnAnswer>(), new Map<string, OfferAnswer>()];
  for (const { mark } of state.values()) {
    if (mark.thingId === undefined) continue;
    const thing = mark.kind === 'own' ? readOwn(mark.value) : undefined;
    if (thing !== undefined) own.set(mark.thingId, thing);
    const offer = mark.kind === 'offer' ? readOffer(mark.value) : undefined;
    if (offer !== undefined) offers.set(mark.thingId, offer);
  }
  const { done, ...fields } = said;
  return {
    said,
    own,
    offers,
    isDone: done === true,
    count: Object.keys(fields).length + own.size + offers.size,
    disputed: [...state.values()].filter(
      ({ mark, others }) => others.length > 0 && ['said', 'own', 'offer'].includes(mark.kind),
    ).length,
  };
}
