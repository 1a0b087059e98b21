import { parseQuantity } from '../units/parse.js';
import { digitsShown, unitShown } from '../units/shown.js';
import { HOLDER_TRAITS, MEANT_FOR } from './model.js';
import { THING_RANGES } from './thingRanges.js';
export const TRAIT_WORDS = {
    keepsDry: 'keeps dry',
    keepsScent: 'keeps scent in',
    rigid: 'rigid',
    guardsPoints: 'guards points',
    separatesFuel: 'keeps fuel apart',
};
export const MEANT_FOR_WORDS = {
    anything: 'anything',
    sleep: 'sleep things',
    clothes: 'clothes',
    food: 'food',
    cooking: 'cooking',
    firstAid: 'first aid',
    smallThings: 'small things',
    wholePack: 'whole pack',
};
/** @param units in which the room is written */
export function formatHolding(holding, units = 'kg') {
    if (holding === undefined)
        return '';
    const { capacityL, traits, meantFor, mark } = holding;
    return [
        units === 'kg' ? `${capacityL} L` : `${digitsShown(capacityL, 'volume', units)} cu in`,
        ...(meantFor === 'anything' ? [] : [MEANT_FOR_WORDS[meantFor]]),
        ...traits.map((trait) => TRAIT_WORDS[trait]),
        ...(mark === undefined ? [] : [`mark: ${mark}`]),
    ].join(', ');
}
/**
 * @param units of a number without a unit
 * @returns the holding, nothing for an empty text, or what was expected
 */
export function parseHolding(text, units = 'kg') {
    const [, facts, mark] = /^(.*?)(?:(?:^|[,;])\s*mark:\s*(.*))?$/is.exec(text);
    const parts = facts
        // A comma between digits is a decimal one.
        .split(/;|,(?!\d)/)
        .map((part) => part.trim())
        .filter((part) => part !== '');
    if (parts.length === 0 && mark === undefined)
        return { ok: true, holding: undefined };
    let capacityL;
    let meantFor = 'anything';
    const traits = new Set();
    for (const part of parts) {
        const word = part.toLowerCase();
        const isCalled = (words) => words === word || words.split(' ')[0] === word;
        const trait = HOLDER_TRAITS.find((t) => TRAIT_WORDS[t] === word);
        const purpose = MEANT_FOR.find((m) => isCalled(MEANT_FOR_WORDS[m]));
        if (trait !== undefined)
            traits.add(trait);
        else if (purpose !== undefined)
            meantFor = purpose;
        else {
            const litres = parseQuantity(part, 'volume', unitShown('volume', units).bare);
            if (!litres.ok || capacityL !== undefined)
                return {
                    ok: false,
                    error: `expected litres, what it is meant for (${Object.values(MEANT_FOR_WORDS).join(', ')}) and what it does (${Object.values(TRAIT_WORDS).join(', ')}), got "${part}"`,
                };
            capacityL = litres.value;
        }
    }
    const [least, most] = THING_RANGES.capacityL;
    if (capacityL === undefined || capacityL < least || capacityL > most)
        return { ok: false, error: `expected how much it holds, ${least} to ${most} L, got "${text}"` };
    return {
        ok: true,
        holding: {
            capacityL,
            traits: HOLDER_TRAITS.filter((t) => traits.has(t)),
            meantFor,
            ...(mark === undefined || mark.trim() === '' ? {} : { mark: mark.trim() }),
        },
    };
}
//# sourceMappingURL=holdingText.js.map