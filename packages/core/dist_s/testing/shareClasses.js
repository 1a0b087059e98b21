/**
 * Seeded random trips in classes of size, for measuring the share solver: tents that only their sleepers carry, food by
 * day and cook group, bundles, separations, packs of any size, locked pieces, an injury. Masses and bodies are within
 * what work.md calls usual; none is a real party.
 */
import { pickIndex, seededRandom } from '../units/random.js';
import { emptyTrip, newMember } from '../trip/emptyTrip.js';
import { cataloguePack, PACK_SIZES } from '../trip/packCatalogue.js';
const sizeOf = (litres) => PACK_SIZES.find((s) => s.nominalL === litres);
export const SHARE_CLASSES = [
    { members: 4, pieces: 18, days: 3 },
    { members: 8, pieces: 60, days: 6 },
    { members: 16, pieces: 120, days: 6 },
    { members: 30, pieces: 250, days: 8 },
    { members: 8, pieces: 60, days: 6, waterByLeg: true },
    { members: 16, pieces: 120, days: 6, ownMovable: 60 },
];
/** How much of the party's strength the group kit takes beside what everybody has of their own. */
const GROUP_PART = 0.32;
export function randomShareTrip({ members: n, pieces: p, days, waterByLeg = false, ownMovable = 0 }, seed) {
    const random = seededRandom(seed * 7919 + n);
    const between = (low, high) => Math.round((low + random() * (high - low)) * 1000) / 1000;
    const members = Array.from({ length: n }, (_v, i) => ({
        ...newMember(`m${i}`, `Member ${i + 1}`, `pack-m${i}`),
        bodyMassKg: between(48, 96),
        experience: random() < 0.2 ? 'newcomer' : random() < 0.4 ? 'seasoned' : 'regular',
        tentGroupId: `tent-${Math.floor(i / 2)}`,
        cookGroupId: `cook-${Math.floor(i / 4)}`,
        conditions: i === seed % n && random() < 0.5
            ? [{ label: 'ankle', fromDay: Math.min(3, days), toDay: days, factor: 0.75 }]
            : [],
    }));
    const limits = members.map((m) => m.bodyMassKg * { newcomer: 0.15, regular: 0.2, seasoned: 0.25 }[m.experience]);
    const packs = members.map((m) => cataloguePack(m.packId, sizeOf([60, 70, 80, 80][pickIndex(random, 4)])));
    const personalThings = members.map((m, i) => {
        const ownKg = Math.max(0.5, limits[i] * between(0.32, 0.5) - packs[i].tareKg);
        return { ...plain(`own-${m.id}`, 'Own things', ownKg, between(14, 24)), memberId: m.id, worn: false };
    });
    const [movable, staying] = partedOff(personalThings, ownMovable);
    const groupKg = GROUP_PART * limits.reduce((a, b) => a + b, 0);
    const raw = pieces(random, n, p, days);
    const rawKg = raw.reduce((sum, x) => sum + x.massKg, 0);
    const scaled = raw.map((x) => {
        const massKg = Math.round((x.massKg * groupKg * 1000) / rawKg) / 1000;
        return { ...x, massKg, volumeL: Math.round(massKg * between(1.5, 4.5) * 100) / 100 };
    });
    const free = scaled.filter((x) => x.onlyGroupId === undefined && x.consumption === undefined);
    const rules = [];
    const rule = (kind, from, count) => {
        const chosen = free.slice(from, from + count);
        if (chosen.length === count)
            rules.push({ id: `rule-${rules.length}`, kind, pieceIds: chosen.map((x) => x.id), reason: kind });
    };
    for (let i = 0; i < Math.max(1, Math.floor(n / 6)); i += 1) {
        rule('different', i * 6, 2);
        rule('same', i * 6 + 2, 2);
    }
    const kit = { id: 'kit', name: 'Kit', pieces: scaled };
    const base = emptyTrip('random-share', 'Random share', '2027-05-10', days);
    return {
        ...base,
        legs: base.legs.map((leg) => ({ ...leg, waterL: waterByLeg ? between(0.5, 1.5) : 1 })),
        groups: [
            ...ids('tent', Math.ceil(n / 2)).map((id) => ({ id, name: id, kind: 'tent' })),
            ...ids('cook', Math.ceil(n / 4)).map((id) => ({ id, name: id, kind: 'cook' })),
        ],
        members,
        packs,
        personalThings: [...staying, ...movable],
        houseRules: { ...base.houseRules, waterShare: 'each' },
        kits: [kit],
        carrierRules: rules,
        share: free
            .slice(-Math.max(1, Math.floor(n / 8)))
            .map((x, i) => ({ pieceId: x.id, memberId: `m${(i * 3) % n}`, locked: true })),
    };
}
/** Of everybody's own things a bag, a mat and clothes that others may carry, until there are so many. */
function partedOff(own, count) {
    const parts = [0.22, 0.12, 0.12, 0.08];
    const movable = own
        .flatMap((t) => parts.map((part, i) => ({
        ...t,
        id: `${t.id}-${i}`,
        massKg: t.massKg * part,
        volumeL: t.volumeL * part,
        othersMayCarry: true,
    })))
        .slice(0, count);
    const staying = own.map((t) => {
        const given = movable.filter((m) => m.memberId === t.memberId);
        const left = (of) => of(t) - given.reduce((sum, m) => sum + of(m), 0);
        return { ...t, massKg: left((x) => x.massKg), volumeL: left((x) => x.volumeL) };
    });
    return [movable, staying];
}
function ids(stem, count) {
    return Array.from({ length: count }, (_v, i) => `${stem}-${i}`);
}
function plain(id, name, massKg, volumeL) {
    return {
        id,
        name,
        massKg,
        massEstimated: false,
        volumeL,
        shape: { kind: 'pouch' },
        flags: [],
        needed: 'camp',
        purpose: 'other',
    };
}
/** Tent parts, food by cook group and day, and the rest of the group's kit, in masses that are scaled later. */
function pieces(random, n, count, days) {
    const list = [];
    const add = (massKg, more = {}) => {
        const id = `p${list.length}`;
        if (list.length < count)
            list.push({ ...plain(id, `Piece ${list.length + 1}`, massKg, 1), ...more });
    };
    const tents = Math.ceil(n / 2);
    for (let t = 0; t < tents; t += 1) {
        for (const kg of [0.9, 0.7, 0.45, 0.2]) {
            if (list.length < count * 0.4)
                add(kg * (0.8 + 0.4 * random()), { onlyGroupId: `tent-${t}` });
        }
    }
    for (let cook = 0; cook < Math.ceil(n / 4); cook += 1) {
        for (let day = 1; day <= days; day += 1) {
            for (let meal = 0; meal < 2; meal += 1) {
                if (list.length >= count * 0.75)
                    break;
                const consumption = { fromDay: day, toDay: day, residueKg: 0.02 };
                add(0.5 + 0.8 * random(), { consumption });
            }
        }
    }
    while (list.length < count)
        add(0.08 + 1.4 * random() ** 2);
    return list;
}
//# sourceMappingURL=shareClasses.js.map