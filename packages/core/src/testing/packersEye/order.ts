/** Food by its day, what is at hand, balance, what is together, and the steps. */
import * as k from './kinds.js';
import type { SeenPack, SeenThing } from './seen.js';
import { isForToday, POCKETS, at, isLoose, covers, some, INSIDE, type Statement } from './statement.js';

export const FOOD: readonly Statement[] = [
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
          .filter((early) => covers(late, early))
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

export const AT_HAND: readonly Statement[] = [
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
            (t.eatenFrom ?? 0) <= p.day &&
            (p.hasZone('hipBelt') || p.hasZone('strap')) &&
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

export const BALANCE: readonly Statement[] = [
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

export const ORDER: readonly Statement[] = [
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
    says: 'nothing is left on the floor that the pack has litres for',
    broken: (p) => (p.isOverfull ? [] : p.leftOut),
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

export const STEPS: readonly Statement[] = [
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
        .filter((s) => /dry bag/i.test(s.hint))
        .filter((s) => !p.things.some((t) => s.thingIds.includes(t.id) && t.traits.has('keepsDry')))
        .map((s) => s.text),
  },
  {
    id: 'steps-liner-once',
    says: 'the liner is one step in and one closed, and no thing of the pack',
    broken: (p) =>
      some(
        p.steps.filter((s) => /(?<!bag )\bliner/i.test(s.text)).map((s) => s.text),
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
          (t) => p.steps.filter((s) => s.thingIds.includes(t.id) && s.text.includes(t.name)).length !== 1,
        )
        .map((t) => t.name),
  },
];
