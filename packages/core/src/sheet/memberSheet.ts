/**
 * What one member needs to know of the plan, and nothing of the others' bodies. It says what they carry, from whom they
 * get it and where it goes. It says who has the rest, what there is to eat, who does what, and what to take care of.
 * Plain data, small enough for a phone.
 */
import { sheetAsk, type SheetAsk } from './ask.js';
import { HARD_LIFT, packLift } from '../carriage/liftingIndex.js';
import { heaviestDay, loadsOverTrip, type DayLoad } from '../load/memberLoad.js';
import { isCarriedOn, massOnDayKg } from '../load/thingOnDay.js';
import { assess } from '../stow/assessStow.js';
import { loadingSteps, type LoadingStep } from '../stow/loadingSteps.js';
import { placeOf } from '../stow/placeOf.js';
import { stowProblem } from '../stow/stowProblem.js';
import { withEvents } from '../trail/asWalked.js';
import { isUnder18 } from '../trip/age.js';
import type { MealKind } from '../trip/larderModel.js';
import type { FoodStorage, Member, Purpose, Role, Thing, Trip } from '../trip/model.js';
import { isNoPack } from '../trip/customPack.js';
import {
  nameAlone,
  allThings,
  carriedPieces,
  carrierOf,
  groupMembers,
  isWithParty,
  memberById,
  packOf,
} from '../trip/queries.js';
import { addDays } from '../units/isoDate.js';
import { waterByDay } from '../route/waterStretches.js';
import { eveningList } from '../trail/eveningList.js';
import { eveningWords } from './eveningWords.js';
import { oncePer } from '../trip/oncePer.js';
import { sheetDrawing, type SheetDrawing } from './sheetDrawing.js';
import { sheetThings, thingsOf, type SheetThing } from './sheetThings.js';

/** Without its reason: that tells of somebody's body. */
export interface SheetHandover {
  readonly day: number;
  readonly name: string;
  readonly massKg: number;
  readonly gives: boolean;
  /** The other of the two; absent when nobody gives or takes it. */
  readonly other?: string;
}
export interface SheetDay {
  readonly day: number;
  readonly date: string;
  readonly leg: string;
  readonly distanceKm: number;
  readonly climbM: number;
  readonly descentM: number;
  /** To set off with for the driest stretch and a dry camp, litres. */
  readonly waterL: number;
  readonly loadKg: number;
  readonly ratio: number;
  readonly roles: readonly Role[];
  readonly meals: readonly { readonly kind: MealKind; readonly dish: string }[];
  /** Walks with the party on this day. */
  readonly isThere: boolean;
  /** Where bottles must be full; this, and what follows, is absent in sheets that a phone stored before. */
  readonly fillAt?: string;
  /** What is to be done in the evening for the next day. */
  readonly evening?: readonly string[];
}
/** Something for an emergency, and where each of it is. */
export interface SafetyThing {
  readonly name: string;
  readonly purpose: Purpose;
  /** Each member has one; then `at` tells of the reader’s alone, or of nobody’s. */
  readonly everybody: boolean;
  readonly at: readonly { readonly who: string; readonly place: string }[];
}
/** Whom the party calls; members' own contacts are for the leaders alone. */
export interface EmergencyNumber {
  readonly name: string;
  readonly relation: string;
  readonly phone: string;
}
export interface MemberSheet {
  readonly tripName: string;
  readonly startDate: string;
  readonly timeZone: string;
  readonly memberId: string;
  readonly name: string;
  readonly packName: string;
  /** At the departure, water included, kg; their own limit that day; both with everything they need no scale for. */
  readonly loadKg: number;
  readonly limitKg: number;
  readonly limitReason: string;
  readonly heaviest: { readonly day: number; readonly loadKg: number; readonly ratio: number };
  readonly bodyMassKg: number;
  readonly buddy?: string;
  readonly tent?: { readonly name: string; readonly with: readonly string[] };
  readonly cook?: { readonly name: string; readonly with: readonly string[] };
  readonly things: readonly SheetThing[];
  readonly handovers: readonly SheetHandover[];
  /** Absent while the pack is not stowed. */
  readonly drawing?: SheetDrawing;
  readonly steps: readonly LoadingStep[];
  /** Group pieces that others carry at the departure, by who. */
  readonly others: readonly { readonly who: string; readonly pieces: readonly string[] }[];
  readonly safety: readonly SafetyThing[];
  /** Absent in sheets that a phone stored before they told whom to call. */
  readonly numbers?: readonly EmergencyNumber[];
  readonly days: readonly SheetDay[];
  readonly cautions: readonly string[];
  /** What they are asked before the trip; absent once the party has left, and in sheets stored before they asked. */
  readonly ask?: SheetAsk;
}

/** What an emergency asks for (common practice, no source). */
const SAFETY_PURPOSES: readonly Purpose[] = [
  'firstAid',
  'beacon',
  'animalSpray',
  'signal',
  'emergencyShelter',
  'navigation',
];

