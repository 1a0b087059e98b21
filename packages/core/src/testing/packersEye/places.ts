/** Where things are. */
import * as k from './kinds.js';
import {
  isForToday,
  isWrapper,
  POCKETS,
  at,
  isLoose,
  onlyIn,
  INSIDE,
  liesOver,
  type Statement,
} from './statement.js';

export const PLACES: readonly Statement[] = [
  onlyIn('bag-low', 'the sleeping bag is at the bottom or fills the middle', k.isSleepingBag, () => [
    'bottom',
    'core',
    'outer',
  ]),
  onlyIn(
    'night-clothes-inside',
    'spare and night clothes are inside',
    (t) => k.isClothes(t) && t.needed === 'camp',
    () => INSIDE,
  ),
  onlyIn('foam-mat', 'a foam mat is at the side or below, or a frame inside', k.isFoamMat, () => [
    'lash',
    'side',
    'bottom',
    'core',
    'outer',
  ]),
  onlyIn('inflatable-inside', 'an inflatable mat is inside', k.isInflatable, () => INSIDE),
  onlyIn('inner', 'the tent inner is inside, or strapped below where that is the rule', k.isInner, (_t, p) =>
    p.house.tent === 'outsideLow'
      ? [...INSIDE, 'lash']
      : p.house.tent === 'top'
        ? ['top', 'outer', 'core']
        : INSIDE,
  ),
  onlyIn('fly', 'the fly is inside or in the front pocket', k.isFly, (_t, p) =>
    p.house.tent === 'outsideLow' || p.house.outside === 'freely'
      ? [...INSIDE, 'front', 'lash']
      : [...INSIDE, 'front'],
  ),
  onlyIn('tent-poles', 'tent poles stand in a side pocket or down the back', k.isTentPoles, () => [
    'side',
    'lash',
    'core',
    'outer',
  ]),
  onlyIn('pegs', 'pegs are off the body and the lid', k.isPegs, () => [
    'outer',
    'side',
    'front',
    'bottom',
    'top',
    'core',
    'lash',
  ]),
  onlyIn(
    'stove-inside',
    'pot and burner are inside',
    (t) => k.isPot(t) || k.isBurner(t),
    () => INSIDE,
  ),
  onlyIn(
    'liquid-fuel',
    'liquid fuel is outside, or lowest inside where that is the rule',
    k.isLiquidFuel,
    (_t, p) =>
      p.house.fuel === 'insideLow' ? ['bottom', 'side', 'front', 'lash'] : ['side', 'front', 'lash'],
  ),
  onlyIn('gas', 'gas rides inside or at the side', k.isGas, () => [...INSIDE, 'side']),
  onlyIn(
    'meals',
    'food of later is in the middle; food of the way may be on top or in pockets',
    (t, p) => k.isMeal(t) && !isWrapper(t, p),
    (t, p) =>
      t.holder !== undefined && k.isHardContainer(k.outermost(t))
        ? 'any'
        : isForToday(t, p) && t.needed !== 'camp'
          ? ['core', 'outer', 'top', 'lid', 'front', 'side', 'hipBelt']
          : // Who carries low carries what is dense low.
            [
              ...(p.carriesLow ? (['bottom'] as const) : []),
              ...(isForToday(t, p) ? (['lid', 'front', 'side'] as const) : []),
              'core',
              'outer',
              'top',
            ],
  ),
  onlyIn(
    'snacks',
    'snacks are in pockets, lid or on top',
    (t, p) => t.purpose === 'snack' && t.needed !== 'camp' && isForToday(t, p),
    () => [...POCKETS, 'lid', 'front', 'top', 'core', 'outer'],
  ),
  onlyIn('container', 'a hard container is in the middle or on top', k.isHardContainer, () => [
    'core',
    'outer',
    'top',
    'bottom',
  ]),
  onlyIn(
    'bottles',
    'bottles are in the side pockets',
    (t) => k.isBottle(t) && t.needed === 'walking',
    (_t, p) => (p.hasZone('side') ? ['side', 'strap'] : 'any'),
  ),
  onlyIn(
    'reservoir',
    'the reservoir is in its sleeve, or on top where that is the rule',
    k.isReservoir,
    (_t, p) =>
      p.house.reservoir === 'top' ? ['top', 'sleeve'] : p.hasZone('sleeve') ? ['sleeve', 'core'] : 'any',
  ),
  onlyIn('rain-gear', 'rain gear is on top, in front or in the lid', k.isRainGear, () => [
    'top',
    'front',
    'lid',
    'side',
  ]),
  onlyIn(
    'warm-layer',
    'the layer for stops is on top, in front or in the lid; only what is wanted in a hurry lies over it',
    k.isWarmLayer,
    (t, p) =>
      p.things.every((over) => over.needed === 'hurry' || !liesOver(over, t))
        ? 'any'
        : ['top', 'front', 'lid', 'outer'],
  ),
  onlyIn(
    'first-aid',
    'first aid is on top, in an outer pocket or behind its own zip; never lashed',
    k.isFirstAid,
    (t, p) =>
      p.house.firstAid === 'topOrOuter' || t.belongsTo === 'member'
        ? ['top', 'lid', 'front', 'side', 'hipBelt', 'strap']
        : ['bottom', 'outer', 'core', 'top', 'lid', 'front', 'side', 'hipBelt', 'strap'],
  ),
  onlyIn(
    'beacon',
    'beacon and spray are at a strap, the belt or on the lid',
    (t) => k.isBeacon(t) || k.isSpray(t),
    (t) => (k.isSpray(t) ? ['strap', 'hipBelt', 'side'] : ['strap', 'hipBelt', 'lid', 'front', 'top']),
  ),
  onlyIn(
    'on-the-body',
    'whistle, phone, knife, compass and lip balm are on the body',
    (t) =>
      t.needed === 'walking' &&
      (k.isWhistle(t) || k.isPhone(t) || k.isKnife(t) || k.isCompass(t) || k.isLipBalm(t)),
    () => ['hipBelt', 'strap', 'side', 'lid'],
  ),
  onlyIn(
    'light-map',
    'light, map, toilet kit and sun things are in lid, front or belt',
    (t) => (k.isLight(t) || k.isMap(t) || k.isToiletKit(t) || k.isSunThing(t)) && t.needed !== 'camp',
    () => ['lid', 'front', 'hipBelt', 'strap', 'side', 'top'],
  ),
  onlyIn(
    'tools-outside',
    'axe, poles, pickets, snowshoes and shovel are outside or at the side',
    (t) => k.isAxe(t) || k.isWalkingPoles(t) || k.isPicket(t) || k.isSnowshoes(t) || k.isShovel(t),
    () => ['lash', 'side', 'front'],
  ),
  onlyIn(
    'rope',
    'rope, helmet and harness are on top or outside',
    (t) => k.isRope(t) || k.isHelmet(t) || k.isHarness(t),
    () => ['top', 'lash', 'outer', 'front', 'core', 'lid'],
  ),
  onlyIn(
    'electronics',
    'electronics and papers are dry and not at the bottom or outside',
    (t) => (k.isElectronics(t) || k.isPaper(t)) && t.flags.has('mustStayDry') && !k.isPhone(t),
    () => ['lid', 'top', 'outer', 'core', 'hipBelt'],
  ),
  onlyIn('shoes', 'camp shoes are outside, in front or a filler', k.isShoes, () => [
    'front',
    'lash',
    'outer',
    'top',
    'bottom',
    'core',
  ]),
  onlyIn(
    'filter',
    'the filter is at hand',
    (t) => k.isFilter(t) && t.needed === 'stop',
    () => ['side', 'front', 'lid', 'top', 'hipBelt'],
  ),
  onlyIn(
    'tarp',
    'the tarp is near the top or in an outer pocket; one thing at most lies over it elsewhere',
    k.isTarp,
    (t) => (t.above <= 1 ? 'any' : ['side', 'top', 'front', 'outer', 'lid', 'lash']),
  ),
  {
    id: 'outside-only-tough',
    says: 'what is outside may get wet, is tough or bagged; nothing soft hangs there',
    broken: (p) =>
      p.things
        .filter((t) => t.zone === 'lash' && isLoose(t) && !k.isTough(t))
        .filter((t) => p.house.outside !== 'freely' || t.isSoft)
        .filter((t) => !(p.house.tent === 'outsideLow' && (k.isInner(t) || k.isFly(t))))
        .map(at),
  },
  {
    id: 'pole-upright',
    says: 'long things stand upright',
    broken: (p) =>
      p.things
        .filter(
          (t) => isLoose(t) && t.longestCm >= 35 && (k.isTentPoles(t) || k.isWalkingPoles(t) || k.isAxe(t)),
        )
        .filter((t) => t.box.z1 - t.box.z0 < 0.7 * t.longestCm)
        .map(at),
  },
];
