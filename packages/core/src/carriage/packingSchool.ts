/**
 * Packing schools: where each wants the height of the pack's centre of gravity, as shares of torso length above the
 * hip belt. The trade says "high", "near the shoulder blades"; the numbers are Graft's own (common practice, no source).
 */
import type { Ground, Member, PackingSchoolId, Trip } from '../trip/model.js';

export interface PackingSchool {
  readonly id: PackingSchoolId;
  readonly name: string;
  /** Lower and upper end of the band, z / torso length. */
  readonly band: readonly [number, number];
  readonly preferredWhen: string;
  /** Why its camp packs so, and what it pays, in a line (common practice, no source). */
  readonly why: string;
}

export const PACKING_SCHOOLS: Readonly<Record<PackingSchoolId, PackingSchool>> = {
  high: {
    id: 'high',
    name: 'High and close',
    band: [0.65, 0.85],
    preferredWhen: 'graded trail, upright walking',
    why: 'near the shoulder blades: short lever, upright walking; sways and tips you on steep ground',
  },
  middle: {
    id: 'middle',
    name: 'Middle and close',
    band: [0.45, 0.65],
    preferredWhen: 'most ground',
    why: 'middle of the back: between lean and sway',
  },
  low: {
    id: 'low',
    name: 'Low and close',
    band: [0.3, 0.45],
    preferredWhen: 'rough, steep or technical ground, scrambling, snow',
    why: 'low: steady on steps and rock; leans you forward, and pulls at the lower back',
  },
};

/** Grounds on which a heavy top has thrown people (common practice, no source: falls were seen). */
const STEEP_GROUNDS: readonly Ground[] = ['scramble', 'climbing', 'snow', 'glacier'];
export function isSteep(ground: Ground): boolean {
  return STEEP_GROUNDS.includes(ground);
}

/** Days on steep ground that the trip would walk with its weight high; the leader is warned hard about them. */
export function topHeavyDays(trip: Trip): readonly number[] {
  if (trip.packingSchool !== 'high') return [];
  return trip.legs.flatMap((leg, i) => (isSteep(leg.ground) ? [i + 1] : []));
}

/** |x| up to this is good, cm (Graft's own number). */
export const GOOD_OFFSET_CM = 1;
/** |x| up to this is fair, cm (Graft's own number). */
export const FAIR_OFFSET_CM = 2;

/** The school a member packs by: their own choice, or the trip's. */
export function schoolOf(trip: Trip, member: Member): PackingSchool {
  return PACKING_SCHOOLS[member.packingSchool ?? trip.packingSchool];
}

/** The band's ends for a torso, cm above the hip belt. */
export function bandCm(school: PackingSchool, torsoCm: number): readonly [number, number] {
  return [school.band[0] * torsoCm, school.band[1] * torsoCm];
}
