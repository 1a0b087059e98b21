/** @jest-environment jest-fixed-jsdom */
import { act, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { allPieces, carrierOf, emptyTrip, type Trip } from '@graft/core/trip';
import { engineHere, solverHere } from '../testing/engineHere';
import { demoTrip } from '../testing/demo';
import { openTrip, type OpenTrip } from '../testing/openTrip';
import { partName } from '../shared/partName';
import { SharesStation } from './SharesStation';

jest.mock('../workers/engine', () => engineHere);
jest.mock('../workers/solver', () => solverHere);

const hut = demoTrip('hut-roof');
const bare: Trip = { ...hut, share: [], stows: [] };
const open = (trip: Trip): OpenTrip => openTrip(trip, <SharesStation />, { line: true });
const block = (id: string): HTMLElement => document.querySelector<HTMLElement>(`[data-piece="${id}"]`)!;
const gap = (): string => screen.getByTestId('gap').textContent;

test('an empty trip says what comes first', async () => {
  open(emptyTrip('t', 'T', '2027-01-01', 2));
  expect(screen.getByText(/Add the members at People first/)).toBeDefined();
  await waitFor(() =>
    expect(screen.getByRole('link', { name: /^Shares/ }).textContent).toContain('nothing to share'),
  );
});

test('a piece is split, each part can be given, and the parts are joined again', async () => {
  const { server, user } = open(hut);
  await user.selectOptions(screen.getByRole('combobox', { name: 'Find a piece' }), 'felt');
  await user.selectOptions(screen.getByRole('combobox', { name: 'Into how many parts' }), '3');
  await user.click(screen.getByRole('button', { name: 'equal parts' }));
  await waitFor(() =>
    expect(
      allPieces(server.trip)
        .filter((p) => p.partOf === 'felt')
        .map((p) => p.name),
    ).toEqual([
      'Roofing felt, rolled (1 of 3)',
      'Roofing felt, rolled (2 of 3)',
      'Roofing felt, rolled (3 of 3)',
    ]),
  );
  const [, second] = allPieces(server.trip).filter((p) => p.partOf === 'felt');
  const other = hut.members.find((m) => m.id !== carrierOf(hut, 'felt', 1))!;
  await user.selectOptions(screen.getByRole('combobox', { name: 'Find a piece' }), second!.id);
  await user.click(screen.getByRole('button', { name: `Give ${second!.name} to ${other.name}` }));
  await waitFor(() => expect(carrierOf(server.trip, second!.id, 1)).toBe(other.id));
  await user.click(screen.getByRole('button', { name: 'Join its 3 parts again' }));
  await waitFor(() => expect(allPieces(server.trip)).toHaveLength(allPieces(hut).length));
  expect(allPieces(server.trip).find((p) => p.id === 'felt')?.name).toBe('Roofing felt, rolled');
});

test('a child’s bag is listed with its owner’s name and given to an adult; the jacket is not to be had', async () => {
  const [joss, eddy] = hut.members;
  const child = { ...eddy!, ageYears: 6, bodyMassKg: 22, statureCm: 116 };
  const { server, user } = open({ ...hut, members: [joss!, child] });
  const finder = screen.getByRole('combobox', { name: 'Find a piece' });
  within(finder).getByRole('option', { name: 'Eddy: Sleeping bag · Eddy' });
  expect(within(finder).queryByRole('option', { name: /^Eddy: Rain jacket/ })).toBeNull();
  await user.selectOptions(finder, 'eddy-sleeping-bag');
  await user.click(screen.getByRole('button', { name: 'Give Eddy: Sleeping bag to Joss' }));
  await waitFor(() =>
    expect(server.trip.share).toContainEqual({
      pieceId: 'eddy-sleeping-bag',
      memberId: 'joss',
      locked: false,
    }),
  );
});

test('what was moved by hand is asked about before a share out moves it again', async () => {
  const { server, user } = open(hut);
  const [piece] = allPieces(hut).filter((p) => p.onlyMemberIds === undefined && p.onlyGroupId === undefined);
  const other = hut.members.find((m) => m.id !== carrierOf(hut, piece!.id, 1))!;
  await user.selectOptions(screen.getByRole('combobox', { name: 'Find a piece' }), piece!.id);
  await user.click(screen.getByRole('button', { name: `Give ${piece!.name} to ${other.name}` }));
  await waitFor(() => expect(carrierOf(server.trip, piece!.id, 1)).toBe(other.id));
  await user.click(screen.getByRole('button', { name: 'Share out' }));
  const asked = screen.getByRole('group', { name: 'Moved by hand' });
  expect(asked.textContent).toContain(piece!.name);
  // Nothing was moved without a word.
  await user.click(within(asked).getByRole('button', { name: 'Cancel' }));
  expect(carrierOf(server.trip, piece!.id, 1)).toBe(other.id);
  await user.click(screen.getByRole('button', { name: 'Share out' }));
  await user.click(screen.getByRole('button', { name: 'Lock it, share the rest' }));
  await waitFor(() =>
    expect(server.trip.share).toContainEqual({ pieceId: piece!.id, memberId: other.id, locked: true }),
  );
});

test('the words say how far loads are apart and what makes the peak, and claim no more', async () => {
  const heavy: Trip = {
    ...bare,
    kits: hut.kits.map((kit, i) =>
      i === 0 ? { ...kit, pieces: kit.pieces.map((p, k) => (k === 0 ? { ...p, massKg: 9 } : p)) } : kit,
    ),
  };
  const { user } = open(heavy);
  await user.click(screen.getByRole('button', { name: 'Share out' }));
  const verdict = await screen.findByTestId('verdict');
  expect(verdict.textContent).toMatch(
    /^(Even: f|F)rom .+ % \(.+\) to .+ % \(.+\)\. What makes the peak: .+\.$/,
  );
  expect(screen.queryByText(/everybody is equally near/)).toBeNull();
  expect(screen.getByText(/^Aims at everybody equally near/)).toBeDefined();
});

test('Delete takes a piece from its carrier: it lies with nobody and is counted on the line', async () => {
  const { server, user } = open(hut);
  const { pieceId } = hut.share[0]!;
  act(() => block(pieceId).focus());
  await user.keyboard('{Delete}');
  await waitFor(() => expect(carrierOf(server.trip, pieceId, 1)).toBeUndefined());
  expect(await screen.findByText('1 unshared')).toBeDefined();
  expect(gap()).toBe('once all is shared');
});

test('if the party splits: what each part lacks, mended by one handover; kits in several hands', async () => {
  const [a, b] = hut.members;
  const aid = { ...allPieces(hut)[0]!, purpose: 'firstAid' as const };
  const two: Trip = {
    ...hut,
    personalThings: hut.personalThings.filter((t) => t.purpose !== 'firstAid'),
    kits: [
      {
        id: 'safety',
        name: 'Safety',
        pieces: [
          { ...aid, id: 'big', name: 'Safety: big first aid', massKg: 0.8 },
          { ...aid, id: 'small', name: 'Safety: small first aid', massKg: 0.2 },
          { ...aid, id: 'rope', name: 'Rope', purpose: 'other' },
        ],
      },
    ],
    share: ['big', 'small'].map((pieceId) => ({ pieceId, memberId: a!.id, locked: false })),
  };
  const { server, user } = open({
    ...two,
    stows: [],
    carrierRules: [],
    share: [...two.share, { pieceId: 'rope', memberId: b!.id, locked: false }],
  });
  await user.click(screen.getByRole('button', { name: 'If the party splits' }));
  const dialog = await screen.findByRole('dialog', { name: 'Sets and splits' });
  expect(within(dialog).getByRole('list', { name: 'Kits in several hands' }).textContent).toBe(
    `Safety: ${a!.name} big first aid, small first aid; ${b!.name} Rope`,
  );
  await user.selectOptions(within(dialog).getByRole('combobox', { name: 'How it splits' }), 'hand');
  expect(within(dialog).getByText('Tick who would go in the second part.')).toBeDefined();
  await user.click(within(dialog).getByRole('checkbox', { name: b!.name }));
  const parts = within(dialog).getByRole('list', { name: 'Parts' });
  expect(within(parts).getAllByRole('listitem')[0]!.textContent).not.toContain('No first aid');
  await user.click(
    within(parts).getByRole('button', { name: `Safety: small first aid from ${a!.name} to ${b!.name}` }),
  );
  await waitFor(() => expect(carrierOf(server.trip, 'small', 1)).toBe(b!.id));
  expect(parts.textContent).not.toContain('No first aid');
});

test('every piece is named, in its block or below its beam; pointed at, its kit stands out with it', () => {
  open(hut);
  for (const { id, name } of allPieces(hut)) {
    const written = [...document.querySelectorAll<HTMLElement>(`[data-of-piece="${id}"]`)];
    const carried = hut.share.some((a) => a.pieceId === id);
    expect([id, written.some((e) => e.textContent.includes(partName(name)))]).toEqual([id, carried]);
  }
  const kit = hut.kits.find((k) => k.pieces.length > 1)!;
  const lit = (): string[] => [
    ...new Set([...document.querySelectorAll<HTMLElement>('[data-lit]')].map((e) => e.dataset['ofPiece']!)),
  ];
  fireEvent.pointerOver(block(kit.pieces[0]!.id));
  expect(lit().sort()).toEqual(kit.pieces.map((p) => p.id).sort());
  fireEvent.pointerLeave(screen.getByRole('group', { name: 'Load beams' }));
  expect(lit()).toEqual([]);
});

test('lowest peak or kinder days: both ends are told after sharing out, and one click takes the other', async () => {
  // One piece is locked in it.
  const { server, user } = open({ ...demoTrip('corvane-census'), stows: [] });
  const aims = screen.getByRole('radiogroup', { name: 'What a new share aims at' });
  expect(aims.textContent).toContain('The largest up to 1 % higher');
  await user.click(screen.getByRole('button', { name: 'Share out' }));
  await waitFor(() => expect(aims.textContent).toMatch(/Lowest peakLargest \d/));
  const told = [...aims.querySelectorAll('label')].map((l) =>
    [...l.textContent.matchAll(/([\d.]+) %/g)].map((m) => Number(m[1])),
  );
  const [[peak, peakApart], [days, daysApart]] = told as [[number, number], [number, number]];
  expect(days).toBeGreaterThanOrEqual(peak);
  expect(days).toBeLessThanOrEqual(peak * 1.011);
  expect(daysApart).toBeLessThanOrEqual(peakApart);
  const first = server.trip.share;
  await user.click(within(aims).getByRole('radio', { name: /^Kinder days/ }));
  await waitFor(() => expect(server.trip.share).not.toEqual(first));
  await user.click(within(aims).getByRole('radio', { name: /^Lowest peak/ }));
  await waitFor(() => expect(server.trip.share).toEqual(first));
}, 60_000);
