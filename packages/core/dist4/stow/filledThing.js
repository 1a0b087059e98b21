/**
 * A holder with what is in it as one thing to stow: its mass, its room, and what of its contents shows outside. A sealed
 * holder keeps what it seals from its neighbours.
 */
import { centreOfGravity } from '../carriage/centreOfGravity.js';
import { holdingOf, takesAnyForm } from '../load/holders.js';
import { NEEDED } from '../trip/model.js';
import { shapeVolumeL } from '../trip/shapes.js';
import { isMainZone } from '../trip/zoneKinds.js';
/** What each trait keeps inside. */
const SEALS = {
    keepsDry: ['mustStayDry', 'oftenWet', 'leaks'],
    keepsScent: ['scented'],
    rigid: ['crushable'],
    guardsPoints: ['sharp'],
    separatesFuel: ['liquidFuel', 'gasFuel', 'leaks'],
};
/** These are of a holder's own outside; what is in it does not lend them. */
const OWN_OUTSIDE = ['hard', 'ridesOutside', 'needsSky', 'battery'];
/**
 * @param holder with its own mass on the day, and what it takes with all that is in it
 * @param inners what is in it; nothing leaves the holder as it is
 */
export function filledThing(holder, inners) {
    const { thing } = holder;
    if (inners.length === 0)
        return thing;
    const sealed = new Set((holdingOf(thing)?.traits ?? []).flatMap((trait) => SEALS[trait]));
    const lent = inners
        .flatMap((inner) => inner.thing.flags)
        .filter((flag) => !sealed.has(flag) && !OWN_OUTSIDE.includes(flag));
    const whole = {
        ...thing,
        massKg: inners.reduce((sum, inner) => sum + inner.massKg, holder.massKg),
        volumeL: holder.volumeL,
        flags: [...new Set([...thing.flags, ...lent])],
    };
    if (!takesAnyForm(thing))
        return whole;
    const [heaviest] = [...inners].sort((a, b) => b.massKg - a.massKg);
    return {
        ...whole,
        shape: shapeAround(inners, holder.volumeL),
        // A bag is wanted when the first thing in it is, and belongs where its heaviest thing does.
        needed: soonest([thing, ...inners.map((inner) => inner.thing)]),
        purpose: thing.purpose === 'other' ? heaviest.thing.purpose : thing.purpose,
    };
}
function soonest(things) {
    return NEEDED.find((needed) => things.some((t) => t.needed === needed));
}
/** Of its room, what one stiff thing takes to give the bag its form (Graft's own number). */
const GIVES_FORM = 0.7;
/** A bag round one stiff thing has its form; soft things swell in it as they would without it. */
function shapeAround(inners, volumeL) {
    const stiff = inners.find((i) => (shapeVolumeL(i.thing.shape) ?? 0) >= GIVES_FORM * volumeL);
    if (stiff !== undefined)
        return stiff.thing.shape;
    const looseL = inners.reduce((sum, { thing, volumeL: packedL }) => sum + (thing.shape.kind === 'stuff' ? Math.max(packedL, thing.shape.looseVolumeL) : packedL), 0);
    return inners.some((i) => i.thing.shape.kind === 'stuff')
        ? { kind: 'stuff', looseVolumeL: looseL }
        : { kind: 'pouch' };
}
const lined = new WeakMap();
/** A pack with its liner, which is no cargo: it weighs in the middle of the main compartment. */
export function withLiner(pack, linerKg) {
    if (linerKg === 0)
        return pack;
    const known = lined.get(pack) ?? new Map();
    lined.set(pack, known);
    const before = known.get(linerKg);
    if (before !== undefined)
        return before;
    const main = pack.zones.filter((z) => isMainZone(z.kind));
    const middle = main.length === 0
        ? pack.centreOfGravityCm
        : centreOfGravity(main.map(({ at: { x, y, z }, depthCm, heightCm, volumeL }) => ({
            massKg: volumeL,
            atCm: { x, y: y + depthCm / 2, z: z + heightCm / 2 },
        })));
    const next = {
        ...pack,
        tareKg: pack.tareKg + linerKg,
        centreOfGravityCm: centreOfGravity([
            { massKg: pack.tareKg, atCm: pack.centreOfGravityCm },
            { massKg: linerKg, atCm: middle },
        ]),
    };
    known.set(linerKg, next);
    return next;
}
//# sourceMappingURL=filledThing.js.map