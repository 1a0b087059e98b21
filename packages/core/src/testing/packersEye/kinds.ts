/** What somebody sees a thing to be, by its name first, as people do. Written from the domain's words alone. */
import type { SeenThing } from './seen.js';

type Sees = (t: SeenThing) => boolean;

const named =
  (pattern: RegExp): Sees =>
  (t) =>
    pattern.test(t.name);
const of =
  (...purposes: readonly SeenThing['purpose'][]): Sees =>
  (t) =>
    purposes.includes(t.purpose);
const flagged =
  (...flags: readonly Parameters<SeenThing['flags']['has']>[0][]): Sees =>
  (t) =>
    flags.some((f) => t.flags.has(f));

const isHolder: Sees = (t) => t.meantFor !== undefined;
/** Bags and sacks are looked into; what is in them is what counts. */
const isBag: Sees = (t) => isHolder(t) && !isPot(t) && !isHardContainer(t);

export const isSleepingBag: Sees = (t) => of('sleepingBag')(t) && !isBag(t);
export const isMat: Sees = (t) => of('mat')(t) && !named(/sit|seat/i)(t);
export const isFoamMat: Sees = (t) => isMat(t) && t.flags.has('ridesOutside');
export const isInflatable: Sees = (t) => isMat(t) && !t.flags.has('ridesOutside');
export const isInner: Sees = of('tentBody');
export const isFly: Sees = of('tentFly', 'footprint');
export const isTentPoles: Sees = of('tentPoles');
export const isPegs: Sees = of('tentPegs');
export const isTarp: Sees = of('tarp');
export const isPot: Sees = of('pot');
export const isBurner: Sees = of('stove');
export const isLiquidFuel: Sees = flagged('liquidFuel');
export const isGas: Sees = flagged('gasFuel');
export const isFood: Sees = (t) => of('food', 'snack')(t) && !isBag(t);
export const isMeal: Sees = (t) => of('food')(t) && !isBag(t);
export const isHardContainer: Sees = (t) => of('foodContainer')(t) && t.traits.has('rigid');
export const isBottle: Sees = (t) => of('waterContainer')(t) && !t.isSoft;
export const isReservoir: Sees = (t) => of('waterContainer')(t) && t.isSoft && t.needed === 'walking';
export const isRainGear: Sees = (t) => of('rainwear')(t) && !named(/cover|umbrella/i)(t);
export const isWarmLayer: Sees = (t) => of('warmLayer')(t) && t.needed === 'stop';
export const isClothes: Sees = (t) =>
  of('clothing', 'warmLayer', 'spareClothing', 'handsHead')(t) && !isShoes(t) && !isBag(t);
export const isDown: Sees = (t) => isSleepingBag(t) || (of('warmLayer')(t) && t.flags.has('mustStayDry'));
export const isSnowshoes: Sees = named(/snow ?shoes/i);
export const isShoes: Sees = (t) => named(/shoes|boots|sandals|slippers/i)(t) && !isSnowshoes(t);
export const isFirstAid: Sees = of('firstAid');
export const isBeacon: Sees = of('beacon');
export const isSpray: Sees = of('animalSpray');
export const isWhistle: Sees = of('signal');
export const isPhone: Sees = named(/phone/i);
export const isKnife: Sees = of('knife');
export const isCompass: Sees = named(/compass/i);
export const isLipBalm: Sees = named(/lip/i);
export const isLight: Sees = (t) => of('light')(t) && !named(/lantern|candle/i)(t);
export const isMap: Sees = (t) => of('navigation')(t) && named(/map/i)(t);
export const isToiletKit: Sees = named(/toilet/i);
export const isSunThing: Sees = of('sun');
export const isAxe: Sees = named(/\baxe\b|hatchet|hammer/i);
export const isWalkingPoles: Sees = of('walkingPoles');
export const isShovel: Sees = named(/shovel/i);
export const isPicket: Sees = named(/picket|\bstake/i);
export const isCrampons: Sees = named(/crampon|spikes/i);
export const isRope: Sees = named(/\brope\b/i);
export const isHelmet: Sees = named(/helmet/i);
export const isHarness: Sees = named(/harness/i);
export const isElectronics: Sees = (t) => t.flags.has('battery') && !isLight(t) && !isBeacon(t);
export const isPaper: Sees = named(/map|(?<!toilet )paper|notebook|book|money|passport/i);
export const isFilter: Sees = of('filter');
export const isMouthpiece: Sees = (t) => isReservoir(t) || isBottle(t);
export const isSharp: Sees = flagged('sharp');
export const isWet: Sees = flagged('oftenWet');
export const isCrushable: Sees = flagged('crushable');
export const isScented: Sees = flagged('scented');
/** Tough enough for the outside, or meant for it. */
export const isTough: Sees = (t) =>
  isFoamMat(t) ||
  isTentPoles(t) ||
  isWalkingPoles(t) ||
  isAxe(t) ||
  isSnowshoes(t) ||
  isShovel(t) ||
  isPicket(t) ||
  isCrampons(t) ||
  isRope(t) ||
  isHelmet(t) ||
  t.flags.has('ridesOutside');

/** Holders around a thing, the innermost first. */
export function holders(t: SeenThing): readonly SeenThing[] {
  return t.holder === undefined ? [] : [t.holder, ...holders(t.holder)];
}
export const outermost = (t: SeenThing): SeenThing => holders(t).at(-1) ?? t;
export const isIn =
  (trait: 'keepsDry' | 'keepsScent' | 'rigid' | 'guardsPoints' | 'separatesFuel'): Sees =>
  (t) =>
    holders(t).some((h) => h.traits.has(trait));
