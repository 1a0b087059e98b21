/**
 * The placements of a stow with the things of a step loaded before those of the step before it, or after those of the
 * next one, in the same compartment; undefined where there is none, and for what goes into pockets.
 */
export function shiftStep(stow, placements, steps, step, by) {
    const compartmentOf = new Map(stow.placed.map((p) => [p.thing.id, p.compartmentId]));
    const compartment = (s) => compartmentOf.get(s.thingIds[0] ?? '');
    const here = compartment(step);
    if (here === undefined)
        return undefined;
    const beside = steps.filter((s) => compartment(s) === here);
    const at = beside.findIndex((s) => s.id === step.id);
    const other = beside[at + by];
    if (at < 0 || other === undefined)
        return undefined;
    [beside[at], beside[at + by]] = [other, step];
    const turn = beside.flatMap((s) => s.thingIds);
    const moved = new Set(turn);
    const byId = new Map(placements.map((p) => [p.thingId, p]));
    const inTurn = turn.map((id) => byId.get(id)).values();
    return placements.map((p) => (moved.has(p.thingId) ? inTurn.next().value : p));
}
//# sourceMappingURL=shiftStep.js.map