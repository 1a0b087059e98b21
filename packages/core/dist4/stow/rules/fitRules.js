/** Rules on what goes in, and where. */
import { formatMass, formatVolume } from '../../units/format.js';
import { SLEEVE_GIVE_L } from '../reservoir.js';
import { isMainZone } from '../../trip/zoneKinds.js';
/** So much more goes in by pushing, litres (Graft's own number). */
const CLOTH_GIVES_L = 0.1;
export const FIT_RULES = [
    {
        id: 'has-a-place',
        severity: 'fit',
        what: 'everything has a place',
        why: 'what is still on the floor is left behind or hangs from a strap',
        check: (_problem, a) => a.unplaced.map((thing) => ({
            thingIds: [thing.id],
            message: `${thing.name} (${formatMass(thing.massKg)}) has no place yet`,
        })),
    },
    {
        id: 'goes-in',
        severity: 'fit',
        what: 'everything goes in, in its true size',
        why: 'a bulging pack tears, and what sticks out is lost',
        check: (_problem, a) => [
            ...a.layout.compartments
                .filter((c) => c.overflowL > CLOTH_GIVES_L && c.thingIds.length > 0)
                .map((c) => {
                const name = c.compartment.zone?.name ?? (c.compartment.id === 'bottom' ? 'Bottom part' : 'Main compartment');
                const highest = a.placed
                    .filter((p) => p.compartmentId === c.compartment.id)
                    .reduce((x, y) => (x === undefined || y.box.z1 > x.box.z1 ? y : x), undefined);
                return {
                    thingIds: highest === undefined ? [] : [highest.thing.id],
                    message: `${name}: ${formatVolume(c.overflowL)} do not go in${highest === undefined ? '' : `; ${highest.thing.name} stands out`}`,
                };
            }),
            ...a.zones
                .filter((f) => !isMainZone(f.zone.kind) &&
                // On the day looked at, compartments tell by themselves; a sleeve is no compartment to load.
                (f.fullestDay !== a.day || f.zone.kind === 'sleeve') &&
                f.fullestL > f.zone.volumeL + (f.zone.kind === 'sleeve' ? SLEEVE_GIVE_L : CLOTH_GIVES_L))
                .map((f) => ({
                thingIds: a.placed.filter((p) => p.zone === f.zone).map((p) => p.thing.id),
                message: `${f.zone.name} is ${formatVolume(f.fullestL - f.zone.volumeL)} over its ${formatVolume(f.zone.volumeL)} on day ${f.fullestDay}`,
            })),
        ],
    },
    {
        id: 'holder-has-room',
        severity: 'structure',
        what: 'what is to ride in a bag or container goes into it',
        why: 'what does not go in is beside it, and in the way',
        check: (problem, a) => a.placed.flatMap(({ thing }) => {
            const holderId = problem.leftOut.get(thing.id);
            const holder = problem.things.find((t) => t.thing.id === holderId);
            // What nobody put there may lie beside it: a container that is full is full.
            if (holder === undefined || thing.nestsIn !== holderId)
                return [];
            return [{ thingIds: [thing.id], message: `${thing.name} does not go into ${holder.thing.name}` }];
        }),
    },
    {
        id: 'pocket-load',
        severity: 'fit',
        what: 'a pocket holds what it is rated for',
        why: 'seams and zips give way',
        check: (_problem, a) => a.zones
            .filter((f) => f.zone.maxLoadKg !== undefined && f.massKg > f.zone.maxLoadKg + 1e-9)
            .map((f) => ({
            thingIds: a.placed
                .filter((p) => p.zone === f.zone)
                .sort((x, y) => y.massKg - x.massKg)
                .map((p) => p.thing.id),
            message: `${f.zone.name} holds ${formatMass(f.massKg)}, its limit is ${formatMass(f.zone.maxLoadKg)}`,
        })),
    },
];
//# sourceMappingURL=fitRules.js.map