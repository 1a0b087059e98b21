/** Up to here every division is tried; beyond it the largest goes to the lightest part. */
const MOST_TRIED = 10;
/** What keeps two pieces from one carrier's hands by their own rules. */
function audience(piece) {
    return JSON.stringify([piece.onlyGroupId ?? null, piece.onlyMemberIds ?? null]);
}
/**
 * The parts of a kit, each carried by one member.
 *
 * @returns parts in the order of their first pieces; without `splitWays`, only what `together` joins
 */
export function kitParts(kit) {
    const units = new Map();
    kit.pieces.forEach((piece, i) => {
        const key = piece.together === undefined ? `#${i}` : `=${piece.together}`;
        units.set(key, [...(units.get(key) ?? []), piece]);
    });
    const joined = [...units.values()];
    const ways = kit.splitWays;
    if (ways === undefined || joined.length <= ways)
        return joined;
    // Parts are made among pieces that the same people may carry: each such set has at least one part of its own.
    const audiences = new Map();
    for (const unit of joined) {
        const key = audience(unit[0]);
        audiences.set(key, [...(audiences.get(key) ?? []), unit]);
    }
    const sets = [...audiences.values()];
    return spread(sets, ways).flatMap((count, i) => partition(sets[i], count));
}
/** How many parts each set gets: one, and the rest to the heaviest per part. */
function spread(sets, ways) {
    const counts = sets.map(() => 1);
    const massKg = sets.map((set) => set.reduce((sum, unit) => sum + massOf(unit), 0));
    for (let left = ways - sets.length; left > 0; left -= 1) {
        const open = counts.flatMap((count, i) => (count < sets[i].length ? [i] : []));
        if (open.length === 0)
            break;
        const heaviest = open.reduce((a, b) => (massKg[b] / counts[b] > massKg[a] / counts[a] ? b : a));
        counts[heaviest] += 1;
    }
    return counts;
}
function massOf(pieces) {
    return pieces.reduce((sum, p) => sum + p.massKg, 0);
}
/** Units in `count` parts with the lightest heaviest part. */
function partition(units, count) {
    if (units.length <= count)
        return units;
    const order = units.map((_u, i) => i).sort((a, b) => massOf(units[b]) - massOf(units[a]) || a - b);
    const sums = Array.from({ length: count }, () => 0);
    const part = units.map(() => 0);
    let best = { heaviest: Infinity, part: [...part] };
    const place = (k) => {
        if (Math.max(...sums) >= best.heaviest - 1e-12)
            return;
        if (k === order.length) {
            best = { heaviest: Math.max(...sums), part: [...part] };
            return;
        }
        const i = order[k];
        const byMass = sums.map((_sum, p) => p).sort((a, b) => sums[a] - sums[b] || a - b);
        // Beyond what can be tried out, only the lightest part is looked at.
        let triedEmpty = false;
        for (const p of units.length > MOST_TRIED ? byMass.slice(0, 1) : byMass) {
            const before = sums[p];
            // Empty parts are all alike: one stands for the others.
            if (before === 0 && triedEmpty)
                continue;
            triedEmpty ||= before === 0;
            sums[p] = before + massOf(units[i]);
            part[i] = p;
            place(k + 1);
            sums[p] = before;
        }
    };
    place(0);
    return Array.from({ length: count }, (_v, p) => units.filter((_u, i) => best.part[i] === p).flat()).filter((pieces) => pieces.length > 0);
}
//# sourceMappingURL=kitParts.js.map