/** What is for an emergency by its purpose; medicines by their name. */
export function isForEmergency(thing: Pick<Thing, 'purpose' | 'name'>): boolean {
  return SAFETY_PURPOSES.includes(thing.purpose) || MEDICINE.test(thing.name);
}
const MEDICINE = /\bmedicines?\b|\bmedication\b|\binhaler\b|\binsulin\b|\badrenaline\b/i;

/**
 * The sheet of a trip as it stands: with what has happened on the way.
 *
 * @throws Error for a member who is not in the trip
 */
export function memberSheet(plan: Trip, memberId: string): MemberSheet {
  const trip = withEvents(plan);
  const member = memberById(trip, memberId);
  const loads = loadsOverTrip(trip, member);
  const [departure] = loads;
  const heaviest = heaviestDay(loads);
  const problem = stowProblem(trip, memberId, 1);
  const placements = placementsOf(trip, memberId);
  const stow = placements.length > 0 ? assess(problem, placements) : undefined;
  const tent = groupWith(trip, member.tentGroupId, member);
  const cook = groupWith(trip, member.cookGroupId, member);
  const ask = sheetAsk(trip, member);
  return {
    tripName: trip.name,
    startDate: trip.startDate,
    timeZone: trip.timeZone,
    memberId,
    name: member.name,
    packName: packOf(trip, member).name,
    loadKg: departure!.totalKg,
    limitKg: departure!.limitKg,
    limitReason: departure!.limitReason,
    heaviest: { day: heaviest.day, loadKg: heaviest.totalKg, ratio: heaviest.ratio },
    bodyMassKg: member.bodyMassKg,
    ...(member.buddyId === undefined ? {} : { buddy: memberById(trip, member.buddyId).name }),
    ...(tent === undefined ? {} : { tent }),
    ...(cook === undefined ? {} : { cook }),
    things: sheetThings(trip, member, stow),
    handovers: sheetHandovers(trip, memberId),
    ...(stow === undefined || isNoPack(problem.pack) ? {} : { drawing: sheetDrawing(problem.pack, stow) }),
    steps: stow === undefined ? [] : loadingSteps(problem, stow),
    others: trip.members
      .filter((m) => m.id !== memberId)
      .map((m) => ({ who: m.name, pieces: carriedPieces(trip, m.id, 1).map((p) => nameAlone(trip, p)) }))
      .filter((o) => o.pieces.length > 0),
    safety: safetyThings(trip, member),
    numbers: emergencyNumbers(trip),
    days: sheetDays(trip, member, loads),
    cautions: cautionsFor(trip, member, loads),
    ...(ask === undefined ? {} : { ask }),
  };
}

function placementsOf(trip: Trip, memberId: string) {
  return trip.stows.find((s) => s.memberId === memberId)?.placements ?? [];
}

/** A member's tent or cook group, with who else is in it. */
function groupWith(
  trip: Trip,
  groupId: string | undefined,
  member: Member,
): { readonly name: string; readonly with: readonly string[] } | undefined {
  const group = trip.groups.find((g) => g.id === groupId);
  if (group === undefined) return undefined;
  const others = groupMembers(trip, group).filter((m) => m.id !== member.id);
  return { name: group.name, with: others.map((m) => m.name) };
}

function sheetHandovers(trip: Trip, memberId: string): readonly SheetHandover[] {
  const pieces = new Map(allThings(trip).map((p) => [p.id, p]));
  // What changes hands before the first step is there at the departure.
  return trip.handovers
    .filter((h) => h.day > 1)
    .sort((a, b) => a.day - b.day)
    .flatMap((handover): SheetHandover[] => {
      const piece = pieces.get(handover.pieceId);
      const fromId = carrierOf(trip, handover.pieceId, handover.day - 1);
      const { toMemberId: toId, day } = handover;
      if (piece === undefined || fromId === toId || (fromId !== memberId && toId !== memberId)) return [];
      const gives = fromId === memberId;
      const otherId = gives ? toId : fromId;
      const other = otherId === undefined ? {} : { other: memberById(trip, otherId).name };
      const massKg = massOnDayKg(piece, day, trip.legs[day - 1]!);
      return [{ day, name: nameAlone(trip, piece), massKg, gives, ...other }];
    });
}

/** Medicines are their owner's own affair, unless they or the leader say that all are to know of them. */
function isOthersMedicine(trip: Trip, thing: Thing, reader: Member): boolean {
  if (!MEDICINE.test(thing.name)) return false;
  const ownerId = trip.personalThings.find((t) => t.id === thing.id)?.memberId;
  if (ownerId === undefined || ownerId === reader.id) return false;
  return memberById(trip, ownerId).medicinesForAll !== true;
}

