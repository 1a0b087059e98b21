/** What lies against what, and against the back. */
import * as k from './kinds.js';
import { at, isLoose, TOUCHES_CM2, apart, notInOnePocket } from './statement.js';
/** Measured from the wearer: the panel, and what gives of it. */
const NEAR_BACK_CM = 4;
export const NEIGHBOURS = [
    apart('fuel-food', 'fuel does not touch food, filter, bottles, clothes or first aid', k.isLiquidFuel, (t) => k.isFood(t) ||
        k.isFilter(t) ||
        k.isMouthpiece(t) ||
        k.isClothes(t) ||
        k.isFirstAid(t) ||
        k.isSleepingBag(t)),
    notInOnePocket('fuel-alone', 'liquid fuel has its pocket to itself', k.isLiquidFuel, (t) => k.isFood(t) || k.isFilter(t) || k.isMouthpiece(t) || k.isClothes(t) || k.isFirstAid(t)),
    apart('points-soft', 'points are kept off mats, reservoirs, clothes and bags', (t) => k.isSharp(t) && t.zone !== 'lash', (t) => k.isInflatable(t) || k.isReservoir(t) || (k.isClothes(t) && t.isSoft) || k.isSleepingBag(t)),
    apart('points-outside', 'points lashed outside touch no mat', k.isCrampons, k.isMat),
    {
        id: 'points-back',
        says: 'nothing sharp is at the back',
        broken: (p) => p.things
            .filter((t) => k.isSharp(t) &&
            !k.isIn('guardsPoints')(t) &&
            (p.atBack.get(t.id) ?? 0) >= TOUCHES_CM2 &&
            t.box.y0 < NEAR_BACK_CM)
            .map(at),
    },
    apart('wet-dry', 'wet things are apart from down, dry clothes, electronics and paper', (t) => k.isWet(t) && !k.isIn('keepsDry')(t), (t) => !k.isIn('keepsDry')(t) &&
        t.flags.has('mustStayDry') &&
        (k.isDown(t) || k.isClothes(t) || k.isElectronics(t) || k.isPaper(t))),
    {
        id: 'crushed',
        says: 'nothing heavy lies on what can be crushed',
        broken: (p) => p.contacts
            .filter(([, , area]) => area >= TOUCHES_CM2)
            .flatMap(([a, b]) => [[a, b], [b, a]])
            .filter(([low, high]) => k.isCrushable(low) && high.kg >= 1 && high.box.z0 >= low.box.z1 - 1.5)
            .map(([low, high]) => `${high.name} on ${low.name}`),
    },
    apart('scent-sleep', 'scented things do not touch sleeping things', (t) => k.isScented(t) && !k.isIn('keepsScent')(t), k.isSleepingBag),
    notInOnePocket('soap-food', 'soap and sun cream are not loose with open food', (t) => t.flags.has('leaks') && t.purpose !== 'waterContainer', (t) => k.isFood(t)),
    apart('shoes-food', 'shoes do not touch food', k.isShoes, k.isFood),
    {
        id: 'hard-back',
        says: 'pot, stove and can are not felt in the back',
        broken: (p) => p.things
            .filter((t) => !p.things.some((r) => r.zone === 'sleeve') && isLoose(t))
            .filter((t) => t.flags.has('hard') && !k.isBottle(t) && !k.isTentPoles(t))
            .filter((t) => (p.atBack.get(t.id) ?? 0) >= 30 && t.box.y0 < 2.6)
            .map(at),
    },
];
//# sourceMappingURL=touching.js.map