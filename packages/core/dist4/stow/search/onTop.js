import { BLOCKS, liesOn } from '../neighbours.js';
/** The first day on which food is still eaten; 0 for all else. */
const eaten = ({ thing, isSpent }) => (isSpent ? 0 : (thing.consumption?.fromDay ?? 0));
/**
 * How much food that is eaten later lies over the i-th thing, if that is food.
 *
 * @param things in loading order, as they are in the loader
 */
export function laterFoodOver(facts, loader, things, i) {
    const day = eaten(facts.things[things[i]]);
    if (day === 0)
        return 0;
    const least = BLOCKS * loader.columnsOf(i);
    let covers;
    let found = 0;
    for (let j = i + 1; j < things.length; j += 1) {
        if (eaten(facts.things[things[j]]) <= day)
            continue;
        covers ??= loader.coversOf(i);
        if (covers[j] > 0 && covers[j] >= least)
            found += 1;
    }
    return found;
}
/** By place in the loading order, what can be crushed and the heavy thing that lies on it. */
export function crushedPairs(facts, loader, things) {
    return facts.crushes.flatMap(([low, high]) => {
        const [i, j] = [things.indexOf(low), things.indexOf(high)];
        return i >= 0 && j > i && liesOn(loader, i, j) ? [[i, j]] : [];
    });
}
//# sourceMappingURL=onTop.js.map