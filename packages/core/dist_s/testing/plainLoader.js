const TINY = 1e-6;
export class PlainLoader {
    c;
    things = [];
    height;
    voidCm3 = 0;
    overCm3 = 0;
    /** By column, the thing that is uppermost in it. */
    topmost;
    slabAt;
    area;
    constructor(c, slab) {
        this.c = c;
        this.area = c.cellCm * c.cellCm;
        this.height = [...c.floor];
        this.topmost = this.height.map(() => undefined);
        if (slab === undefined)
            return;
        const rows = Math.min(c.ny, Math.max(1, Math.round(slab.depthCm / c.cellCm)));
        const wide = Math.min(c.nx, Math.round(slab.widthCm / c.cellCm));
        const first = Math.trunc((c.nx - wide) / 2);
        this.slabAt = (column) => {
            const [x, y] = [column % c.nx, Math.trunc(column / c.nx)];
            return y < rows && x >= first && x < first + wide ? slab : undefined;
        };
        for (let column = 0; column < this.height.length; column += 1)
            this.passSlab(column);
    }
    /** A turned thing with its first cell in a column; how far above the lowest ceiling over it, cm, it would stand. */
    rest(turn, x, y) {
        const cells = this.cellsOf(turn, x, y);
        let z = Math.max(...cells.map(({ column, low }) => this.height[column] - low));
        // It may rest on the reservoir; what lies in several of its columns is met one after another.
        for (const { column, low, high } of cells) {
            const slab = this.slabAt?.(column);
            if (slab !== undefined && z + high > slab.low + TINY && z + low < slab.high - TINY)
                z = slab.high - low;
        }
        const above = cells.map(({ column, high }) => z + high - this.c.ceiling[column]);
        return { z, aboveCm: z > this.c.holdsFrom ? Math.max(0, ...above) : 0 };
    }
    putRigid(turn, x, y) {
        const { z } = this.rest(turn, x, y);
        const cells = this.cellsOf(turn, x, y);
        for (const { column, low } of cells)
            if (z + low > this.height[column] + TINY)
                this.gap(column, z + low);
        if (z > this.c.holdsFrom)
            for (const { column, low, high } of cells)
                this.overCm3 += Math.max(0, z + high - Math.max(z + low, this.c.ceiling[column])) * this.area;
        const thing = {
            parts: cells.map(({ column, low, high }) => ({ column, low: z + low, high: z + high })),
            slackCm3: 0,
        };
        this.things.push(thing);
        for (const { column, high } of thing.parts)
            this.fill(column, high, thing);
        for (const { column } of thing.parts)
            this.passSlab(column);
    }
    /** What goes nowhere. */
    leaveOut(cm3) {
        this.things.push({ parts: [], slackCm3: 0 });
        this.overCm3 += cm3;
    }
    /** Pour a soft thing over a patch, then what is left beside it. */
    pour(cm3, looseCm3, leastCm, patch) {
        const thing = { parts: [], slackCm3: looseCm3 - cm3 };
        this.things.push(thing);
        const whole = { x: 0, y: 0, wide: this.c.nx, deep: this.c.ny };
        let left = cm3 <= 0 ? 0 : this.flow(thing, cm3, leastCm, patch);
        const isAll = patch.wide === this.c.nx && patch.deep === this.c.ny;
        if (left > TINY && !isAll)
            left = this.flow(thing, left, leastCm, whole);
        if (left > TINY)
            this.overCm3 += left;
    }
    /** Gaps at the top that are too narrow for anything, cm³. */
    creviceCm3(creviceCm) {
        const closed = this.closed(Math.round(creviceCm / this.c.cellCm), {
            x: 0,
            y: 0,
            wide: this.c.nx,
            deep: this.c.ny,
        });
        return this.height.reduce((sum, h, column) => {
            const roof = this.c.ceiling[column];
            return roof <= this.c.floor[column]
                ? sum
                : sum + Math.max(0, Math.min(closed[column], roof) - h) * this.area;
        }, 0);
    }
    cellsOf(turn, x, y) {
        return Array.from(turn.dx, (dx, k) => ({
            column: (y + turn.dy[k]) * this.c.nx + x + dx,
            low: turn.low[k],
            high: turn.high[k],
        }));
    }
    flow(thing, cm3, leastCm, patch) {
        const narrow = Math.round(leastCm / this.c.cellCm);
        const tallest = Math.max(2 * Math.cbrt(cm3), (2 * cm3) / (patch.wide * patch.deep * this.area));
        const base = narrow > 1 ? this.closed(narrow, patch) : this.height;
        const taken = new Map(thing.parts.map((p) => [p.column, p]));
        const columns = columnsOf(patch, this.c.nx)
            .map((column) => ({ column, low: base[column] }))
            .filter(({ column, low }) => this.roofOf(column) - low >= leastCm);
        let settled = this.settle(columns, cm3, leastCm, tallest);
        if (taken.size > 0 || settled.columns.length < patch.wide * patch.deep) {
            const pieces = this.piecesOf(settled.columns);
            const { level } = settled;
            const joined = pieces.filter((piece) => taken.size === 0 || this.isBeside(piece, taken, level, leastCm));
            const largest = joined.reduce((most, piece) => (piece.length > most.length ? piece : most), []);
            if (pieces.length > 1 || largest.length === 0)
                settled = this.settle(largest, cm3, leastCm, tallest);
        }
        let filledCm = 0;
        const filled = [];
        for (const { column, low } of settled.columns) {
            const high = Math.min(settled.level, this.roofOf(column));
            if (high <= low)
                continue;
            if (low > this.height[column] + TINY)
                this.gap(column, low);
            thing.parts.push({ column, low, high });
            this.fill(column, high, thing);
            filledCm += high - low;
            filled.push(column);
        }
        for (const column of filled)
            this.passSlab(column);
        return cm3 - filledCm * this.area;
    }
    /** The level at which a volume is in: columns that would get too little leave, then those that would get too much. */
    settle(from, cm3, leastCm, tallest) {
        let columns = from;
        // Columns with a roof below this are full.
        let known = -Infinity;
        for (;;) {
            const full = columns.filter(({ column }) => this.roofOf(column) < known);
            const open = columns.length - full.length;
            const cm = cm3 / this.area +
                sumOf(columns.map(({ low }) => low)) -
                sumOf(full.map((l) => this.roofOf(l.column)));
            if (open === 0)
                return { columns, level: cm > TINY ? Infinity : known };
            const level = cm / open;
            const thick = columns.filter(({ low }) => low <= level - leastCm + TINY);
            const near = columns.filter(({ low }) => low >= level - tallest);
            if (thick.length < columns.length)
                [columns, known] = [thick, -Infinity];
            else if (Math.abs(level - known) >= TINY && columns.some(({ column }) => this.roofOf(column) < level))
                known = level;
            else if (near.length < columns.length)
                [columns, known] = [near, -Infinity];
            else
                return { columns, level };
        }
    }
    piecesOf(columns) {
        const left = new Map(columns.map((low) => [low.column, low]));
        const pieces = [];
        for (const start of columns) {
            if (!left.delete(start.column))
                continue;
            const piece = [start];
            for (const at of piece)
                for (const next of this.neighbours(at.column)) {
                    const found = left.get(next);
                    if (found !== undefined && left.delete(next))
                        piece.push(found);
                }
            pieces.push(piece.sort((a, b) => a.column - b.column));
        }
        return pieces;
    }
    isBeside(piece, taken, level, leastCm) {
        return piece.some(({ column, low }) => this.neighbours(column).some((next) => {
            const part = taken.get(next);
            return part !== undefined && Math.min(part.high, level) - Math.max(part.low, low) >= leastCm - TINY;
        }));
    }
    neighbours(column) {
        const { nx, ny } = this.c;
        const [x, y] = [column % nx, Math.trunc(column / nx)];
        return [
            ...(x > 0 ? [column - 1] : []),
            ...(x < nx - 1 ? [column + 1] : []),
            ...(y > 0 ? [column - nx] : []),
            ...(y < ny - 1 ? [column + nx] : []),
        ];
    }
    /** Heights with gaps narrower than k cells closed: the least, over the squares of k × k that hold a cell, of their greatest. */
    closed(k, patch) {
        const { nx } = this.c;
        const [kx, ky] = [Math.min(k, patch.wide), Math.min(k, patch.deep)];
        const closed = [...this.height];
        const greatest = new Map();
        for (let y = patch.y; y <= patch.y + patch.deep - ky; y += 1)
            for (let x = patch.x; x <= patch.x + patch.wide - kx; x += 1)
                greatest.set(y * nx + x, Math.max(...columnsOf({ x, y, wide: kx, deep: ky }, nx).map((at) => this.height[at])));
        for (const column of columnsOf(patch, nx)) {
            const [x, y] = [column % nx, Math.trunc(column / nx)];
            const around = columnsOf({ x: x - kx + 1, y: y - ky + 1, wide: kx, deep: ky }, nx);
            closed[column] = Math.min(...around.flatMap((at, i) => {
                const left = x - kx + 1 + (i % kx);
                return left < 0 ? [] : (greatest.get(at) ?? []);
            }));
        }
        return closed;
    }
    roofOf(column) {
        const slab = this.slabAt?.(column);
        const ceiling = this.c.ceiling[column];
        return slab !== undefined && this.height[column] < slab.low ? Math.min(slab.low, ceiling) : ceiling;
    }
    fill(column, high, thing) {
        this.height[column] = high;
        this.topmost[column] = thing;
    }
    /** Space under what comes: what lies there swells into it as far as it does; the rest is lost. */
    gap(column, upTo) {
        const from = this.height[column];
        const below = this.topmost[column];
        const lost = (upTo - from) * this.area;
        const swells = below === undefined || from === this.slabAt?.(column)?.high ? 0 : Math.min(lost, below.slackCm3);
        if (below !== undefined && swells > 0) {
            below.slackCm3 -= swells;
            below.parts.findLast((part) => part.column === column).high += swells / this.area;
        }
        this.voidCm3 += lost - swells;
    }
    passSlab(column) {
        const slab = this.slabAt?.(column);
        const at = this.height[column];
        if (slab === undefined || at < slab.low - 1 || at >= slab.high)
            return;
        this.voidCm3 += Math.max(0, slab.low - at) * this.area;
        this.height[column] = slab.high;
    }
}
function columnsOf({ x, y, wide, deep }, nx) {
    return Array.from({ length: wide * deep }, (_v, i) => (y + Math.trunc(i / wide)) * nx + x + (i % wide));
}
function sumOf(list) {
    return list.reduce((sum, value) => sum + value, 0);
}
//# sourceMappingURL=plainLoader.js.map