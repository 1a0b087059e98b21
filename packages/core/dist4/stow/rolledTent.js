/** How long it is rolled, cm (Graft's own number: it stands in the main compartment of the packs that are without a frame). */
const ROLL_CM = 40;
/** A smaller roll is no stay, litres. */
const LEAST_L = 2;
/** The thing as it is packed: a stuffed tent is rolled where two uprights are the rule. */
export function asStay(thing, pack, house) {
    const isRolled = pack.frameless === true && house.frameless === 'uprights' && house.tent !== 'roundTheBag';
    if (!isRolled || thing.purpose !== 'tentBody' || thing.shape.kind !== 'stuff' || thing.volumeL < LEAST_L)
        return thing;
    const diameterCm = Math.round(10 * Math.sqrt((4000 * thing.volumeL) / (Math.PI * ROLL_CM))) / 10;
    const shape = { kind: 'roll', lengthCm: ROLL_CM, diameterCm };
    return { ...thing, shape };
}
//# sourceMappingURL=rolledTent.js.map