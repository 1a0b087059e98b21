import { Box, Table, Text } from '../theme/chakra';
import { REACH_LIMIT, type PlacedThing, type StowAssessment } from '@graft/core/stow';
import type { Needed } from '@graft/core/trip';
import { namesIn } from './namesIn';

const NEEDED_WORDS: Readonly<Record<Needed, string>> = {
  walking: 'while walking',
  hurry: 'in a hurry',
  stop: 'at a stop',
  firstInCamp: 'first in camp',
  camp: 'in camp',
};
const ORDER: readonly Needed[] = ['walking', 'hurry', 'stop', 'firstInCamp', 'camp'];
/** What comes out when it starts to rain. */
const RAIN = ['rainwear', 'tarp'];

/** How many things come out before each, through its nearest opening; and what a shower would ask for. */
export function ReachTab({ stow, onChoose }: { stow: StowAssessment; onChoose: (thingId: string) => void }) {
  const nameOf = namesIn(stow);
  const rain = stow.placed.filter((p) => RAIN.includes(p.thing.purpose));
  const out = new Set(
    rain.flatMap((p) => p.reach.blockers.filter((id) => !rain.some((r) => r.thing.id === id))),
  );
  const things = [...stow.placed].sort(
    (a, b) => ORDER.indexOf(a.thing.needed) - ORDER.indexOf(b.thing.needed) || b.reach.count - a.reach.count,
  );
  const limit = (p: PlacedThing): string =>
    REACH_LIMIT[p.thing.needed] === Infinity ? 'any' : `≤ ${REACH_LIMIT[p.thing.needed]}`;
  if (stow.placed.length === 0) {
    return (
      <Text p="4" fontSize="sm">
        Stow the pack first: then the reach of every thing stands here.
      </Text>
    );
  }
  return (
    <Box fontSize="xs">
      <Box px="4" py="2" borderBottomWidth="1px">
        <Text fontWeight="600">What if it rains now?</Text>
        {rain.length === 0 ? (
          <Text color="fg.muted">No rain gear and no tarp is in this pack.</Text>
        ) : (
          <>
            <Text>
              {out.size === 0
                ? 'Nothing else comes out for it.'
                : `${out.size} ${out.size === 1 ? 'thing comes' : 'things come'} out in the rain: ${[...out].map(nameOf).join(', ')}.`}
            </Text>
            <Text color="fg.muted">
              {rain.map((p) => `${p.thing.name}: ${p.reach.count}, ${throughWords(p)}`).join('; ')}
            </Text>
          </>
        )}
      </Box>
      <Table.Root
        size="sm"
        aria-label="Reach of every thing"
        css={{ '& th, & td': { px: '2', py: '1', fontSize: 'xs', verticalAlign: 'top' } }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>Thing</Table.ColumnHeader>
            <Table.ColumnHeader>needed</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">comes out first</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {things.map((p) => {
            const over = p.reach.count > REACH_LIMIT[p.thing.needed] && !p.verdict.byHouse;
            return (
              <Table.Row key={p.thing.id} bg="transparent" onMouseEnter={() => onChoose(p.thing.id)}>
                <Table.Cell>
                  {p.thing.name}
                  <Box color="fg.muted">
                    {p.zone.name}, {throughWords(p)}
                  </Box>
                </Table.Cell>
                <Table.Cell color="fg.muted">{NEEDED_WORDS[p.thing.needed]}</Table.Cell>
                <Table.Cell textAlign="end" color={over ? 'overload.fg' : undefined}>
                  {over && '▲ '}
                  {p.reach.count} <span className="muted">({limit(p)})</span>
                </Table.Cell>
              </Table.Row>
            );
          })}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

function throughWords(p: PlacedThing): string {
  switch (p.reach.through) {
    case 'pocket':
      return 'out of its pocket';
    case 'outside':
      return 'outside';
    case 'top':
      return 'through the top';
    case 'bottom':
      return 'through the bottom zip';
    case 'side':
      return 'through the side zip';
    case 'front':
      return 'through the front';
  }
}
