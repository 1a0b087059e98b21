/** The parties of data/parties against what is written there. The eye here shares no code with the engine it looks at. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseTripFile } from '../formats/tripFile.js';
import { fillingOf } from '../load/filling.js';
import { loadsOverTrip } from '../load/memberLoad.js';
import { waterCarriedL } from '../load/waterShare.js';
import { kitChecks } from '../lists/kitChecks.js';
import { shareMisfit, type Misfit } from '../share/cures.js';
import { packSwapCures } from '../share/packSwapCures.js';
import { shareProblem } from '../share/problem.js';
import {
  afterEvent,
  handoverSets,
  largestRatioFrom,
  proposedHandovers,
  withHandovers,
} from '../share/handovers.js';
import { planReshare } from '../share/planReshare.js';
import { solveShare, type SolvedShare } from '../share/solveShare.js';
import { assessStow } from '../stow/assessStow.js';
import { applyEdits } from '../trip/edits.js';
import type { PersonalThing, Thing, Trip } from '../trip/model.js';
import { allPieces, carriedPieces, carrierOf, ownInPack, thingsInPack } from '../trip/queries.js';

const IDS = [
  'couple-seven-days',
  'family-two-children',
  'guide-six-clients',
  'two-frameless',
  'three-on-snow',
  'three-in-the-desert',
  'six-newcomers',
] as const;
const party = (id: (typeof IDS)[number]): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/parties/${id}.graft.json`), 'utf8'));

/** Trying cures takes seconds: once for each party. */
const misfits = new Map<string, Misfit>();
function misfitOf(id: (typeof IDS)[number]): Misfit {
  const known = misfits.get(id) ?? shareMisfit(party(id), 1)!;
  misfits.set(id, known);
  return known;
}
const worstPercent = (trip: Trip): number =>
  Math.max(...trip.members.flatMap((m) => loadsOverTrip(trip, m).map((l) => 100 * l.ratio)));
const own = (trip: Trip, memberId: string): readonly PersonalThing[] =>
  trip.personalThings.filter((t) => t.memberId === memberId);
const named = (things: readonly Thing[], words: RegExp): readonly Thing[] =>
  things.filter((t) => words.test(t.name));

describe.each(IDS)('%s', (id) => {
  const trip = party(id);

  test('cook sets are with one, tents with their sleepers', () => {
    for (const kit of trip.kits) {
      const set = kit.pieces.filter(
        (p) => /pot|burner|stove|windshield|lighter/i.test(p.name) && !/gas can/i.test(p.name),
      );
      if (!kit.pieces.some((p) => /burner|stove/i.test(p.name))) continue;
      expect(new Set(set.map((p) => carrierOf(trip, p.id, 1))).size).toBe(1);
    }
    for (const piece of allPieces(trip).filter((p) =>
      /tent body|^fly|^poles|^pegs|^shelter$|inner net/i.test(p.name),
    )) {
      const carrier = trip.members.find((m) => m.id === carrierOf(trip, piece.id, 1));
      expect([piece.name, carrier?.tentGroupId]).toEqual([piece.name, piece.onlyGroupId]);
    }
  });

  test('everything is in one place, and no litre counts twice', () => {
    for (const member of trip.members)
      for (const day of trip.legs.map((_leg, i) => i + 1)) {
        const things = thingsInPack(trip, member.id, day);
        const { inside, wholeL } = fillingOf(things, day);
        for (const holder of things) {
          const mine = things.filter((t) => inside.get(t.id) === holder.id);
          const most = holder.holds?.capacityL ?? 0.9 * Math.max(holder.volumeL, 4);
          expect(mine.reduce((sum, t) => sum + wholeL(t), 0)).toBeLessThanOrEqual(most + 1e-6);
          expect(mine.map((t) => t.id)).not.toContain(holder.id);
        }
        // Once for each thing that stands by itself, inside the pack, that is no liner; and the water in soft bags.
        const standing = things.filter(
          (t) => !inside.has(t.id) && !t.flags.includes('ridesOutside') && t.holds?.meantFor !== 'wholePack',
        );
        const dryL = standing.reduce((sum, t) => sum + wholeL(t), 0);
        const load = loadsOverTrip(trip, member)[day - 1]!;
        expect(load.volumeL).toBeGreaterThanOrEqual(dryL - 1e-6);
        expect(load.volumeL).toBeLessThanOrEqual(dryL + load.waterKg + 1e-6);
      }
  });

  test('a liner is no cargo, and nothing that rides in another stands beside it', () => {
    for (const member of trip.members) {
      const { placed, unplaced } = assessStow(trip, member.id, 1, []);
      expect(named([...placed.map((p) => p.thing), ...unplaced], /liner$/i)).toEqual([]);
    }
  });

  test('whoever is above the limit has a way out that helps, and no cure takes what is needed', () => {
    if (worstPercent(trip) <= 100) return;
    const { cures } = misfitOf(id);
    const [first] = cures;
    expect(first!.worstAfter!.ratio).toBeLessThan(first!.worstBefore!.ratio - 0.02);
    expect(worstPercent(applyEdits(trip, first!.edits))).toBeCloseTo(100 * first!.worstAfter!.ratio, 6);
    const words = cures.map((c) => c.label).join('\n');
    expect(words).not.toMatch(/Leave [^\n]*(tent body|fly|stove|burner|pot|rope|first aid|filter)/i);
  });
});