/**
 * Everything for an emergency, with who has it on a day and where in the pack, if that is known.
 *
 * @param reader whose sheet it is for; the leader's when absent
 */
export function safetyThings(trip: Trip, reader?: Member, day = 1): readonly SafetyThing[] {
  const byName = new Map<string, { purpose: Purpose; at: { who: string; place: string }[] }>();
  const there = trip.members.filter((m) => isWithParty(m, day));
  for (const member of there) {
    for (const thing of thingsOf(trip, member, day)) {
      if (!isForEmergency(thing) || !isCarriedOn(thing, day)) continue;
      if (reader !== undefined && isOthersMedicine(trip, thing, reader)) continue;
      const known = byName.get(thing.name) ?? { purpose: thing.purpose, at: [] };
      known.at.push({ who: member.name, place: placeOf(trip, member, thing) });
      byName.set(thing.name, known);
    }
  }
  return [...byName]
    .map(([name, { purpose, at }]): SafetyThing => {
      const everybody = there.length > 1 && there.every((m) => at.some((a) => a.who === m.name));
      return {
        name,
        purpose,
        everybody,
        at: everybody ? at.filter((a) => a.who === reader?.name) : at,
      };
    })
    .sort((a, b) => SAFETY_PURPOSES.indexOf(a.purpose) - SAFETY_PURPOSES.indexOf(b.purpose));
}

/** The trip's own numbers, without those of members' people. */
export function emergencyNumbers(trip: Trip): readonly EmergencyNumber[] {
  return trip.contacts
    .filter((c) => c.memberId === undefined)
    .map(({ name, relation, phone }) => ({ name, relation, phone }));
}

/** The same for all members: made once for their sheets. */
const waterOf = oncePer(waterByDay);
const eveningsOf = oncePer((trip: Trip) => trip.legs.map((_leg, i) => eveningList(trip, i + 1)));

function sheetDays(trip: Trip, member: Member, loads: readonly DayLoad[]): readonly SheetDay[] {
  const [water, evenings] = [waterOf(trip), eveningsOf(trip)];
  return trip.legs.map((leg, i): SheetDay => {
    const day = i + 1;
    const load = loads[i]!;
    return {
      day,
      date: addDays(trip.startDate, i),
      leg: leg.name,
      distanceKm: leg.distanceKm,
      climbM: leg.climbM,
      descentM: leg.descentM,
      waterL: load.waterKg,
      loadKg: load.totalKg,
      ratio: load.ratio,
      roles: trip.roles.filter((r) => r.day === day && r.memberId === member.id).map((r) => r.role),
      meals: trip.meals
        .filter((m) => m.day === day && m.groupId === member.cookGroupId)
        .map((m) => ({ kind: m.kind, dish: m.dish.name })),
      isThere: isWithParty(member, day),
      ...(load.waterKg > 0 ? { fillAt: water[i]!.fillAt } : {}),
      evening: isWithParty(member, day) ? eveningWords(evenings[i]!, member) : [],
    };
  });
}

const FOOD_AT_NIGHT: Readonly<Record<FoodStorage, string | undefined>> = {
  none: undefined,
  hang: 'At night everything that smells is hung up, away from the tents: food, rubbish, soap, toothpaste.',
  container:
    'At night everything that smells goes into the food container: food, rubbish, soap, toothpaste; nothing in the tent.',
  locker: 'At night everything that smells goes into the camp’s locker: food, rubbish, soap, toothpaste.',
};

/** What can hurt, for this member; planning words, not medical ones (common practice, no source). */
function cautionsFor(trip: Trip, member: Member, all: readonly DayLoad[]): readonly string[] {
  const loads = all.filter((l) => l.totalKg > 0);
  const over = loads.filter((l) => l.ratio > 1 + 1e-9);
  const lift = packLift(Math.max(...loads.map((l) => l.totalKg)));
  const carried = thingsOf(trip, member).filter((t) => isCarriedOn(t, 1));
  const fuel = carried.some((t) => t.flags.includes('liquidFuel') || t.flags.includes('gasFuel'));
  const food = FOOD_AT_NIGHT[trip.foodStorage];
  return [
    'Pain, numb hands or tingling arms: stop, take the pack off, refit it. Say so early.',
    ...(over.length > 0
      ? [
          `Your load is above your limit on day ${over.map((l) => l.day).join(', ')}: talk to the leader before you set off.`,
        ]
      : []),
    ...(lift.index > HARD_LIFT
      ? ['Lift this pack with help, or from a rock: it is heavy for one back.']
      : []),
    ...(isUnder18(member) || member.experience === 'newcomer'
      ? ['Start light: it is no shame to give something away.']
      : []),
    ...(fuel ? ['Fuel rides upright and away from food; check it for leaks each morning.'] : []),
    ...(food === undefined ? [] : [food]),
    'These are planning estimates. The leader decides on the ground.',
  ];
}
