/**
 * Who may carry what is whose. Parents carry small children's bags, mats and clothes; the injured give away what they do
 * not need at hand (common practice, no source). Everybody else carries their own, unless the leader says otherwise.
 */
import { isChild } from './age.js';
import { oncePer } from './oncePer.js';
/** Whether a thing is on a member's list, not in a kit of the group. */
export function isPersonal(thing) {
    return 'memberId' in thing;
}
/** A liner lines the pack: it is no cargo, and all that is in the pack is in it. */
export function isLiner(thing) {
    return thing.holds?.meantFor === 'wholePack';
}
/** A limit lowered by so much or more means that others help (Graft's own number). */
const HELPED_FACTOR = 0.8;
/** Lighter things nobody takes over by themselves (Graft's own number). */
export const TRIFLE_KG = 0.05;
/** What everybody keeps with them, whoever helps them: bottle, layers, light, whistle, medicines, a snack. */
const STAYS = new Set([
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
export function isHelped(member) {
    return isChild(member) || isHurtFrom(member, 1);
}
/** Whether a condition lowers a member's limit much on a day or later. */
export function isHurtFrom(member, day) {
    return member.conditions.some((c) => c.factor <= HELPED_FACTOR && c.toDay >= day);
}
/**
 * Whether a thing is wanted at hand by its owner. What is put on or taken out on the way and is nothing else is the gear
 * that one walks with: crampons, axe, harness, helmet, snow shoes.
 */
export function isAtHand({ needed, purpose }) {
    if (needed === 'walking' || needed === 'hurry' || STAYS.has(purpose))
        return true;
    return needed === 'stop' && purpose === 'other';
}
/**
 * Whether somebody else may carry what is a member's own: by the leader's word, or since they are helped and do not need
 * it at hand. What is worn nobody carries, and a liner lines its owner's pack.
 */
export function mayOthersCarry(owner, thing) {
    if (thing.worn || isLiner(thing))
        return false;
    return thing.othersMayCarry ?? (isHelped(owner) && !isAtHand(thing) && thing.massKg >= TRIFLE_KG);
}
/** Own things that a share deals out: those that others may carry, and those that somebody was given by hand. */
export const movableThings = oncePer((trip) => {
    const byHand = new Set([...trip.share, ...trip.handovers].map((a) => a.pieceId));
    const owners = new Map(trip.members.map((m) => [m.id, m]));
    return trip.personalThings.filter((t) => !t.worn && (byHand.has(t.id) || mayOthersCarry(owners.get(t.memberId), t)));
});
/** Which kit each piece is of. */
const kitOfPiece = oncePer((kits) => new Map(kits.flatMap((kit) => kit.pieces.map((p) => [p.id, kit]))));
/** What a kit's pieces are known by elsewhere: its group, or its name up to a colon; nothing for what is no set. */
function setName(trip, piece) {
    const group = trip.groups.find((g) => g.id === piece.onlyGroupId);
    if (group !== undefined)
        return group.name;
    const kit = kitOfPiece(trip.kits).get(piece.id);
    const isSet = kit?.pieces.some((p) => SET_OF.has(p.purpose)) === true;
    return isSet ? kit.name.split(': ')[0] : undefined;
}
/** A kit with one of these is a tent or a cook set: its pieces are of use together. */
const SET_OF = new Set(['tentBody', 'tentFly', 'stove']);
/** What a thing is called away from its kit or its owner's list: "Ilse: sleeping bag", "Tent A: fly". */
export function nameAlone(trip, thing) {
    const whose = isPersonal(thing)
        ? trip.members.find((m) => m.id === thing.memberId)?.name
        : setName(trip, thing);
    if (whose === undefined || saysSo(thing.name.toLowerCase(), whose.toLowerCase()))
        return thing.name;
    return `${whose}: ${thing.name}`;
}
/** A name that begins with its set, or with a word of it before a colon: "Heron (2 people): fly" of "Tent Heron". */
function saysSo(name, set) {
    const [head, tail] = name.split(': ');
    if (name.startsWith(set))
        return true;
    const words = set.split(/[^\p{L}\p{N}]+/u);
    return tail !== undefined && head.split(/[^\p{L}\p{N}]+/u).some((w) => w !== '' && words.includes(w));
}
//# sourceMappingURL=whoseThings.js.map