/** What is on a member's sheet of things: their own, and what they carry of the party's, with whence each comes. */
import { massOnDayKg } from '../load/thingOnDay.js';
import type { StowAssessment } from '../stow/assessment.js';
import type { Member, Thing, Trip } from '../trip/model.js';
import { carriedPieces, carrierOf, isPersonal, memberById, nameAlone, ownThings } from '../trip/queries.js';

/** Who hands out what nobody in particular owns. */
export const FROM_LEADER = 'the leader';

export interface SheetThing {
  readonly id: string;
  readonly name: string;
  /** On the first day it is carried, kg; water not counted. */
  readonly massKg: number;
  readonly estimated: boolean;
  /** The kit that it is a part of; absent for personal things. */
  readonly kit?: string;
  /** From whom the member gets it; absent for their own. */
  readonly from?: string;
  /** Worn or in hand: not in the pack. */
  readonly worn: boolean;
  /** Where in the pack it rides; absent while it has no place. */
  readonly place?: string;
  /** Named when it is not there on the first day. */
  readonly fromDay?: number;
}
/** All that a member has on a day, or gets later without a handover: pieces first, in kit order. */
export function thingsOf(trip: Trip, member: Member, day = 1): readonly Thing[] {
  return [...carriedPieces(trip, member.id, day), ...ownThings(trip, member.id)];
}

/** Who brings a thing to its carrier; undefined where they have it already. */
function fromWhom(trip: Trip, member: Member, thing: Thing): string | undefined {
  if (isPersonal(thing) && thing.memberId !== member.id) return memberById(trip, thing.memberId).name;
  if (thing.owner !== undefined) return thing.owner === member.name ? undefined : thing.owner;
  return isPersonal(thing) ? undefined : FROM_LEADER;
}

/** What a sheet says of each thing; without a stow, nothing of its place. */
export function sheetThings(
  trip: Trip,
  member: Member,
  stow: StowAssessment | undefined,
): readonly SheetThing[] {
  const kitOf = new Map(trip.kits.flatMap((kit) => kit.pieces.map((p) => [p.id, kit.name] as const)));
  const places = new Map(
    stow?.placed.map((p) => {
      const holder = stow.placed.find((q) => q.thing.id === p.insideId);
      return [p.thing.id, holder === undefined ? p.zone.name : `in ${withMark(holder.thing)}`] as const;
    }),
  );
  return thingsOf(trip, member).map((thing): SheetThing => {
    const personal = isPersonal(thing);
    const kit = kitOf.get(thing.id);
    const carrier = carrierOf(trip, thing.id, 1);
    const elsewhere = personal && !thing.worn && carrier !== member.id;
    const from = fromWhom(trip, member, thing);
    const place = elsewhere
      ? `with ${carrier === undefined ? 'nobody' : memberById(trip, carrier).name}`
      : places.get(thing.id);
    const day = thing.fromDay ?? 1;
    return {
      id: thing.id,
      name: personal && thing.memberId !== member.id ? nameAlone(trip, thing) : thing.name,
      massKg: massOnDayKg(thing, day, trip.legs[day - 1]!),
      estimated: thing.massEstimated,
      ...(kit === undefined ? {} : { kit }),
      ...(from === undefined ? {} : { from }),
      worn: personal && thing.worn,
      ...(place === undefined ? {} : { place }),
      ...(day > 1 ? { fromDay: day } : {}),
    };
  });
}

/** A holder with the mark by which others find it. */
function withMark({ name, holds }: Thing): string {
  return holds?.mark === undefined ? name : `${name} (${holds.mark})`;
}
