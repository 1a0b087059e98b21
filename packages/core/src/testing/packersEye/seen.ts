/**
 * A packed pack as somebody sees who looks at it: what lies where, beside what, and what the steps say. Made from a
 * finished stow; what is asked of it (see `statements.ts`) shares no code with the planner or its rules.
 */
import { assess } from '../../stow/assessStow.js';
import { loadingSteps } from '../../stow/loadingSteps.js';
import type { StowAssessment } from '../../stow/assessment.js';
import { stowProblem, type StowProblem } from '../../stow/stowProblem.js';
import type {
  Flag,
  HolderTrait,
  HouseRules,
  Needed,
  Placement,
  Purpose,
  Side,
  Thing,
  Trip,
  ZoneKind,
} from '../../trip/model.js';

interface Extent {
  readonly x0: number;
  readonly x1: number;
  readonly y0: number;
  readonly y1: number;
  readonly z0: number;
  readonly z1: number;
}

export interface SeenThing {
  readonly id: string;
  readonly name: string;
  readonly purpose: Purpose;
  readonly flags: ReadonlySet<Flag>;
  readonly needed: Needed;
  readonly isSoft: boolean;
  readonly longestCm: number;
  readonly kg: number;
  readonly litres: number;
  readonly zone: ZoneKind;
  readonly zoneId: string;
  readonly zoneSide: Side;
  /** Floor of the pocket or compartment it is in, cm. */
  readonly zoneFloorCm: number;
  readonly box: Extent;
  /** The square centimetres that it takes as seen from above, as "x y". */
  readonly outline: ReadonlySet<string>;
  /** What it rides in. */
  readonly holder: SeenThing | undefined;
  readonly traits: ReadonlySet<HolderTrait>;
  readonly meantFor: string | undefined;
  readonly capacityL: number;
  /** First day it is eaten. */
  readonly eatenFrom: number | undefined;
  readonly eatenTo: number | undefined;
  readonly belongsTo: 'member' | 'group';
  /** What comes out before it. */
  readonly above: number;
  readonly waterL: number;
}

export interface SeenPack {
  readonly who: string;
  readonly day: number;
  readonly house: HouseRules;
  readonly isLined: boolean;
  readonly isFrameless: boolean;
  readonly carriesLow: boolean;
  readonly hasZone: (kind: ZoneKind) => boolean;
  readonly things: readonly SeenThing[];
  /** What is to go in takes more litres than the pack and its pockets have: nobody gets that in. */
  readonly isOverfull: boolean;
  readonly leftOut: readonly string[];
  readonly asideCm: number;
  readonly isRough: boolean;
  readonly steps: readonly {
    readonly text: string;
    readonly hint: string;
    readonly thingIds: readonly string[];
  }[];
  /** Pairs of things of which cells lie face to face, with that area, cm². Each pair once. */
  readonly contacts: readonly (readonly [SeenThing, SeenThing, number])[];
  /** Things with nothing between them and the back, and the area, cm². */
  readonly atBack: ReadonlyMap<string, number>;
}

/** Look at a member's stow on a day. */
export function seenPack(
  trip: Trip,
  memberId: string,
  day: number,
  placements: readonly Placement[],
): SeenPack {
  const problem = stowProblem(trip, memberId, day);
  const a = assess(problem, placements);
  const original = new Map<string, Thing>();
  for (const kit of trip.kits) for (const p of kit.pieces) original.set(p.id, p);
  for (const t of trip.personalThings) original.set(t.id, t);
  const byId = new Map<string, SeenThing>();
  const holderFirst = [...a.placed].sort((x, y) => depth(a.placed, x.thing.id) - depth(a.placed, y.thing.id));
  for (const p of holderFirst) {
    // What it is by itself: what is in it lends a bag its purpose, and no eye is fooled by that.
    const thing = original.get(p.thing.id) ?? p.thing;
    byId.set(p.thing.id, {
      id: thing.id,
      name: thing.name,
      purpose: thing.purpose,
      flags: new Set(thing.flags),
      needed: thing.needed,
      isSoft: thing.shape.kind === 'stuff' || thing.shape.kind === 'pouch',
      longestCm: longest(thing),
      kg: p.massKg,
      litres: p.volumeL,
      zone: p.zone.kind,
      zoneId: p.zone.id,
      zoneSide: p.zone.side,
      zoneFloorCm: p.zone.at.z,
      box: p.box,
      outline: new Set([...cellsOf(p.box, p.segments)].map((cell) => cell.split(' ').slice(0, 2).join(' '))),
      holder: p.insideId === undefined ? undefined : byId.get(p.insideId),
      traits: new Set(thing.holds?.traits ?? []),
      meantFor: thing.holds?.meantFor,
      capacityL: thing.holds?.capacityL ?? thing.foodCapacityL ?? 0,
      eatenFrom: thing.consumption?.fromDay,
      eatenTo: thing.consumption?.toDay,
      belongsTo: 'memberId' in thing ? 'member' : 'group',
      above: p.reach.count,
      waterL: p.waterL,
    });
  }
  const cells = new Map<string, string>();
  for (const p of a.placed) {
    if (p.insideId !== undefined) continue;
    for (const cell of cellsOf(p.box, p.segments)) cells.set(`${p.compartmentId} ${cell}`, p.thing.id);
  }
  return {
    who: problem.member.name,
    day,
    house: problem.house,
    isLined: problem.isLined || problem.house.rainProtection === 'liner',
    carriesLow: problem.school.id === 'low',
    isFrameless: problem.pack.frameless === true,
    hasZone: (kind) => problem.pack.zones.some((z) => z.kind === kind),
    // Of what is eaten a wrapper is left, and nobody looks for it.
    things: [...byId.values()].filter((t) => t.eatenTo === undefined || t.eatenTo >= day),
    leftOut: [
      ...a.unplaced.map((t) => t.name),
      ...a.findings.filter((f) => f.severity === 'fit').map((f) => f.message),
    ],
    isOverfull: isOverfull(problem, a),
    asideCm: a.centreOfGravityCm.x,
    isRough: problem.roughDays.includes(day),
    steps: loadingSteps(problem, a).map((s) => ({ text: s.text, hint: s.hint ?? '', thingIds: s.thingIds })),
    ...neighbours(cells, byId),
  };
}

