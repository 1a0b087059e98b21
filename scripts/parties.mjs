/**
 * npm run parties: the parties of data/parties, built as a leader builds them: a style of trip, people, groups, what the
 * lists propose, a larder, then a share. All people and places are invented. What must come out of them is written in
 * data/parties/README.md and checked by packages/core/src/report/parties.test.ts.
 */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureNodePackages } from './lib/install.mjs';
import { wholeCore } from './lib/core.mjs';
import { bin, ROOT } from './lib/paths.mjs';
import { main, step } from './lib/run.mjs';

const SEED = 1;

/** A party in the making; every call returns the next state, as the screens do. */
function makers(core) {
  const packOf = (memberId, litres, more = {}) => {
    // Smaller than any pack of the catalogue.
    if (litres < 30) {
      const [tareKg, ratedLoadKg] = litres < 15 ? [0.35, 4] : [0.6, 8];
      const parts = ['front', 'side', 'strap', 'hipBelt'];
      const spec = {
        name: `${litres} L child’s pack`,
        volumeL: litres,
        tareKg,
        ratedLoadKg,
        parts,
        kind: 'child',
      };
      return core.customPack(`pack-${memberId}`, spec);
    }
    const size = core.PACK_SIZES.find((s) => s.nominalL === litres);
    return { ...core.cataloguePack(`pack-${memberId}`, size), ...more };
  };
  const trip = (id, name, style, days) => core.tripFromTemplate(id, name, '2027-06-14', style, days);
  const withMember = (t, name, bodyMassKg, { litres = 60, pack = {}, ...more } = {}) => {
    const id = name.toLowerCase();
    const member = { ...core.newMember(id, name, `pack-${id}`), bodyMassKg, ...more };
    return { ...t, members: [...t.members, member], packs: [...t.packs, packOf(id, litres, pack)] };
  };
  const withGroup = (t, kind, name, names, more = {}) => {
    const id = `${kind}-${name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;
    const key = kind === 'tent' ? 'tentGroupId' : 'cookGroupId';
    const inIt = new Set(names.map((n) => n.toLowerCase()));
    return {
      ...t,
      groups: [...t.groups, { id, name, kind, ...more }],
      members: t.members.map((m) => (inIt.has(m.id) ? { ...m, [key]: id } : m)),
    };
  };
  const listed = (t, leftOut = []) =>
    core.takeProposals(
      t,
      core.proposeKit(t, core.starterLibrary()).filter((p) => !leftOut.some((id) => p.entry.id === id)),
    );
  const entry = (id) => {
    const found = core.starterLibrary().find((e) => e.id === id);
    if (found === undefined) throw new Error(`no ${id} in the starter library`);
    return found;
  };
  const dishes = core.starterLibrary().filter((e) => e.kind === 'dish');
  const fed = (t) => {
    const planned = core.fillMeals({ ...t, larder: { ...t.larder, snackGPerDay: 80 } }, dishes);
    const fuelled = core
      .cookGroups(planned)
      .reduce((next, g) => core.takeLightestCanisters(next, g), planned);
    return core.landLarder(fuelled);
  };
  const shared = (t) => {
    const result = core.solveShare(core.shareProblem(t), { seed: SEED, iterations: 400_000 });
    if (result.kind !== 'solved') throw new Error(`${t.name}: ${result.reasons.join('; ')}`);
    return core.replaceShare(t, result.share);
  };
  return { core, trip, withMember, withGroup, listed, entry, fed, shared, packOf };
}

const withLegs = (t, of) => ({ ...t, legs: t.legs.map((leg, i) => ({ ...leg, ...of(i + 1) })) });
/** Each day's way: kilometres, metres up, metres down. */
const walked = (t, ...ways) =>
  withLegs(t, (day) => {
    const [distanceKm, climbM, descentM] = ways[day - 1];
    return { distanceKm, climbM, descentM };
  });

const PARTIES = {
  'couple-seven-days': ({ core, trip, withMember, withGroup, listed, entry, fed, shared }) => {
    let t = {
      ...trip('couple-seven-days', 'Seven days round the Hollin lakes', 'camp', 7),
      foodStorage: 'container',
    };
    t = walked(
      t,
      [9, 280, 120],
      [14, 420, 390],
      [16, 510, 560],
      [12, 350, 300],
      [17, 480, 520],
      [15, 300, 340],
      [10, 90, 200],
    );
    t = withMember(t, 'Ilse', 64, { litres: 70, experience: 'seasoned' });
    t = withMember(t, 'Bram', 82, { litres: 80, experience: 'seasoned' });
    t = withGroup(t, 'tent', 'Tent', ['Ilse', 'Bram']);
    t = withGroup(t, 'cook', 'Kitchen', ['Ilse', 'Bram'], { stove: 'gasBurner' });
    t = listed(t, ['group-hard-food-container-12-l', 'group-tarp-4-x-3-m', 'group-power-bank-large']);
    t = core.giveEach(t, entry('own-hard-food-container-own-9-l'), ['ilse', 'bram'], 'required');
    return shared(fed(t));
  },
  'family-two-children': ({ trip, withMember, withGroup, listed, fed, shared }) => {
    let t = trip('family-two-children', 'Two nights at the Fennick tarn', 'camp', 3);
    t = walked(t, [5, 180, 20], [4, 120, 120], [5, 20, 180]);
    t = { ...t, legs: t.legs.map((leg) => ({ ...leg, waterL: 1 })) };
    t = withMember(t, 'Ada', 66, { litres: 70, experience: 'seasoned' });
    t = withMember(t, 'Jonne', 84, { litres: 80, experience: 'seasoned' });
    const child = { statureCm: 135, torsoCm: 34, ageBand: 'under18', experience: 'newcomer', litres: 20 };
    t = withMember(t, 'Wren', 30, { ...child, ageYears: 9, portion: 0.7 });
    t = withMember(t, 'Pip', 18, {
      ...child,
      statureCm: 110,
      torsoCm: 28,
      ageYears: 5,
      portion: 0.5,
      litres: 14,
    });
    t = withGroup(t, 'tent', 'Tent', ['Ada', 'Jonne', 'Wren', 'Pip']);
    t = withGroup(t, 'cook', 'Kitchen', ['Ada', 'Jonne', 'Wren', 'Pip'], { stove: 'gasBurner' });
    t = listed(t);
    // A child's small pack has no pocket that takes a sun hat: it is on the head.
    const isWorn = (p) => p.libraryId === 'own-sun-hat' && ['wren', 'pip'].includes(p.memberId);
    t = { ...t, personalThings: t.personalThings.map((p) => (isWorn(p) ? { ...p, worn: true } : p)) };
    return shared(fed(t));
  },
  'guide-six-clients': ({ trip, withMember, withGroup, listed, fed, shared }) => {
    let t = trip('guide-six-clients', 'Five days over the Marrow hills', 'camp', 5);
    t = walked(t, [11, 450, 200], [16, 620, 540], [14, 580, 610], [18, 700, 650], [12, 150, 500]);
    const clients = [
      ['Noor', 58],
      ['Piet', 79],
      ['Saar', 63],
      ['Levi', 88],
      ['Mina', 55],
      ['Otto', 74],
    ];
    t = withMember(t, 'Hanne', 70, { litres: 80, experience: 'seasoned' });
    for (const [name, kg] of clients) t = withMember(t, name, kg, { litres: 70, experience: 'regular' });
    t = withGroup(t, 'tent', 'Tent A', ['Hanne', 'Noor', 'Mina']);
    t = withGroup(t, 'tent', 'Tent B', ['Piet', 'Saar']);
    t = withGroup(t, 'tent', 'Tent C', ['Levi', 'Otto']);
    t = withGroup(t, 'cook', 'North', ['Hanne', 'Noor', 'Mina', 'Piet'], { stove: 'gasBurner' });
    t = withGroup(t, 'cook', 'South', ['Saar', 'Levi', 'Otto'], { stove: 'gasBurner' });
    return shared(fed(listed(t)));
  },
  'two-frameless': ({ trip, withMember, withGroup, listed, fed, shared }) => {
    let t = trip('two-frameless', 'Three light days on the Sorrel ridge', 'camp', 3);
    t = walked(t, [22, 900, 600], [26, 1100, 1150], [19, 500, 750]);
    const pack = { frameless: true, tareKg: 0.6, ratedLoadKg: 11, name: '50 L frameless pack' };
    t = withMember(t, 'Kee', 61, { litres: 50, pack });
    t = withMember(t, 'Tjalf', 77, { litres: 50, pack });
    t = withGroup(t, 'tent', 'Shelter', ['Kee', 'Tjalf']);
    t = withGroup(t, 'cook', 'Kitchen', ['Kee', 'Tjalf'], { stove: 'alcohol' });
    return shared(fed(listed(t, ['group-tarp-4-x-3-m', 'group-power-bank-large'])));
  },
  'three-on-snow': ({ core, trip, withMember, withGroup, listed, entry, fed, shared }) => {
    let t = trip('three-on-snow', 'Two nights on the Varn glacier', 'winter', 3);
    t = walked(t, [8, 900, 50], [9, 700, 700], [8, 50, 900]);
    t = withLegs(t, (day) => ({ ground: day === 2 ? 'glacier' : 'snow', campElevationM: 1900 }));
    t = { ...t, larder: { ...t.larder, snow: true } };
    t = withMember(t, 'Runa', 62, { litres: 80, experience: 'seasoned' });
    t = withMember(t, 'Sten', 85, { litres: 80, experience: 'seasoned' });
    t = withMember(t, 'Ylva', 70, { litres: 80, experience: 'seasoned' });
    t = withGroup(t, 'tent', 'Tent', ['Runa', 'Sten', 'Ylva']);
    t = withGroup(t, 'cook', 'Kitchen', ['Runa', 'Sten', 'Ylva'], { stove: 'liquid' });
    t = listed(t);
    t = core.giveEach(t, entry('own-harness'), ['runa', 'sten', 'ylva'], 'required');
    return shared(fed(t));
  },
  'three-in-the-desert': ({ trip, withMember, withGroup, listed, fed, shared }) => {
    let t = trip('three-in-the-desert', 'Five days through the Ochre basin', 'camp', 5);
    t = walked(t, [13, 120, 90], [18, 80, 140], [9, 40, 40], [17, 150, 110], [11, 90, 100]);
    t = withLegs(t, (day) => ({ waterL: day === 2 || day === 4 ? 5 : 2.5, campWaterL: day === 2 ? 3 : 0 }));
    t = withMember(t, 'Salme', 45, { litres: 70 });
    t = withMember(t, 'Joris', 83, { litres: 80 });
    t = withMember(t, 'Anouk', 68, { litres: 70 });
    t = withGroup(t, 'tent', 'Tent', ['Salme', 'Joris', 'Anouk']);
    t = withGroup(t, 'cook', 'Kitchen', ['Salme', 'Joris', 'Anouk'], { stove: 'gasBurner' });
    const cache = {
      id: 'cache',
      day: 3,
      kind: 'cache',
      name: 'Box at the dry well',
      fuel: false,
      takesWaste: true,
    };
    t = { ...t, pickups: [cache] };
    return shared(fed(listed(t, ['group-tarp-4-x-3-m'])));
  },
  'six-newcomers': ({ core, trip, withMember, withGroup, listed, shared }) => {
    let t = trip('six-newcomers', 'One night by the Lowmere', 'training', 2);
    t = walked(t, [9, 160, 90], [8, 90, 160]);
    const club = { shared: true };
    const people = [
      ['Dirk', 72, 80],
      ['Emma', 57, 30],
      ['Fenna', 61, 60],
      ['Gijs', 90, 40],
      ['Hugo', 68, 70],
      ['Iris', 52, 50],
    ];
    for (const [name, kg, litres] of people) {
      const chest = { label: 'a weak chest', fromDay: 1, toDay: 2, factor: 0.6 };
      t = withMember(t, name, kg, {
        litres,
        pack: club,
        experience: 'newcomer',
        ...(name === 'Fenna' ? { conditions: [chest] } : {}),
      });
    }
    t = withGroup(t, 'tent', 'Tent 1', ['Dirk', 'Gijs', 'Hugo']);
    t = withGroup(t, 'tent', 'Tent 2', ['Emma', 'Fenna', 'Iris']);
    t = withGroup(
      t,
      'cook',
      'Kitchen',
      people.map(([name]) => name),
      { stove: 'gasBurner' },
    );
    t = listed(t);
    const tins = {
      id: 'tins',
      name: 'Tins for two meals',
      massKg: 7.3,
      massEstimated: false,
      volumeL: 6.5,
      shape: { kind: 'pouch' },
      flags: ['hard'],
      needed: 'camp',
      purpose: 'food',
      consumption: { fromDay: 1, toDay: 1, residueKg: 0.9 },
    };
    return shared(core.putKit(t, { id: 'food', name: 'Food', pieces: [tins] }));
  },
};

await main(async () => {
  await ensureNodePackages();
  await step('Compiling core', bin('tsc'), ['-b', 'packages/core']);
  const core = await wholeCore();
  const made = makers(core);
  const folder = join(ROOT, 'data/parties');
  mkdirSync(folder, { recursive: true });
  for (const [id, make] of Object.entries(PARTIES)) {
    const text = core.serialiseTripFile(make(made));
    core.parseTripFile(text);
    writeFileSync(join(folder, `${id}.graft.json`), text);
  }
  return 0;
});
