/** A lighter may be packed with the windshield: then its name tells. */
export function isLighter(thing) {
    return thing.purpose === 'fire' || /lighter|matches/i.test(thing.name);
}
//# sourceMappingURL=lighter.js.map