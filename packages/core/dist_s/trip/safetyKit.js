const SAFETY_PURPOSES = [
    'firstAid',
    'beacon',
    'navigation',
    'light',
    'signal',
    'fire',
    'filter',
    'emergencyShelter',
    'animalSpray',
    'repair',
    'waterContainer',
];
export function isSafetyKit(thing) {
    return (SAFETY_PURPOSES.includes(thing.purpose) ||
        /rain jacket|avalanche|probe|shovel|helmet|harness|rope|crampon|ice axe/i.test(thing.name));
}
//# sourceMappingURL=safetyKit.js.map