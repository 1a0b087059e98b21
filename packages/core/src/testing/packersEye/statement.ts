/** A statement, and what the statements share. */
import type { ZoneKind } from '../../trip/model.js';
import * as k from './kinds.js';
import type { SeenPack, SeenThing } from './seen.js';

export interface Statement {
  readonly id: string;
  readonly says: string;
  /** What breaks it, in words; empty where it holds. */
  readonly broken: (pack: SeenPack) => readonly string[];
}

export const INSIDE: readonly ZoneKind[] = ['bottom', 'core', 'outer', 'top'];
export const POCKETS: readonly ZoneKind[] = ['hipBelt', 'strap', 'side'];
export const at = (t: SeenThing): string => `${t.name} in ${t.zone}`;
export const isLoose = (t: SeenThing): boolean => t.holder === undefined;

/** Among the first met when the pack is opened, wherever the middle of it lies: the second, or at a stop the third. */
const isOnTop = (t: SeenThing): boolean =>
  INSIDE.includes(t.zone) && t.above <= (t.zone === 'bottom' ? 0 : t.needed === 'stop' ? 2 : 1);

/** Things of a kind that are nowhere an eye accepts. */
export function onlyIn(
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
          return zones !== 'any' && !zones.includes(t.zone) && !(zones.includes('top') && isOnTop(t));
        })
        .map(at),
  };
}

/** A contact of less than this is an edge, cm². */
export const TOUCHES_CM2 = 12;

/** Two kinds that must not touch, as they lie: a sealed or guarding holder makes no contact. */
export function apart(
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
export function notInOnePocket(
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

export const some = (list: readonly string[], most: number): readonly string[] =>
  list.length > most ? list : [];

export function isWrapper(t: SeenThing, p: SeenPack): boolean {
  return t.eatenTo !== undefined && t.eatenTo < p.day;
}

export function isForToday(t: SeenThing, p: SeenPack): boolean {
  return t.eatenFrom !== undefined && t.eatenFrom <= p.day && p.day <= t.eatenTo!;
}

/** A thing lies over another when this part of that is under it. */
const OVER = 0.1;
/** Whether one thing covers another, as seen from above. */
export function covers(high: SeenThing, low: SeenThing): boolean {
  let shared = 0;
  for (const cell of low.outline) if (high.outline.has(cell)) shared += 1;
  return shared > 0 && shared >= OVER * low.outline.size;
}
/** Whether a thing inside the pack lies over another. */
export function liesOver(high: SeenThing, low: SeenThing): boolean {
  return (
    high !== low &&
    INSIDE.includes(high.zone) &&
    INSIDE.includes(low.zone) &&
    high.box.z0 >= low.box.z1 - 1 &&
    covers(high, low)
  );
}