// Half of the limit is gone on the second day: whoever is hurt gives, nobody gives to them, wrappers stay where they are,
// and what they walk with stays with them.
test.each([
  ['guide-six-clients', 'piet'],
  ['three-on-snow', 'sten'],
  ['family-two-children', 'jonne'],
] as const)('%s: %s is hurt, and the others take what is dense and not needed at hand', (id, memberId) => {
  const trip = party(id);
  const event = { kind: 'weaker', memberId, day: 2, label: 'ankle', factor: 0.5 } as const;
  const hurt = afterEvent(trip, event);
  const answer = planReshare(hurt, 2, 'withinLimits', 1);
  if (answer.kind !== 'solved') throw new Error('expected an answer');
  const handovers = proposedHandovers(hurt, 2, answer.moves);
  const sets = handoverSets(handovers);
  for (const { from, to, handovers: things } of sets) {
    expect(to.id).not.toBe(memberId);
    expect([from?.id, Math.max(...things.map((h) => h.massKg)) >= 0.05]).toEqual([from?.id, true]);
  }
  expect(
    named(
      handovers.map((h) => h.piece),
      /crampons|axe|harness|jacket|bottle|torch|whistle/i,
    ),
  ).toEqual([]);
  const after = withHandovers(hurt, 2, handovers, 'ankle');
  const [before, then] = [hurt, after].map((t) =>
    largestRatioFrom(
      t,
      t.members.find((m) => m.id === memberId)!,
      2,
    ),
  );
  expect(before).toBeGreaterThan(1.4);
  expect(then).toBeLessThan(before! - 0.4);
});

test('couple: what is eaten last is in the containers, and they take their own room', () => {
  const trip = party('couple-seven-days');
  expect(worstPercent(trip)).toBeLessThanOrEqual(100);
  for (const { id } of trip.members) {
    const things = thingsInPack(trip, id, 1);
    const drum = named(things, /hard food container/i)[0]!;
    const { inside, wholeL, takesL } = fillingOf(things, 1);
    const food = things.filter((t) => t.purpose === 'food' || t.purpose === 'snack');
    const within = food.filter((t) => inside.get(t.id) === drum.id);
    const heldL = within.reduce((sum, t) => sum + wholeL(t), 0);
    const beside = food.filter(
      (t) => !inside.has(t.id) && !(t.consumption!.fromDay <= 1 && t.needed !== 'camp'),
    );
    // Full: what lies beside for a later day would not have gone in any more.
    for (const t of beside) expect(heldL + wholeL(t)).toBeGreaterThan(9);
    expect(heldL).toBeGreaterThan(4);
    expect(takesL(drum)).toBe(11.5);
    for (const day of trip.legs.map((_leg, i) => i + 1)) {
      const that = fillingOf(thingsInPack(trip, id, day), day).inside;
      const eaten = food.filter(
        (t) => t.needed === 'stop' && t.consumption!.fromDay <= day && day <= t.consumption!.toDay,
      );
      expect(eaten.filter((t) => that.has(t.id))).toEqual([]);
    }
  }
});

test('family: the children’s bags are with their parents, and by one click nobody is above the limit', () => {
  const trip = party('family-two-children');
  for (const id of ['wren', 'pip']) {
    for (const thing of named(own(trip, id), /sleeping bag, |mat|night clothes/i))
      expect(['ada', 'jonne']).toContain(carrierOf(trip, thing.id, 1));
    expect(named(own(trip, id), /phone|map|poles/i)).toEqual([]);
  }
  expect(carriedPieces(trip, 'pip', 1)).toEqual([]);
  const bag = named(own(trip, 'pip'), /^sleeping bag/i)[0]!;
  const carrier = carrierOf(trip, bag.id, 1)!;
  const holder = fillingOf(thingsInPack(trip, carrier, 1), 1).inside.get(bag.id);
  expect(own(trip, 'pip').find((t) => t.id === holder)?.name).toBe('Dry bag for the sleeping bag, 20 L');
  const [cure] = misfitOf('family-two-children').cures;
  expect(cure!.label).toMatch(/^Pip walks without a pack/);
  const after = applyEdits(trip, cure!.edits);
  expect(worstPercent(after)).toBeLessThanOrEqual(100 + 1e-9);
  expect(ownInPack(after, 'pip', 1).filter((t) => t.volumeL > 0.01)).toEqual([]);
});

