/** Home rules of rain gear, layers, clothes and shoes. All of it is common practice, no source. */
import { isClothing, isQuick, isRain, isSoft } from '../thingKinds.js';
export const CLOTHES_RULES = [
    {
        id: 'rain-outer-pocket',
        question: 'rainGear',
        applies: (t, h) => isRain(t) && h.rainGear === 'outerPocket',
        good: ['front', 'side'],
        fair: [],
        byHouseRule: true,
        never: ['lash', 'hipBelt', 'strap'],
        why: 'house rule: rain gear in an outer pocket',
    },
    {
        id: 'rain-lid',
        question: 'rainGear',
        applies: (t, h) => isRain(t) && h.rainGear === 'lid',
        good: ['lid'],
        fair: ['top', 'front'],
        byHouseRule: true,
        never: ['lash', 'hipBelt', 'strap'],
        why: 'house rule: rain gear in the lid',
    },
    {
        id: 'rain-top',
        question: 'rainGear',
        applies: isRain,
        good: ['top'],
        fair: ['front', 'lid'],
        never: ['lash', 'hipBelt', 'strap'],
        why: 'rain comes quickly: top of the main compartment',
    },
    {
        id: 'layer-quick',
        applies: (t) => isClothing(t) && isQuick(t),
        good: ['top', 'front'],
        fair: ['lid', 'outer'],
        never: ['lash', 'hipBelt', 'strap'],
        why: 'a layer for the next stop lies on top',
    },
    {
        id: 'camp-shoes',
        applies: (t) => isClothing(t) && !isSoft(t),
        good: ['front', 'outer'],
        fair: ['bottom', 'top'],
        never: ['lid', 'hipBelt', 'strap', 'side'],
        why: 'shoes for camp are light, stiff and not clean: outward, away from food',
    },
    {
        id: 'clothes-low',
        applies: isClothing,
        good: ['bottom', 'outer'],
        fair: ['top'],
        never: ['lash', 'hipBelt', 'strap', 'side', 'front', 'lid'],
        why: 'soft and light: fills the bottom and the outer layer, no gaps',
    },
];
//# sourceMappingURL=clothesRules.js.map