/**
 * What an experienced packer says on opening a packed pack: one plain statement a line, with whatever breaks it. Common
 * practice, no source. Where practitioners disagree the trip's house rules say which camp is asked.
 */
import type { ZoneKind } from '../../trip/model.js';
import * as k from './kinds.js';
import type { SeenPack, SeenThing } from './seen.js';

export interface Statement {
  readonly id: string;
  readonly says: string;
  /** What breaks it, in words; empty where it holds. */
  readonly broken: (pack: SeenPack) => readonly string[];
}

const POCKETS: readonly ZoneKind[] = ['hipBelt', 'strap', 'side'];
const at = (t: SeenThing): string => `${t.name} in ${t.zone}`;
const isLoose = (t: SeenThing): boolean => t.holder === undefined;

/** Things of a kind that are nowhere an eye accepts. */
function onlyIn(
  id: string,
  says: string,
  kind: (t: SeenThing, pack: SeenPack) => boolean,
  accepted: (t: SeenThing, pack: SeenPack) => readonly ZoneKind[] | 'any',
): Statement {
  return {
    id,
    says,
    broken: (pack) =>
      pack.things
        .filter((t) => kind(t, pack))
        .filter((t) => {
          const zones = accepted(t, pack);
          return zones !== 'any' && !zones.includes(t.zone);
        })
        .map(at),
  };
}

/** A contact of less than this is an edge, cm². */
const TOUCHES_CM2 = 12;

/** Two kinds that must not touch, as they lie: a sealed or guarding holder makes no contact. */
function apart(
  id: string,
  says: string,
  one: (t: SeenThing) => boolean,
  other: (t: SeenThing) => boolean,
): Statement {
  return {
    id,
    says,
    broken: (pack) =>
      pack.contacts
        .filter(([, , area]) => area >= TOUCHES_CM2)
        .flatMap(([a, b]) => {
          const [inA, inB] = [shows(pack, a), shows(pack, b)];
          const bad = (x: readonly SeenThing[], y: readonly SeenThing[]): string[] =>
            x
              .filter(one)
              .flatMap((p) => y.filter(other).map((q) => `${p.name} against ${q.name} (${a.zone})`));
          return [...bad(inA, inB), ...bad(inB, inA)];
        }),
  };
}

/** A thing, and what in it can reach its neighbours. */
function shows(pack: SeenPack, outer: SeenThing): readonly SeenThing[] {
  return pack.things.filter((t) => t === outer || (k.outermost(t) === outer && !k.holders(t).some(seals)));
}
const seals = (h: SeenThing): boolean => h.traits.size > 0;

/** Things of one kind and of another in the same pocket, which is too small to part them. */
function notInOnePocket(
  id: string,
  says: string,
  one: (t: SeenThing) => boolean,
  other: (t: SeenThing) => boolean,
): Statement {
  return {
    id,
    says,
    broken: (pack) =>
      pack.things
        .filter((t) => one(t) && !k.holders(t).some(seals) && isPocket(t.zone))
        .flatMap((a) =>
          pack.things
            .filter((b) => b.zoneId === a.zoneId && b !== a && other(b) && !k.holders(b).some(seals))
            .map((b) => `${a.name} with ${b.name} in ${a.zone}`),
        ),
  };
}
const isPocket = (zone: ZoneKind): boolean =>
  ['side', 'front', 'lid', 'hipBelt', 'strap', 'lash'].includes(zone);

const some = (list: readonly string[], most: number): readonly string[] => (list.length > most ? list : []);

const INSIDE: readonly ZoneKind[] = ['bottom', 'core', 'outer', 'top'];

