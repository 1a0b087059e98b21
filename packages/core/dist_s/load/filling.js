import { oncePer } from '../trip/oncePer.js';
import { shapeSizeCm } from '../trip/shapes.js';
import { isLiner } from '../trip/whoseThings.js';
import { holdingOf, isEatenOn, isMeantFor, plainHolding, takesAnyForm } from './holders.js';
import { isCarriedOn, volumeOnDayL } from './thingOnDay.js';
/** Walls of a hollow thing, both sides together, cm. */
const WALLS_CM = 0.4;
const ROUNDING_L = 1e-9;
/**
 * @param things all that one member carries
 * @param day day of the trip, from 1
 */
export function fillingOf(things, day) {
    const byDay = fillings(things);
    const filling = byDay.get(day) ?? fillingNow(things, day);
    byDay.set(day, filling);
    return filling;
}
/** The fillings of a list by day: a list never changes, and several ask of the same one. */
const fillings = oncePer((_things) => new Map());
function fillingNow(things, day) {
    const here = things.filter((t) => isCarriedOn(t, day));
    if (!here.some((t) => t.nestsIn !== undefined || holdingOf(t) !== undefined))
        return unfilled(day);
    return new FillingDay(here, day).filled();
}
function unfilled(day) {
    const ownL = (thing) => volumeOnDayL(thing, day);
    return { inside: new Map(), leftOut: new Map(), wholeL: ownL, takesL: ownL };
}
/** What goes into the pack, litres: what rides outside takes none of it, with all that is in it. */
export function packedVolumeL(things, day) {
    const { takesL } = fillingOf(things, day);
    return things.reduce((sum, t) => (t.flags.includes('ridesOutside') || isLiner(t) ? sum : sum + takesL(t)), 0);
}
class FillingDay {
    here;
    day;
    byId;
    inside = new Map();
    contents = new Map();
    leftOut = new Map();
    constructor(here, day) {
        this.here = here;
        this.day = day;
        this.byId = new Map(here.map((t) => [t.id, t]));
    }
    filled() {
        // What holds something itself is filled before it goes into another: its room is then known.
        for (const t of this.innermostFirst())
            this.put(t, this.byId.get(t.nestsIn));
        const free = this.here.filter((t) => t.ridesLoose !== true && t.nestsIn === undefined && holdingOf(t) === undefined);
        for (const holder of this.here)
            if (holdingOf(holder) !== undefined)
                this.fill(holder, free);
        const outerFirst = [...this.inside].sort(([a], [b]) => this.depth(a) - this.depth(b));
        return {
            inside: new Map(outerFirst),
            leftOut: this.leftOut,
            wholeL: (t) => this.wholeL(t),
            takesL: (t) => (this.inside.has(t.id) ? 0 : this.wholeL(t)),
        };
    }
    /** What the leader put into something that is here, without those that ride in themselves by a detour. */
    innermostFirst() {
        const hostOf = (t) => t.ridesLoose === true ? undefined : this.byId.get(t.nestsIn ?? '');
        const depthOf = (t) => {
            let depth = 0;
            for (let host = hostOf(t); host !== undefined; host = hostOf(host)) {
                depth += 1;
                if (depth > this.here.length)
                    return -1;
            }
            return depth;
        };
        return this.here
            .map((t) => ({ t, depth: depthOf(t) }))
            .filter(({ depth }) => depth > 0)
            .sort((a, b) => b.depth - a.depth)
            .map(({ t }) => t);
    }
    depth(id) {
        const host = this.inside.get(id);
        return host === undefined ? 0 : 1 + this.depth(host);
    }
    /** Fill a holder with what is meant for it: of food what is eaten last first, as it lies at the bottom. */
    fill(holder, free) {
        const meant = free.filter((t) => isMeantFor(holder, t, isEatenOn(t, this.day)) && !this.inside.has(t.id));
        const lastFirst = meant.sort((a, b) => lastEatenDay(b) - lastEatenDay(a));
        for (const t of lastFirst)
            this.put(t, holder);
    }
    /** Whether a thing rides in another, at whatever depth. */
    isWithin(thing, other) {
        if (thing === other)
            return true;
        const host = this.byId.get(this.inside.get(thing.id) ?? '');
        return host !== undefined && this.isWithin(host, other);
    }
    put(thing, holder) {
        if (isLiner(holder) || this.isWithin(holder, thing))
            return;
        const mine = this.contents.get(holder.id) ?? [];
        const { capacityL } = holdingOf(holder) ?? plainHolding(holder);
        const usedL = mine.reduce((sum, t) => sum + this.wholeL(t), 0);
        if (usedL + this.wholeL(thing) > capacityL + ROUNDING_L || !goesInto(thing, holder)) {
            if (!this.leftOut.has(thing.id))
                this.leftOut.set(thing.id, holder.id);
            return;
        }
        this.leftOut.delete(thing.id);
        this.inside.set(thing.id, holder.id);
        this.contents.set(holder.id, [...mine, thing]);
    }
    wholeL(t) {
        const ownL = volumeOnDayL(t, this.day);
        if (!takesAnyForm(t))
            return ownL;
        const heldL = (this.contents.get(t.id) ?? []).reduce((sum, inner) => sum + this.wholeL(inner), 0);
        return Math.max(ownL, heldL);
    }
}
/** The last day on which a thing is eaten; what is not eaten stays to the end. */
function lastEatenDay(thing) {
    return thing.consumption?.toDay ?? thing.toDay ?? Infinity;
}
/** Whether a thing's outer size goes into a holder's outline; soft ones go wherever there is room. */
function goesInto(thing, holder) {
    const [size, room] = [shapeSizeCm(thing.shape), shapeSizeCm(holder.shape)];
    if (size === undefined || room === undefined)
        return true;
    return size.every((s, i) => s <= room[i] - WALLS_CM);
}
//# sourceMappingURL=filling.js.map