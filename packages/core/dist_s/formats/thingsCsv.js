import { formatHolding } from '../trip/holdingText.js';
import { formatShape } from '../trip/shapeText.js';
import { CSV_FIELDS } from './csvFields.js';
import { writeCsvTable } from './csvTable.js';
/** "mustStayDry" as "must stay dry". */
export function spaced(id) {
    return id.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);
}
/** The fields that are there. */
export const defined = (fields) => Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined));
/** One row is one thing: the mass of all is that of each. */
const WRITTEN = CSV_FIELDS.filter((f) => f.id !== 'massTotal');
/** A trip's things as CSV: every group piece and personal thing that was entered by hand, numbers exact, kg and L. */
export function thingsCsv(trip) {
    const groupName = new Map(trip.groups.map((g) => [g.id, g.name]));
    const memberName = new Map(trip.members.map((m) => [m.id, m.name]));
    const cells = (thing, list, more) => {
        const values = {
            id: thing.id,
            list,
            name: thing.name,
            count: 1,
            mass: thing.massKg,
            massUnit: 'kg',
            estimated: thing.massEstimated ? 'yes' : 'no',
            measuredOn: thing.measuredOn,
            volume: thing.volumeL,
            shape: formatShape(thing.shape),
            flags: thing.flags.map(spaced).join(', '),
            needed: spaced(thing.needed),
            purpose: spaced(thing.purpose),
            fromDay: thing.fromDay,
            toDay: thing.toDay,
            joinsAt: thing.joinsAt,
            leavesAt: thing.leavesAt,
            useFrom: thing.consumption?.fromDay,
            useTo: thing.consumption?.toDay,
            residue: thing.consumption?.residueKg,
            wetFactor: thing.wetFactor,
            waterCapacity: thing.waterCapacityL,
            foodCapacity: thing.foodCapacityL,
            holds: thing.holds === undefined ? undefined : formatHolding(thing.holds),
            ridesLoose: thing.ridesLoose === undefined ? undefined : thing.ridesLoose ? 'yes' : 'no',
            owner: thing.owner,
            wear: thing.wear === undefined ? undefined : spaced(thing.wear),
            expiresOn: thing.expiresOn,
            // An empty list is not the same as none said.
            needs: thing.needs === undefined
                ? undefined
                : thing.needs.length === 0
                    ? '-'
                    : thing.needs.map(spaced).join(', '),
            ...more,
        };
        return WRITTEN.map((f) => values[f.id] ?? '');
    };
    const pieces = trip.kits.flatMap((kit) => kit.pieces
        .filter((p) => p.madeBy === undefined)
        .map((p) => cells(p, kit.name, {
        ...defined({
            onlyFor: p.onlyGroupId === undefined ? undefined : groupName.get(p.onlyGroupId),
            together: p.together,
        }),
    })));
    const personal = trip.personalThings
        .filter((t) => t.madeBy === undefined)
        .map((t) => cells(t, memberName.get(t.memberId) ?? '', {
        worn: t.worn ? 'yes' : 'no',
        ...(t.want === undefined ? {} : { want: t.want }),
        ...(t.othersMayCarry === undefined ? {} : { othersMayCarry: t.othersMayCarry ? 'yes' : 'no' }),
    }));
    return writeCsvTable(WRITTEN.map((f) => f.header), [...pieces, ...personal]);
}
//# sourceMappingURL=thingsCsv.js.map