const PLACES: readonly Statement[] = [
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
    k.isMeal,
    (t, p) =>
      t.holder !== undefined && k.isHardContainer(k.outermost(t))
        ? 'any'
        : isForToday(t, p)
          ? ['core', 'outer', 'top', 'lid', 'front', 'side', 'hipBelt']
          : ['core', 'outer', 'top'],
  ),
  onlyIn(
    'snacks',
    'snacks are in pockets, lid or on top',
    (t) => t.purpose === 'snack' && t.needed !== 'camp',
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
  onlyIn('warm-layer', 'the layer for stops is on top, in front or in the lid', k.isWarmLayer, () => [
    'top',
    'front',
    'lid',
    'outer',
  ]),
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
  onlyIn('tarp', 'the tarp is near the top or in front', k.isTarp, () => [
    'top',
    'front',
    'outer',
    'lid',
    'lash',
  ]),
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

function isForToday(t: SeenThing, p: SeenPack): boolean {
  return t.eatenFrom !== undefined && t.eatenFrom <= p.day && p.day <= t.eatenTo!;
}

const NEIGHBOURS: readonly Statement[] = [
  apart(
    'fuel-food',
    'fuel does not touch food, filter, bottles, clothes or first aid',
    k.isLiquidFuel,
    (t) =>
      k.isFood(t) ||
      k.isFilter(t) ||
      k.isMouthpiece(t) ||
      k.isClothes(t) ||
      k.isFirstAid(t) ||
      k.isSleepingBag(t),
  ),
  notInOnePocket(
    'fuel-alone',
    'liquid fuel has its pocket to itself',
    k.isLiquidFuel,
    (t) => k.isFood(t) || k.isFilter(t) || k.isMouthpiece(t) || k.isClothes(t) || k.isFirstAid(t),
  ),
  apart(
    'points-soft',
    'points are kept off mats, reservoirs, clothes and bags',
    (t) => k.isSharp(t) && t.zone !== 'lash',
    (t) => k.isInflatable(t) || k.isReservoir(t) || (k.isClothes(t) && t.isSoft) || k.isSleepingBag(t),
  ),
  apart('points-outside', 'points lashed outside touch no mat', k.isCrampons, k.isMat),
  {
    id: 'points-back',
    says: 'nothing sharp is at the back',
    broken: (p) =>
      p.things
        .filter((t) => k.isSharp(t) && !k.isIn('guardsPoints')(t) && (p.atBack.get(t.id) ?? 0) >= TOUCHES_CM2)
        .map(at),
  },
  apart(
    'wet-dry',
    'wet things are apart from down, dry clothes, electronics and paper',
    (t) => k.isWet(t) && !k.isIn('keepsDry')(t),
    (t) =>
      !k.isIn('keepsDry')(t) &&
      t.flags.has('mustStayDry') &&
      (k.isDown(t) || k.isClothes(t) || k.isElectronics(t) || k.isPaper(t)),
  ),
  {
    id: 'crushed',
    says: 'nothing heavy lies on what can be crushed',
    broken: (p) =>
      p.contacts
        .filter(([, , area]) => area >= TOUCHES_CM2)
        .flatMap(([a, b]) => [[a, b] as const, [b, a] as const])
        .filter(([low, high]) => k.isCrushable(low) && high.kg >= 1 && high.box.z0 >= low.box.z1 - 1.5)
        .map(([low, high]) => `${high.name} on ${low.name}`),
  },
  apart(
    'scent-sleep',
    'scented things do not touch sleeping things',
    (t) => k.isScented(t) && !k.isIn('keepsScent')(t),
    k.isSleepingBag,
  ),
  notInOnePocket(
    'soap-food',
    'soap and sun cream are not loose with open food',
    (t) => t.flags.has('leaks') && t.purpose !== 'waterContainer',
    (t) => k.isFood(t),
  ),
  apart('shoes-food', 'shoes do not touch food', k.isShoes, k.isFood),
  {
    id: 'hard-back',
    says: 'pot, stove and can are not felt in the back',
    broken: (p) =>
      p.things
        .filter((t) => isLoose(t) && t.flags.has('hard') && !k.isBottle(t) && !k.isTentPoles(t))
        .filter((t) => (p.atBack.get(t.id) ?? 0) >= 30 && t.box.y0 < 2.6)
        .map(at),
  },
];

const FOOD: readonly Statement[] = [
  {
    id: 'one-meal-one-place',
    says: 'what is eaten today on the way is in one or two places',
    broken: (p) => {
      const today = p.things.filter((t) => k.isMeal(t) && isForToday(t, p) && t.needed !== 'camp');
      return some([...new Set(today.map((t) => t.zoneId))], 2);
    },
  },
  {
    id: 'food-in-order',
    says: 'food of later days is not above food of earlier days',
    broken: (p) => {
      const meals = p.things.filter(
        (t) =>
          k.isMeal(t) &&
          t.needed === 'camp' &&
          INSIDE.includes(t.zone) &&
          t.eatenFrom !== undefined &&
          isLoose(t),
      );
      return meals.flatMap((late) =>
        meals
          .filter(
            (early) =>
              early.eatenTo! < late.eatenFrom! && late.box.z0 >= early.box.z1 - 1 && p.day <= early.eatenTo!,
          )
          .filter((early) => overlaps(early, late))
          .map((early) => `${late.name} on ${early.name}`),
      );
    },
  },
  {
    id: 'food-not-under-bag',
    says: 'food is not under the sleeping bag',
    broken: (p) =>
      p.things
        .filter((t) => k.isFood(t) && t.zone === 'bottom' && !k.isHardContainer(k.outermost(t)))
        .filter((t) =>
          p.things.some((b) => k.isSleepingBag(b) && k.outermost(b).box.z0 >= k.outermost(t).box.z1 - 1),
        )
        .map(at),
  },
  {
    id: 'container-filled',
    says: 'food is in its container before any lies beside it',
    broken: (p) => {
      const empty = p.things.filter(
        (c) => c.meantFor === 'food' && c.capacityL > 0 && inIt(p, c) < 0.5 * c.capacityL,
      );
      const beside = p.things.filter(
        (t) => k.isMeal(t) && isLoose(t) && !isForToday(t, p) && t.needed === 'camp',
      );
      return empty.flatMap((c) => beside.map((t) => `${t.name} beside ${c.name}`));
    },
  },
];
const inIt = (p: SeenPack, c: SeenThing): number =>
  p.things.filter((t) => t.holder === c).reduce((sum, t) => sum + t.litres, 0);
function overlaps(a: SeenThing, b: SeenThing): boolean {
  return a.box.x0 < b.box.x1 && b.box.x0 < a.box.x1 && a.box.y0 < b.box.y1 && b.box.y0 < a.box.y1;
}

const AT_HAND: readonly Statement[] = [
  {
    id: 'first-in-rain',
    says: 'the first thing wanted in the rain is the first met',
    broken: (p) =>
      p.things.filter((t) => k.isRainGear(t) && t.above > 1).map((t) => `${t.name} under ${t.above}`),
  },
  {
    id: 'pack-on',
    says: 'what is wanted with the pack on is had with the pack on',
    broken: (p) =>
      p.things
        .filter(
          (t) =>
            t.needed === 'walking' &&
            ![...POCKETS, 'sleeve', 'lash'].includes(t.zone) &&
            !(k.isReservoir(t) || k.isBottle(t)),
        )
        .map(at),
  },
  {
    id: 'hurry',
    says: 'first aid, beacon and shelter for an emergency are under one thing at most',
    broken: (p) =>
      p.things
        .filter((t) => t.needed === 'hurry' && t.above - k.holders(t).length > 1)
        .filter((t) => !(k.isFirstAid(t) && p.house.firstAid !== 'topOrOuter'))
        .map((t) => `${t.name} under ${t.above}`),
  },
];

const BALANCE: readonly Statement[] = [
  {
    id: 'bottles-each-side',
    says: 'bottles are one each side',
    broken: (p) => {
      const sides = p.things.filter((t) => k.isBottle(t) && t.zone === 'side').map((t) => t.zoneSide);
      return sides.length >= 2 && new Set(sides).size === 1
        ? [`all ${sides.length} at the ${sides[0]!}`]
        : [];
    },
  },
  {
    id: 'bottle-on-floor',
    says: 'a bottle stands on the floor of its pocket',
    broken: (p) =>
      p.things
        .filter((t) => k.isBottle(t) && t.zone === 'side' && isLoose(t) && t.box.z0 > t.zoneFloorCm + 1.5)
        .map(at),
  },
  {
    id: 'side-pockets-even',
    says: 'left and right pockets weigh the same, as far as what is in them can be parted',
    broken: (p) => {
      const kg = (side: string): number =>
        p.things.filter((t) => t.zone === 'side' && t.zoneSide === side).reduce((sum, t) => sum + t.kg, 0);
      const [left, right] = [kg('left'), kg('right')];
      const heaviest = Math.max(0, ...p.things.filter((t) => t.zone === 'side').map((t) => t.kg));
      return Math.abs(left - right) > Math.max(0.45, heaviest)
        ? [`${left.toFixed(1)} kg and ${right.toFixed(1)} kg`]
        : [];
    },
  },
  {
    id: 'even',
    says: 'left and right are even',
    broken: (p) => (Math.abs(p.asideCm) > 0.55 ? [`${p.asideCm.toFixed(1)} cm aside`] : []),
  },
  {
    id: 'nothing-heavy-far-out',
    says: 'nothing heavy is in the front pocket or the lid',
    broken: (p) =>
      p.things
        .filter(
          (t) => ['front', 'lid'].includes(t.zone) && isLoose(t) && t.kg > (t.zone === 'lid' ? 0.8 : 1.2),
        )
        .map(at),
  },
];

const ORDER: readonly Statement[] = [
  {
    id: 'lid-handful',
    says: 'a lid holds a handful of things',
    broken: (p) =>
      some(
        p.things.filter((t) => t.zone === 'lid' && isLoose(t)).map((t) => t.name),
        7,
      ),
  },
  {
    id: 'belt-handful',
    says: 'a belt or strap pocket holds few things',
    broken: (p) =>
      [
        ...new Set(p.things.filter((t) => ['hipBelt', 'strap'].includes(t.zone)).map((t) => t.zoneId)),
      ].flatMap((id) =>
        some(
          p.things.filter((t) => t.zoneId === id && isLoose(t)).map((t) => t.name),
          4,
        ),
      ),
  },
  {
    id: 'kitchen-together',
    says: 'pot, burner, windshield and lighter of one carrier are together',
    broken: (p) => {
      const kitchen = p.things.filter((t) => t.belongsTo === 'group' && (k.isPot(t) || k.isBurner(t)));
      const places = new Set(kitchen.map((t) => (INSIDE.includes(t.zone) ? 'inside' : t.zoneId)));
      return places.size > 1 ? [...places] : [];
    },
  },
  {
    id: 'all-in',
    says: 'nothing is left on the floor',
    broken: (p) => p.leftOut,
  },
  {
    id: 'two-uprights',
    says: 'a frameless pack has two stiff uprights, where that is the rule',
    broken: (p) => {
      if (!p.isFrameless || p.house.frameless !== 'uprights') return [];
      const stiff = p.things.filter(
        (t) =>
          INSIDE.includes(t.zone) &&
          isLoose(t) &&
          (k.isMat(t) || k.isTentPoles(t) || k.isInner(t)) &&
          t.box.z1 - t.box.z0 >= 20,
      );
      return stiff.length >= 2 ? [] : [`${stiff.length} upright`];
    },
  },
  {
    id: 'bag-doubly-dry',
    says: 'the sleeping bag is in a dry bag or inside a liner',
    broken: (p) =>
      p.things
        .filter(
          (t) =>
            k.isSleepingBag(t) && !k.isIn('keepsDry')(t) && !p.isLined && p.house.bags === 'looseInLiner',
        )
        .map(at),
  },
];

const STEPS: readonly Statement[] = [
  {
    id: 'steps-few',
    says: 'a list of steps has a dozen or two lines',
    broken: (p) => (p.steps.length > 26 ? [`${p.steps.length} lines`] : []),
  },
  {
    id: 'steps-once',
    says: 'no line is said twice, and no trick more than twice',
    broken: (p) => {
      const said = new Map<string, number>();
      for (const s of p.steps)
        for (const words of s.hint.split('; '))
          if (words.length > 12 && !words.startsWith('with ')) said.set(words, (said.get(words) ?? 0) + 1);
      return [...said].filter(([, n]) => n > 2).map(([words, n]) => `“${words}” ${n} times`);
    },
  },
  {
    id: 'steps-true-dry',
    says: '“in its dry bag” is said where there is one',
    broken: (p) =>
      p.steps
        .filter((s) => /dry bag/i.test(s.hint) && s.thingId !== undefined)
        .filter((s) => {
          const thing = p.things.find((t) => t.id === s.thingId);
          return thing !== undefined && !thing.traits.has('keepsDry') && !k.isIn('keepsDry')(thing);
        })
        .map((s) => s.text),
  },
  {
    id: 'steps-liner-once',
    says: 'the liner is one step in and one closed, and no thing of the pack',
    broken: (p) =>
      some(
        p.steps.filter((s) => /liner/i.test(s.text)).map((s) => s.text),
        2,
      ),
  },
  {
    id: 'steps-reach-all',
    says: 'every thing that is not in another is in the steps once',
    broken: (p) =>
      p.things
        .filter(isLoose)
        .filter(
          (t) =>
            !p.steps.some((s) => s.thingId === t.id || s.text.includes(t.name) || s.hint.includes(t.name)),
        )
        .map((t) => t.name),
  },
];

export const STATEMENTS: readonly Statement[] = [
  ...PLACES,
  ...NEIGHBOURS,
  ...FOOD,
  ...AT_HAND,
  ...BALANCE,
  ...ORDER,
  ...STEPS,
];
