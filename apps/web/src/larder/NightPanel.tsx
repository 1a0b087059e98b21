import { Box, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { CONTAINER_L_PER_PERSON_DAY, scentedNights } from '@graft/core/larder';
import { nameAlone } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/tripContext';
import { FOOD_STORAGE_WORDS } from '../shared/words';
import { useInUnits, useQuantities } from '../shared/useInUnits';

/** What smells of food at night: how much there is, what holds it, and the list for the evening's round. */
export function NightPanel() {
  const inUnits = useInUnits();
  const { show } = useQuantities();
  const { trip } = useTrip();
  const { massUnit } = usePreferences();
  const nights = scentedNights(trip);
  const names = new Map(trip.members.map((m) => [m.id, m.name]));
  const kitNames = new Map(trip.kits.flatMap((k) => k.pieces.map((p) => [p.id, k.name] as const)));
  const contained = trip.foodStorage === 'container';
  const [asked, setAsked] = useState(1);
  const round = nights.find((n) => n.night === asked) ?? nights[0];
  const byCarrier = new Map<string, string[]>();
  for (const { thing, memberId } of round?.things ?? []) {
    const who =
      memberId === undefined ? `nobody yet, ${kitNames.get(thing.id) ?? ''}` : (names.get(memberId) ?? '');
    byCarrier.set(who, [...(byCarrier.get(who) ?? []), nameAlone(trip, thing)]);
  }
  return (
    <Box pt="3">
      <Text fontSize="sm">
        Food at night: <b>{FOOD_STORAGE_WORDS[trip.foodStorage]}</b> (Trip).
      </Text>
      {nights.length === 0 ? (
        <Text pt="2">No night on this trip.</Text>
      ) : (
        <Box as="table" w="100%" mt="2" className="plain-table" aria-label="Scented things by night">
          <thead>
            <tr>
              <th>Night after day</th>
              <th data-end>Things</th>
              <th data-end>Weight</th>
              <th data-end>Volume</th>
              <th data-end>Containers hold</th>
            </tr>
          </thead>
          <tbody>
            {nights.map((n) => {
              const full = contained && n.volumeL > n.capacityL + 0.05;
              return (
                <tr key={n.night}>
                  <td>{n.night}</td>
                  <td data-end>{n.things.length}</td>
                  <td data-end>{formatMass(n.massKg, massUnit)}</td>
                  <td data-end>{show(n.volumeL, 'volume')}</td>
                  <td data-end data-alarm={full ? '' : undefined}>
                    {full && '▲ '}
                    {show(n.capacityL, 'volume')}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </Box>
      )}
      <Text fontSize="xs" color="fg.muted" pt="2">
        {inUnits(
          `After dinner, with the next breakfast and the packaging of what is eaten; a hard container takes ${CONTAINER_L_PER_PERSON_DAY.from}–${CONTAINER_L_PER_PERSON_DAY.to} L of dense food a person and day (common practice). The land manager’s rules come first.`,
        )}
      </Text>
      {round !== undefined && (
        <>
          <Flex align="center" gap="2" pt="4">
            <Text fontWeight="600">The evening’s round after day</Text>
            <Select
              label="Night after day"
              w="4rem"
              value={String(round.night)}
              options={nights.map((n) => [String(n.night), String(n.night)] as const)}
              onChoose={(night) => setAsked(Number(night))}
            />
          </Flex>
          {[...byCarrier].map(([who, list]) => (
            <Text key={who} fontSize="xs" pt="1">
              <b>{who}:</b> {list.join(', ')}
            </Text>
          ))}
          {round.things.length === 0 && <Text fontSize="xs">Nothing scented is there that night.</Text>}
        </>
      )}
    </Box>
  );
}
