const named = (pattern) => (t) => pattern.test(t.name);
const of = (...purposes) => (t) => purposes.includes(t.purpose);
const flagged = (...flags) => (t) => flags.some((f) => t.flags.has(f));
const isHolder = (t) => t.meantFor !== undefined;
/** Bags and sacks are looked into; what is in them is what counts. */
const isBag = (t) => isHolder(t) && !isPot(t) && !isHardContainer(t);
export const isSleepingBag = (t) => of('sleepingBag')(t) && !isBag(t);
export const isMat = (t) => of('mat')(t) && !named(/sit|seat/i)(t);
export const isFoamMat = (t) => isMat(t) && t.flags.has('ridesOutside');
export const isInflatable = (t) => isMat(t) && !t.flags.has('ridesOutside');
export const isInner = of('tentBody');
export const isFly = of('tentFly', 'footprint');
export const isTentPoles = of('tentPoles');
export const isPegs = of('tentPegs');
export const isTarp = of('tarp');
export const isPot = of('pot');
export const isBurner = of('stove');
export const isLiquidFuel = flagged('liquidFuel');
export const isGas = flagged('gasFuel');
export const isFood = (t) => of('food', 'snack')(t) && !isBag(t);
export const isMeal = (t) => of('food')(t) && !isBag(t);
export const isHardContainer = (t) => of('foodContainer')(t) && t.traits.has('rigid');
export const isBottle = (t) => of('waterContainer')(t) && !t.isSoft;
export const isReservoir = (t) => of('waterContainer')(t) && t.isSoft && t.needed === 'walking';
export const isRainGear = (t) => of('rainwear')(t) && !named(/cover|umbrella/i)(t);
export const isWarmLayer = (t) => of('warmLayer')(t) && t.needed === 'stop';
export const isClothes = (t) => of('clothing', 'warmLayer', 'spareClothing', 'handsHead')(t) && !isShoes(t) && !isBag(t);
export const isDown = (t) => isSleepingBag(t) || (of('warmLayer')(t) && t.flags.has('mustStayDry'));
export const isSnowshoes = named(/snow ?shoes/i);
export const isShoes = (t) => named(/shoes|boots|sandals|slippers/i)(t) && !isSnowshoes(t);
export const isFirstAid = of('firstAid');
export const isBeacon = of('beacon');
export const isSpray = of('animalSpray');
export const isWhistle = of('signal');
export const isPhone = named(/phone/i);
export const isKnife = of('knife');
export const isCompass = named(/compass/i);
export const isLipBalm = named(/lip/i);
export const isLight = (t) => of('light')(t) && !named(/lantern|candle/i)(t);
export const isMap = (t) => of('navigation')(t) && named(/map/i)(t);
export const isToiletKit = named(/toilet/i);
export const isSunThing = of('sun');
export const isAxe = named(/\baxe\b|hatchet|hammer/i);
export const isWalkingPoles = of('walkingPoles');
export const isShovel = named(/shovel/i);
export const isPicket = named(/picket|\bstake/i);
export const isCrampons = named(/crampon|spikes/i);
export const isRope = named(/\brope\b/i);
export const isHelmet = named(/helmet/i);
export const isHarness = named(/harness/i);
export const isElectronics = (t) => t.flags.has('battery') && !isLight(t) && !isBeacon(t);
export const isPaper = named(/map|(?<!toilet )paper|notebook|book|money|passport/i);
export const isFilter = of('filter');
export const isMouthpiece = (t) => isReservoir(t) || isBottle(t);
export const isSharp = flagged('sharp');
export const isWet = flagged('oftenWet');
export const isCrushable = flagged('crushable');
export const isScented = flagged('scented');
/** Tough enough for the outside, or meant for it. */
export const isTough = (t) => isFoamMat(t) ||
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
export function holders(t) {
    return t.holder === undefined ? [] : [t.holder, ...holders(t.holder)];
}
export const outermost = (t) => holders(t).at(-1) ?? t;
export const isIn = (trait) => (t) => holders(t).some((h) => h.traits.has(trait));
//# sourceMappingURL=kinds.js.map