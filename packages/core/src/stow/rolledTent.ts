/** A tent as a stay: in a pack without a frame it is rolled tight and stands at the back (common practice, no source). */
import type { HouseRules, Pack, Shape, Thing } from '../trip/model.js';

/** How long it is rolled, cm (Graft's own number: it stands in the main compartment of the packs that are without a frame). */
const ROLL_CM = 40;
/** A smaller roll is no stay, litres. */
const LEAST_L = 2;

/** The thing as it is packed: a stuffed tent is rolled where two uprights are the rule. */
export function asStay(thing: Thing, pack: Pack, house: HouseRules): Thing {
  const isRolled = pack.frameless === true && house.frameless === 'uprights' && house.tent !== 'roundTheBag';
  if (!isRolled || thing.purpose !== 'tentBody' || thing.shape.kind !== 'stuff' || thing.volumeL < LEAST_L)
    return thing;
  const diameterCm = Math.round(10 * Math.sqrt((4000 * thing.volumeL) / (Math.PI * ROLL_CM))) / 10;
  const shape: Shape = { kind: 'roll', lengthCm: ROLL_CM, diameterCm };
  return { ...thing, shape };
}