function isOverfull({ pack, things, inside, day }: StowProblem, { placed }: StowAssessment): boolean {
  const outside = new Set(
    placed.filter((p) => p.zone.kind === 'lash' || p.zone.kind === 'sleeve').map((p) => p.thing.id),
  );
  const litres = things
    .filter(({ thing }) => !inside.has(thing.id) && !outside.has(thing.id))
    .reduce((sum, t) => sum + t.volumeL[day - 1]!, 0);
  const roomL = pack.zones
    .filter((z) => z.kind !== 'lash' && z.kind !== 'sleeve')
    .reduce((sum, z) => sum + z.volumeL, 0);
  return litres > roomL;
}

function depth(placed: readonly { thing: Thing; insideId: string | undefined }[], id: string): number {
  const holder = placed.find((p) => p.thing.id === id)?.insideId;
  return holder === undefined ? 0 : 1 + depth(placed, holder);
}

function longest({ shape }: Thing): number {
  switch (shape.kind) {
    case 'block':
    case 'flat':
      return Math.max(shape.lengthCm, shape.widthCm, shape.heightCm);
    case 'cylinder':
    case 'roll':
    case 'long':
      return Math.max(shape.lengthCm, shape.diameterCm);
    case 'pouch':
    case 'stuff':
      return 0;
  }
}

/** Every cubic centimetre that a thing takes, as "x y z". */
function* cellsOf(
  box: Extent,
  segments: readonly { readonly x: number; readonly y: number; readonly z0: number; readonly z1: number }[],
): Generator<string> {
  if (segments.length === 0) {
    for (let x = Math.round(box.x0); x < Math.round(box.x1); x += 1)
      for (let y = Math.round(box.y0); y < Math.round(box.y1); y += 1)
        for (let z = Math.round(box.z0); z < Math.round(box.z1); z += 1) yield `${x} ${y} ${z}`;
    return;
  }
  for (const s of segments)
    for (let z = Math.round(s.z0); z < Math.round(s.z1); z += 1)
      yield `${Math.floor(s.x)} ${Math.floor(s.y)} ${z}`;
}

/** Brute force: every cell looks to its right, outward and up; towards the back as far as the first thing. */
function neighbours(
  cells: ReadonlyMap<string, string>,
  byId: ReadonlyMap<string, SeenThing>,
): Pick<SeenPack, 'contacts' | 'atBack'> {
  const areas = new Map<string, number>();
  const atBack = new Map<string, number>();
  const nearest = new Map<string, readonly [y: number, id: string]>();
  for (const [key, id] of cells) {
    const [where, xs, ys, zs] = key.split(' ') as [string, string, string, string];
    const [x, y, z] = [Number(xs), Number(ys), Number(zs)];
    for (const [dx, dy, dz] of [
      [1, 0, 0],
      [0, 1, 0],
      [0, 0, 1],
    ] as const) {
      // Heights are no whole centimetres: a cell between two things may be nobody's.
      const other =
        cells.get(`${where} ${x + dx} ${y + dy} ${z + dz}`) ??
        (dz === 1 ? cells.get(`${where} ${x} ${y} ${z + 2}`) : undefined);
      if (other === undefined || other === id) continue;
      const pair = id < other ? `${id}\n${other}` : `${other}\n${id}`;
      areas.set(pair, (areas.get(pair) ?? 0) + 1);
    }
    if (where !== 'main' && where !== 'bottom') continue;
    const line = `${where} ${x} ${z}`;
    const before = nearest.get(line);
    if (before === undefined || y < before[0]) nearest.set(line, [y, id]);
  }
  for (const [, id] of nearest.values()) atBack.set(id, (atBack.get(id) ?? 0) + 1);
  return {
    atBack,
    contacts: [...areas].map(([pair, area]) => {
      const [a, b] = pair.split('\n') as [string, string];
      return [byId.get(a)!, byId.get(b)!, area] as const;
    }),
  };
}
