const CELL_CM = 1;
/** The box of a zone. */
export function zoneBox(zone) {
    return {
        x0: zone.at.x - zone.widthCm / 2,
        x1: zone.at.x + zone.widthCm / 2,
        y0: zone.at.y,
        y1: zone.at.y + zone.depthCm,
        z0: zone.at.z,
        z1: zone.at.z + zone.heightCm,
    };
}
/** The span of a box across a view. */
export function across(box, axis) {
    return axis === 'x' ? [box.y0, box.y1] : [box.x0, box.x1];
}
function through(box, axis) {
    return axis === 'x' ? [box.x0, box.x1] : [box.y0, box.y1];
}
/** Whether a plane meets a box. */
export function meets(box, plane) {
    const [low, high] = through(box, plane.axis);
    return low <= plane.at && plane.at < high;
}
/** What a plane cuts of a thing; undefined where it passes it. What rides inside another thing is not seen. */
export function sectionOf(placed, plane) {
    if (placed.insideId !== undefined || !meets(placed.box, plane))
        return undefined;
    const { box, turn, segments } = placed;
    if (segments.length === 0) {
        const [h0, h1] = across(box, plane.axis);
        if (turn === undefined || turn.round === 'none')
            return { kind: 'box', h0, h1, z0: box.z0, z1: box.z1, circle: false };
        const [low, high] = through(box, plane.axis);
        const off = plane.at - (low + high) / 2;
        if ((turn.round === 'alongX') === (plane.axis === 'x') && turn.round !== 'upright')
            return { kind: 'box', h0, h1, z0: box.z0, z1: box.z1, circle: true };
        // Along its axis a cylinder shows a strip as wide as its chord there.
        const radius = turn.round === 'upright' ? (h1 - h0) / 2 : (box.z1 - box.z0) / 2;
        const half = Math.sqrt(Math.max(0, radius * radius - off * off));
        const [h, z] = [(h0 + h1) / 2, (box.z0 + box.z1) / 2];
        return turn.round === 'upright'
            ? { kind: 'box', h0: h - half, h1: h + half, z0: box.z0, z1: box.z1, circle: false }
            : { kind: 'box', h0, h1, z0: z - half, z1: z + half, circle: false };
    }
    const cut = segments
        .filter((s) => Math.abs((plane.axis === 'x' ? s.x : s.y) - plane.at) <= CELL_CM / 2 + 1e-9)
        .map((s) => ({ h: plane.axis === 'x' ? s.y : s.x, low: s.z0, high: s.z1 }))
        .sort((a, b) => a.h - b.h || a.low - b.low);
    const runs = [];
    for (const column of cut) {
        const run = runs.find((r) => {
            const last = r[r.length - 1];
            const beside = column.h - last.h;
            return beside > 1e-9 && beside <= CELL_CM + 1e-9 && column.low < last.high && last.low < column.high;
        });
        if (run === undefined)
            runs.push([column]);
        else
            run.push(column);
    }
    return runs.length === 0 ? undefined : { kind: 'soft', runs, cellCm: CELL_CM };
}
/** A rectangle inside a section where its name has most room. */
export function roomFor(section) {
    if (section.kind === 'box')
        return section;
    let best = { h0: 0, h1: 0, z0: 0, z1: 0 };
    const area = (b) => (b.h1 - b.h0) * (b.z1 - b.z0);
    for (const run of section.runs) {
        for (let i = 0; i < run.length; i += 1) {
            let [low, high] = [run[i].low, run[i].high];
            for (let j = i; j < run.length; j += 1) {
                low = Math.max(low, run[j].low);
                high = Math.min(high, run[j].high);
                if (high <= low)
                    break;
                const room = { h0: run[i].h - 0.5, h1: run[j].h + 0.5, z0: low, z1: high };
                if (area(room) > area(best))
                    best = room;
            }
        }
    }
    return best;
}
//# sourceMappingURL=sections.js.map