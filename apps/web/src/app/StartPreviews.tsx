/** What each way of beginning leads to, shown in its door: a list as it may be, what a template holds, an empty table. */
import { useMemo, type ReactNode } from 'react';
import { startParty, type PartyStart } from '@graft/core/lists';
import { foodMass } from '@graft/core/larder';
import type { LibraryEntry } from '@graft/core/library';
import { allPieces, type Trip } from '@graft/core/trip';
import type { MassUnit } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useQuantities } from '../shared/useInUnits';
import { counted } from '../shared/words';
import { Box } from '../theme/chakra';

/** Made up; every line is one that a pasted list may have. */
export const EXAMPLE_LISTS: Readonly<Record<MassUnit, string>> = {
  kg: exampleList('2.4 kg', '370 g', '950 g', '0.32 kg'),
  lb: exampleList('5 lb 5 oz', '13 oz', '2.1 lb', '11 oz'),
};

function exampleList(tent: string, canister: string, bag: string, jacket: string): string {
  return `Together
Tent, 2 people  ${tent}
3 gas canisters  ${canister} each
Water filter

Runa
Sleeping bag  ${bag}
2 pairs of socks
Rain jacket  ${jacket}`;
}

const EMPTY_ROWS = 5;

function Preview({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box
      display={{ base: 'none', md: 'block' }}
      role="img"
      aria-label={label}
      minH={{ md: '220px', '2xl': '300px' }}
      px="3"
      py="2"
      bg="bg"
      borderWidth="1px"
      borderColor="border.muted"
      fontSize="sm"
      lineHeight="1.6"
      whiteSpace="pre-wrap"
      overflow="hidden"
    >
      {children}
    </Box>
  );
}

export function ListPreview() {
  const { massUnit } = usePreferences();
  return <Preview label="A list as it may be">{EXAMPLE_LISTS[massUnit]}</Preview>;
}

interface TemplateProps {
  readonly trip: Trip;
  readonly start: PartyStart;
  readonly entries: readonly LibraryEntry[];
}

/** Counts and weights of what the template would put into the trip. */
export function TemplatePreview({ trip, start: { people, stoves }, entries }: TemplateProps) {
  const { show } = useQuantities();
  const made = useMemo(() => startParty(trip, { people, stoves }, entries), [trip, people, stoves, entries]);
  const added = made.members.slice(trip.members.length);
  const pieces = allPieces(made).slice(allPieces(trip).length);
  const piecesKg = pieces.reduce((sum, p) => sum + p.massKg, 0);
  const sleeping = made.groups.filter((g) => g.kind === 'tent').length;
  const cooking = made.groups.filter((g) => g.kind === 'cook').length;
  const food = foodMass(made);
  const lines: readonly (readonly [string, string])[] = [
    ['People, to be named', String(added.length)],
    ['Own things of each', `≈ ${show(added[0]?.ownThingsKg ?? 0, 'mass')}`],
    ...(sleeping === 0 ? [] : [['Tents', String(sleeping)] as const]),
    ...(cooking === 0 ? [] : [['Cook groups', String(cooking)] as const]),
    ['Pieces to share', `${pieces.length}, ${show(piecesKg, 'mass')}`],
    ...(food.verdict === 'none' ? [] : [['Food a day each', show(food.fullDayKg, 'mass')] as const]),
  ];
  return (
    <Preview label={`The template for ${counted(people, 'member')}`}>
      {lines.map(([what, much]) => (
        <Box key={what} display="flex" justifyContent="space-between" gap="3">
          <span>{what}</span>
          <Box as="span" color="fg.muted">
            {much}
          </Box>
        </Box>
      ))}
    </Preview>
  );
}

/** The columns that a first share needs, with nobody in them. */
export function EmptyPreview() {
  const { unit } = useQuantities();
  const mass = unit('mass');
  return (
    <Preview label="An empty table of people">
      <Box as="table" w="100%" fontSize="xs" css={{ '& td, & th': { borderBottomWidth: '1px', h: '32px' } }}>
        <thead>
          <tr>
            <Box as="th" textAlign="start">
              Name
            </Box>
            <Box as="th" textAlign="end">
              Body, {mass}
            </Box>
            <Box as="th" textAlign="end">
              Own things, {mass}
            </Box>
          </tr>
        </thead>
        <tbody>
          {Array.from({ length: EMPTY_ROWS }, (_row, i) => (
            <tr key={i}>
              <td colSpan={3} />
            </tr>
          ))}
        </tbody>
      </Box>
    </Preview>
  );
}