test('guide: nobody above the limit, and each cook set with its own group', () => {
  const trip = party('guide-six-clients');
  expect(worstPercent(trip)).toBeLessThanOrEqual(100);
  const sets = allPieces(trip).filter((p) => /burner/i.test(p.name));
  expect(sets).toHaveLength(2);
  for (const burner of sets) {
    const carrier = trip.members.find((m) => m.id === carrierOf(trip, burner.id, 1));
    expect(carrier?.cookGroupId).toBe(burner.onlyGroupId);
  }
});

test('frameless: less water on days with water brings both below the limit', () => {
  const trip = party('two-frameless');
  expect(worstPercent(trip)).toBeGreaterThan(100);
  expect(worstPercent(trip)).toBeLessThan(110);
  const [cure] = misfitOf('two-frameless').cures;
  expect(cure).toMatchObject({ fits: true });
  expect(cure!.label).toMatch(/less water/);
});

test('snow: nothing summer, though no forecast was given', () => {
  const trip = party('three-on-snow');
  expect(trip.weather).toEqual([]);
  for (const { id } of trip.members) {
    const things = own(trip, id);
    for (const words of [
      /sleeping bag, winter/i,
      /mat, insulated/i,
      /warm hat/i,
      /gloves, warm/i,
      /gloves, thin/i,
      /rain jacket/i,
      /rain trousers/i,
      /crampons/i,
      /ice axe/i,
    ])
      expect([words.source, named(things, words).length]).toEqual([words.source, 1]);
    expect(named(things, /summer|three seasons|^inflatable mat$/i)).toEqual([]);
  }
  expect(named(allPieces(trip), /^rope/i)).toHaveLength(1);
});

test('desert: the litres of all, dealt out as the limits are', () => {
  const trip = party('three-in-the-desert');
  const litres = trip.members.map((m) => waterCarriedL(trip, m.id, 2));
  // Newcomers none, regulars all: a fifth of 45, 83 and 68 kg of 24 L.
  [45, 83, 68].forEach((kg, i) => expect(litres[i]).toBeCloseTo((24 * kg) / 196, 6));
  const waters = misfitOf('three-in-the-desert').cures.filter((c) => /less water/.test(c.label));
  for (const { label } of waters) expect(label).not.toMatch(/days? [\d, ]*[24]/);
  // Filled beforehand and met: 24 L less half of 15 L on the way is 16.5 L, of which Salme carries 45 / 196.
  const laid = misfitOf('three-in-the-desert').cures.find((c) => /^Lay 7\.5 L[^;]*$/.test(c.label))!;
  const after = applyEdits(trip, laid.edits);
  expect(waterCarriedL(after, 'salme', 2)).toBeCloseTo((16.5 * 45) / 196, 6);
  const words = (t: Trip): string =>
    kitChecks(t, [])
      .open.map((f) => f.what)
      .join('\n');
  expect(words(after)).toMatch(/7\.5 L are to be laid at Cache .* before day 2/);
  // A limit raised by somebody's word lightens nothing: it comes after what does.
  const raised = misfitOf('three-in-the-desert').cures.map((c) => /^\w+ carries 1 kg more/.test(c.label));
  expect(raised).toEqual([...raised].sort());
  expect(words(trip)).toMatch(/Joris: 3\.0 L of containers for 10\.2 L/);
});

test('newcomers: the tins are taken apart first, the weak chest is helped, and packs change hands', () => {
  const trip = party('six-newcomers');
  const tins = carrierOf(trip, 'tins', 1)!;
  const worst = (m: string): number =>
    Math.max(
      ...loadsOverTrip(
        trip,
        trip.members.find((x) => x.id === m)!,
      ).map((l) => l.ratio),
    );
  expect(Math.max(...trip.members.map((m) => worst(m.id)))).toBe(worst(tins));
  expect(misfitOf('six-newcomers').cures[0]!.label).toMatch(/^Split Tins for two meals/);
  for (const thing of named(own(trip, 'fenna'), /sleeping bag, /i))
    expect(carrierOf(trip, thing.id, 1)).not.toBe('fenna');
  // Ten litres more in the smallest pack: the 30 L pack is swapped for one that holds it.
  const bulky: Trip = {
    ...trip,
    personalThings: trip.personalThings.map((t) =>
      t.memberId === 'emma' && /sleeping bag,/i.test(t.name) ? { ...t, volumeL: t.volumeL + 14 } : t,
    ),
  };
  const shared = (t: Trip): SolvedShare => {
    const solved = solveShare(shareProblem(t), { seed: 1, iterations: 60_000, proofNodes: 0 });
    if (solved.kind !== 'solved') throw new Error('expected a share');
    return solved;
  };
  const before = shared(bulky);
  const swaps = packSwapCures(bulky, shareProblem(bulky), before).filter((c) =>
    c.label.startsWith('Swap packs: Emma'),
  );
  const least = Math.min(...swaps.map((c) => shared(c.after).score.overVolumeL));
  expect(least).toBeLessThan(before.score.overVolumeL - 1);
});
