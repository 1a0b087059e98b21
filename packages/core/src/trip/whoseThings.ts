/**
 * Who may carry what is whose. Parents carry small children's bags, mats and clothes; the injured give away what they do
 * not need at hand (common practice, no source). Everybody else carries their own, unless the leader says otherwise.
 */
import { isChild } from './age.js';
import { oncePer } from './oncePer.js';
import type { Member, PersonalThing, Piece, Purpose, Thing, Trip } from './model.js';

/** Something that one member carries: a piece of the group, or what is somebody's own. */
export type Carried = Piece | PersonalThing;

/** Whether a thing is on a member's list, not in a kit of the group. */
export function isPersonal(thing: Thing): thing is PersonalThing {
  return 'memberId' in thing;
}

/** A limit lowered by so much or more means that others help (Graft's own number). */
const HELPED_FACTOR = 0.8;

/** What everybody keeps with them, whoever helps them: bottle, layers, light, whistle, medicines, a snack. */
const STAYS: ReadonlySet<Purpose> = new Set<Purpose>([
  'waterContainer',
  'warmLayer',
  'rainwear',
  'handsHead',
  'firstAid',
  'light',
  'signal',
  'beacon',
  'navigation',
  'sun',
  'hygiene',
  'knife',
  'snack',
  'emergencyShelter',
]);

/** Whether others carry for a member on the trip: a child, or somebody whose limit a condition lowers much. */
export function isHelped(member: Member): boolean {
  return isChild(member) || member.conditions.some((c) => c.factor <= HELPED_FACTOR);
}

/** Whether a thing is wanted at hand by its owner. */
export function isAtHand({ needed, purpose }: PersonalThing): boolean {
  return needed === 'walking' || needed === 'hurry' || STAYS.has(purpose);
}

/**
 * Whether somebody else may carry what is a member's own: by the leader's word, or since they are helped and do not need
 * it at hand. What is worn nobody carries.
 */
export function mayOthersCarry(owner: Member, thing: PersonalThing): boolean {
  if (thing.worn) return false;
  return thing.othersMayCarry ?? (isHelped(owner) && !isAtHand(thing));
}

/** Own things that a share deals out: those that others may carry, and those that somebody was given by hand. */
export const movableThings = oncePer((trip: Trip): readonly PersonalThing[] => {
  const byHand = new Set([...trip.share, ...trip.handovers].map((a) => a.pieceId));
  const owners = new Map(trip.members.map((m) => [m.id, m]));
  return trip.personalThings.filter(
    (t) => !t.worn && (byHand.has(t.id) || mayOthersCarry(owners.get(t.memberId)!, t)),
  );
});

/** What a thing is called away from its kit or its owner's list: "Ilse: sleeping bag"; a piece has its own name. */
export function nameAlone(trip: Pick<Trip, 'members'>, thing: Thing): string {
  if (!isPersonal(thing)) return thing.name;
  const owner = trip.members.find((m) => m.id === thing.memberId);
  return owner === undefined ? thing.name : `${owner.name}: ${thing.name}`;
}
