import { ROLES } from './model.js';
import { allPieces, isWithParty, memberById } from './queries.js';
const ROLE_KIT = {
    medic: (p) => p.purpose === 'firstAid',
    navigator: (p) => p.purpose === 'navigation',
    scribe: (p) => /\b(log|note|field|record)[ -]?books?\b|record sheets?|\bforms\b/i.test(p.name),
    // A cook's stove goes with the cook group's share, not with whoever cooks tonight.
    cook: () => false,
};
/** What goes with a role; of things that a rule keeps apart the heaviest only: the others are for whoever else. */
export function kitOfRole(trip, role) {
    const apart = trip.carrierRules.filter((rule) => rule.kind === 'different').map((rule) => rule.pieceIds);
    return allPieces(trip)
        .filter(ROLE_KIT[role])
        .sort((a, b) => b.massKg - a.massKg)
        .reduce((kit, p) => {
        const isApart = apart.some((ids) => ids.includes(p.id) && kit.some((q) => ids.includes(q.id)));
        return isApart ? kit : [...kit, p];
    }, []);
}
/** Who has a role on a day and is with the party. */
export function roleHolders(trip, role, day) {
    return trip.roles
        .filter((r) => r.day === day && r.role === role)
        .map((r) => memberById(trip, r.memberId))
        .filter((m) => isWithParty(m, day));
}
/** Piece → those who have, on a day, the role that it goes with. */
export function holdersOfKit(trip, day) {
    return new Map(ROLES.flatMap((role) => {
        const holders = roleHolders(trip, role, day);
        return holders.length === 0 ? [] : kitOfRole(trip, role).map((p) => [p.id, holders]);
    }));
}
//# sourceMappingURL=roleKit.js.map