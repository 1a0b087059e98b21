/**
 * Practice: a learner's stow of a given load marked against the best plan known, point by point, each lost one with its
 * reason. The weights are Graft's own; safety weighs most.
 */
import { bandMissText } from '../carriage/packingSchool.js';
export const PRACTICE_PARTS = {
    fit: { name: 'Everything in', most: 20 },
    safety: { name: 'Safety', most: 25 },
    access: { name: 'Access', most: 20 },
    balance: { name: 'Balance', most: 25 },
    gaps: { name: 'No hollows', most: 10 },
};
const PER_FIT = 5;
const PER_SAFETY = 6;
const PER_ACCESS = 4;
const PER_BAND_CM = 2;
const PER_ASIDE_CM = 4;
const PER_OUT_CM = 2;
const PER_VOID_PERCENT = 1;
/** So near to the plan nothing is lost, cm. */
const FREE_CM = 0.5;
/**
 * @param tried the learner's stow
 * @param best a planned stow of the same load
 */
export function practiceScore(tried, best) {
    const lost = [];
    const lose = (part, points, why) => {
        if (points > 0.05)
            lost.push({ part, points: Math.round(10 * points) / 10, why });
    };
    for (const f of tried.findings) {
        if (f.severity === 'fit')
            lose('fit', PER_FIT, f.message);
        if (f.severity === 'safety')
            lose('safety', PER_SAFETY, f.message);
        if (f.severity === 'access' && f.ruleId !== 'water-has-a-place')
            lose('access', PER_ACCESS, f.message);
    }
    if (tried.placed.length > 0) {
        const miss = Math.abs(tried.bandMissCm) - Math.abs(best.bandMissCm);
        lose('balance', PER_BAND_CM * Math.max(0, miss), `the heavy things ride ${bandMissText(tried.bandMissCm)} the band`);
        const aside = Math.abs(tried.centreOfGravityCm.x) - Math.abs(best.centreOfGravityCm.x) - FREE_CM;
        lose('balance', PER_ASIDE_CM * Math.max(0, aside), `the centre of gravity is ${Math.abs(tried.centreOfGravityCm.x).toFixed(1)} cm to the ${tried.centreOfGravityCm.x < 0 ? 'left' : 'right'}`);
        const out = tried.centreOfGravityCm.y - best.centreOfGravityCm.y - FREE_CM;
        lose('balance', PER_OUT_CM * Math.max(0, out), `the centre of gravity is ${tried.centreOfGravityCm.y.toFixed(1)} cm out from the back; ${best.centreOfGravityCm.y.toFixed(1)} cm can be reached`);
        const hollow = 100 * (tried.main.voidShare - best.main.voidShare);
        lose('gaps', PER_VOID_PERCENT * Math.max(0, hollow), `${tried.main.voidL.toFixed(1)} L of hollows, ${(100 * tried.main.voidShare).toFixed(0)} % of what is filled`);
    }
    else {
        lose('balance', PRACTICE_PARTS.balance.most, 'nothing is stowed');
        lose('gaps', PRACTICE_PARTS.gaps.most, 'nothing is stowed');
    }
    const parts = Object.fromEntries(Object.keys(PRACTICE_PARTS).map((part) => {
        const gone = lost.filter((l) => l.part === part).reduce((sum, l) => sum + l.points, 0);
        return [part, Math.max(0, PRACTICE_PARTS[part].most - gone)];
    }));
    const points = Math.round(10 * Object.values(parts).reduce((a, b) => a + b, 0)) / 10;
    return { points, parts, lost };
}
//# sourceMappingURL=practice.js.map