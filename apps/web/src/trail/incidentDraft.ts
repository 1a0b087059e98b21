import type { KeptIncident } from '@graft/core/trail';
import type { Trip } from '@graft/core/trip';
import { celsiusOf, temperatureUnit, type MassUnit } from '@graft/core/units';
import { readNumber } from '../shared/tripFields';

export const EMPTY = {
  who: '',
  place: '',
  seen: '',
  given: '',
  pulse: '',
  breaths: '',
  consciousness: '',
  temperature: '',
  skin: '',
  pupils: '',
};
export type Draft = typeof EMPTY & { readonly at: string };

/** A text that is left out when empty. */
const said = <K extends string>(key: K, text: string): Partial<Record<K, string>> =>
  text.trim() === '' ? {} : ({ [key]: text.trim() } as Record<K, string>);
/** A number; a text that is none stays a text, for the schema to name. */
const counted = <K extends string>(key: K, text: string): Partial<Record<K, unknown>> =>
  text.trim() === '' ? {} : ({ [key]: readNumber(text) ?? text } as Record<K, unknown>);

/** A temperature in the reader's unit, to the tenth of a degree. */
function celsius(text: string, massUnit: MassUnit): object {
  const typed = readNumber(text);
  return typed === undefined || massUnit === 'kg'
    ? counted('temperatureC', text)
    : { temperatureC: Math.round(10 * celsiusOf(typed, temperatureUnit(massUnit))) / 10 };
}

/** The note that a draft makes, as far as it can be one: the schema says what is wrong with it. */
export function noteOf(
  trip: Trip,
  draft: Draft,
  corrects: KeptIncident | undefined,
  massUnit: MassUnit,
): object {
  const member = trip.members.find((m) => m.name === draft.who.trim());
  const vitals = {
    ...counted('pulsePerMin', draft.pulse),
    ...counted('breathsPerMin', draft.breaths),
    ...said('consciousness', draft.consciousness),
    ...celsius(draft.temperature, massUnit),
    ...said('skin', draft.skin),
    ...said('pupils', draft.pupils),
  };
  return {
    at: draft.at,
    ...(member === undefined ? {} : { memberId: member.id }),
    ...said('who', draft.who),
    ...said('place', draft.place),
    ...said('seen', draft.seen),
    ...said('given', draft.given),
    ...(Object.keys(vitals).length === 0 ? {} : { vitals }),
    ...(corrects === undefined ? {} : { corrects: corrects.id }),
  };
}
