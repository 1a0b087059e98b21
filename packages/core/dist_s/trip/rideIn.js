/**
 * @param holderId what it is to ride in; undefined for in nothing
 * @returns the trip with the word kept; one without such a thing comes back as it is
 */
export function rideIn(trip, thingId, holderId) {
    const told = (thing) => {
        if (thing.id !== thingId)
            return thing;
        const { nestsIn: _old, ridesLoose: _loose, ...rest } = thing;
        return { ...rest, ...(holderId === undefined ? { ridesLoose: true } : { nestsIn: holderId }) };
    };
    return {
        ...trip,
        kits: trip.kits.map((kit) => kit.pieces.some((p) => p.id === thingId) ? { ...kit, pieces: kit.pieces.map(told) } : kit),
        personalThings: trip.personalThings.map(told),
    };
}
//# sourceMappingURL=rideIn.js.map