import * as k from './kinds.js';
export const INSIDE = ['bottom', 'core', 'outer', 'top'];
export const POCKETS = ['hipBelt', 'strap', 'side'];
export const at = (t) => `${t.name} in ${t.zone}`;
export const isLoose = (t) => t.holder === undefined;
/** Among the first met when the pack is opened, wherever the middle of it lies: the second, or at a stop the third. */
const isOnTop = (t) => INSIDE.includes(t.zone) && t.above <= (t.zone === 'bottom' ? 0 : t.needed === 'stop' ? 2 : 1);
/** Things of a kind that are nowhere an eye accepts. */
export function onlyIn(id, says, kind, accepted) {
    return {
        id,
        says,
        broken: (pack) => pack.things
            .filter((t) => kind(t, pack))
            .filter((t) => {
            const zones = accepted(t, pack);
            return zones !== 'any' && !zones.includes(t.zone) && !(zones.includes('top') && isOnTop(t));
        })
            .map(at),
    };
}
/** A contact of less than this is an edge, cm². */
export const TOUCHES_CM2 = 12;
/** Two kinds that must not touch, as they lie: a sealed or guarding holder makes no contact. */
export function apart(id, says, one, other) {
    return {
        id,
        says,
        broken: (pack) => pack.contacts
            .filter(([, , area]) => area >= TOUCHES_CM2)
            .flatMap(([a, b]) => {
            const [inA, inB] = [shows(pack, a), shows(pack, b)];
            const bad = (x, y) => x
                .filter(one)
                .flatMap((p) => y.filter(other).map((q) => `${p.name} against ${q.name} (${a.zone})`));
            return [...bad(inA, inB), ...bad(inB, inA)];
        }),
    };
}
/** A thing, and what in it can reach its neighbours. */
function shows(pack, outer) {
    return pack.things.filter((t) => t === outer || (k.outermost(t) === outer && !k.holders(t).some(seals)));
}
const seals = (h) => h.traits.size > 0;
/** Things of one kind and of another in the same pocket, which is too small to part them. */
export function notInOnePocket(id, says, one, other) {
    return {
        id,
        says,
        broken: (pack) => pack.things
            .filter((t) => one(t) && !k.holders(t).some(seals) && isPocket(t.zone))
            .flatMap((a) => pack.things
            .filter((b) => b.zoneId === a.zoneId && b !== a && other(b) && !k.holders(b).some(seals))
            .map((b) => `${a.name} with ${b.name} in ${a.zone}`)),
    };
}
const isPocket = (zone) => ['side', 'front', 'lid', 'hipBelt', 'strap', 'lash'].includes(zone);
export const some = (list, most) => list.length > most ? list : [];
export function isWrapper(t, p) {
    return t.eatenTo !== undefined && t.eatenTo < p.day;
}
export function isForToday(t, p) {
    return t.eatenFrom !== undefined && t.eatenFrom <= p.day && p.day <= t.eatenTo;
}
//# sourceMappingURL=statement.js.map