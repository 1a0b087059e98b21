import { packOf, packVolumeL } from '../trip/queries.js';
import { formatMass, formatVolume } from '../units/format.js';
import { FITS } from './fits.js';
import { overloaded } from './overLimit.js';
import { fitsTorso, withPacks } from './packProposal.js';
import { sharedVolumeL } from './problem.js';
/** A cure for each pack that could go to somebody for whom it is too much, too small or too weak. */
export function packSwapCures(trip, problem, best) {
    if (best === undefined)
        return [];
    const over = new Set(overloaded(problem, best));
    return problem.carriers.flatMap((carrier) => {
        const small = isTooSmall(problem, carrier, best);
        if (!small && !over.has(carrier))
            return [];
        const member = trip.members.find((m) => m.id === carrier.memberId);
        const mine = packOf(trip, member);
        return trip.packs.flatMap((pack) => {
            const isBetter = small
                ? packVolumeL(pack) > packVolumeL(mine)
                : pack.tareKg < mine.tareKg - MATTERS_KG && packVolumeL(pack) > 0;
            if (!isBetter || !fitsTorso(pack, member))
                return [];
            const other = trip.members.find((m) => m.packId === pack.id);
            if (other === undefined)
                return pack.shared === true ? [takesSpare(trip, member, pack)] : [];
            // A swap takes from both: each pack must be one that anybody may have.
            const isFree = pack.shared === true && mine.shared === true && fitsTorso(mine, other);
            return isFree ? [swap(trip, member, other)] : [];
        });
    });
}
/** A pack lighter by less is no reason to swap (Graft's own number). */
const MATTERS_KG = 0.25;
function isTooSmall(problem, carrier, best) {
    const volumeL = sharedVolumeL(problem, carrier, best.share);
    return carrier.freeVolumeL.some((freeL, d) => volumeL[d] > freeL + FITS);
}
function takesSpare(trip, member, pack) {
    return {
        label: `${member.name} takes ${pack.name}: ${formatVolume(packVolumeL(pack))}, ${formatMass(pack.tareKg)}`,
        price: 'their own pack stays at home',
        rank: 0,
        after: withPacks(trip, new Map([[member.id, pack.id]])),
    };
}
function swap(trip, a, b) {
    return {
        label: `Swap packs: ${a.name} takes ${packOf(trip, b).name}, ${b.name} ${packOf(trip, a).name}`,
        price: 'both set up their straps anew',
        rank: 0,
        after: withPacks(trip, new Map([
            [a.id, b.packId],
            [b.id, a.packId],
        ])),
    };
}
//# sourceMappingURL=packSwapCures.js.map