/**
 * Room along an axis, in slices that have a price each: the cheapest place for a thing, and what it takes there. Soft
 * things are fluids; a stiff one keeps its length along the axis and lies in one piece.
 */
/** Halvings of what a fluid's threshold price may be. */
const HALVINGS = 20;
/** What of a slice is below a threshold, for a fluid that costs `from` at its lower end and `slope` more per slice. */
function partBelow(threshold, from, slope, whole) {
    if (whole)
        return threshold >= from + slope / 2 ? 1 : 0;
    const part = (threshold - from) / slope;
    return part <= 0 ? 0 : part < 1 ? part : 1;
}
/**
 * A fluid fills whatever costs less than a threshold, which is found by halving. The price is that of what is in at a
 * threshold where a little is still left out, with the rest at the threshold. It is never more than the true one.
 */
export function cheapestFluid(massKg, o, group, prices) {
    if (o.volumeCm3 <= 0)
        return { price: massKg * group.fromCm, at: -Infinity };
    const { fromCm, sliceCm, capacityCm3, gridded } = group;
    const whole = gridded === true;
    const slopePer = massKg / o.volumeCm3;
    const slope = slopePer * sliceCm;
    let low = Infinity;
    let high = -Infinity;
    for (let r = 0; r < prices.length; r += 1) {
        const at = prices[r] + slopePer * fromCm + r * slope;
        if (at < low)
            low = at;
        if (at > high)
            high = at;
    }
    high += slope;
    const most = o.mostPerCm * sliceCm;
    for (let k = 0; k < HALVINGS; k += 1) {
        const middle = (low + high) / 2;
        let volume = 0;
        for (let r = 0; r < prices.length; r += 1) {
            const part = partBelow(middle, prices[r] + slopePer * fromCm + r * slope, slope, whole);
            if (part > 0)
                volume += Math.min(most, capacityCm3[r]) * part;
        }
        if (volume > o.volumeCm3)
            high = middle;
        else
            low = middle;
    }
    let price = 0;
    let volume = 0;
    for (let r = 0; r < prices.length; r += 1) {
        const from = prices[r] + slopePer * fromCm + r * slope;
        const part = partBelow(low, from, slope, whole);
        if (part <= 0)
            continue;
        const cm3 = Math.min(most, capacityCm3[r]) * part;
        volume += cm3;
        price += cm3 * (from + (part * slope) / 2);
    }
    return { price: price + (o.volumeCm3 - volume) * low, at: low };
}
/** Adds what a fluid takes: all below its threshold, the rest where it is the next. */
export function takeFluid(massKg, o, group, prices, threshold, used) {
    if (o.volumeCm3 <= 0)
        return;
    const { fromCm, sliceCm, capacityCm3, gridded } = group;
    const whole = gridded === true;
    const slopePer = massKg / o.volumeCm3;
    const slope = slopePer * sliceCm;
    let left = o.volumeCm3;
    let next = -1;
    let nextAt = Infinity;
    for (let r = 0; r < prices.length; r += 1) {
        const from = prices[r] + slopePer * fromCm + r * slope;
        const part = partBelow(threshold, from, slope, whole);
        if (part > 0) {
            const cm3 = Math.min(o.mostPerCm * sliceCm, capacityCm3[r]) * part;
            used[r] += cm3;
            left -= cm3;
        }
        else if (from < nextAt) {
            next = r;
            nextAt = from;
        }
    }
    if (whole && next >= 0 && left > 0)
        used[next] += left;
}
/** What a stretch costs: prices are even within a slice, and nothing outside the group. */
function costUpTo(x, group, sums) {
    const at = (x - group.fromCm) / group.sliceCm;
    if (at <= 0)
        return 0;
    const r = Math.floor(at);
    if (r >= sums.length - 1)
        return sums[sums.length - 1];
    return sums[r] + (at - r) * (sums[r + 1] - sums[r]);
}
/** The price is straight between places where an end of the thing or of a step meets a slice's: the least is at one. */
export function cheapestStiff(massKg, o, group, sums) {
    const [from, to] = o.startCm;
    const { sliceCm, fromCm } = group;
    let least = Infinity;
    let at = from;
    const tryAt = (start) => {
        const middle = start + o.lengthCm / 2;
        let price = massKg * middle;
        for (const { lengthCm, volumeCm3 } of o.steps) {
            const cost = costUpTo(middle + lengthCm / 2, group, sums) - costUpTo(middle - lengthCm / 2, group, sums);
            price += (volumeCm3 / lengthCm) * cost;
        }
        if (price < least) {
            least = price;
            at = start;
        }
    };
    if (group.gridded === true) {
        for (let start = from; start <= to + 1e-9; start += sliceCm)
            tryAt(start);
        return { price: least, at };
    }
    tryAt(from);
    if (to > from)
        tryAt(to);
    for (const { lengthCm } of o.steps) {
        for (const end of [-lengthCm / 2, lengthCm / 2]) {
            // start + length / 2 + end on a slice's border
            const shift = o.lengthCm / 2 + end;
            const first = Math.ceil((from + shift - fromCm) / sliceCm);
            const last = Math.floor((to + shift - fromCm) / sliceCm);
            for (let k = first; k <= last; k += 1)
                tryAt(fromCm + k * sliceCm - shift);
        }
    }
    return { price: least, at };
}
export function takeStiff(o, group, start, used) {
    const { fromCm, sliceCm } = group;
    const middle = start + o.lengthCm / 2;
    for (const { lengthCm, volumeCm3 } of o.steps) {
        const [a, b] = [middle - lengthCm / 2, middle + lengthCm / 2];
        const first = Math.max(0, Math.floor((a - fromCm) / sliceCm));
        const last = Math.min(used.length - 1, Math.ceil((b - fromCm) / sliceCm));
        for (let r = first; r <= last; r += 1) {
            const low = fromCm + r * sliceCm;
            const shared = Math.min(b, low + sliceCm) - Math.max(a, low);
            if (shared > 0)
                used[r] += (shared / lengthCm) * volumeCm3;
        }
    }
}
//# sourceMappingURL=slicedRoom.js.map