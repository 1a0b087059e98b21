import { Box, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { sideTrip } from '@graft/core/trail';
import { isWithParty } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { QuantityInput } from '../shared/QuantityInput';
import { useTrip } from '../shared/tripContext';
import { NEED_WORDS } from './words';
import { useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';

const needs = (list: readonly (keyof typeof NEED_WORDS)[]): string =>
  list.map((n) => NEED_WORDS[n]).join(', ');

/** Who goes, for how long: what each takes out of what is there, and what both parts of the party then lack. */
export function SideTripView({ day }: { day: number }) {
  const { walked } = useTrip();
  const { massUnit } = usePreferences();
  const { digits, show, unit } = useQuantities();
  const limits = useLimits();
  const there = walked.members.filter((m) => isWithParty(m, day));
  const [goes, setGoes] = useState<ReadonlySet<string>>(new Set());
  const [hours, setHours] = useState(4);
  const ids = there.filter((m) => goes.has(m.id)).map((m) => m.id);
  const plan = sideTrip(walked, day, ids, hours);
  const noSack = plan.members.filter((m) => m.isBigPack);
  return (
    <Box flex="1" overflow="auto" px="4" py="3" fontSize="sm">
      <Flex gap="4" align="center" wrap="wrap">
        <Text>On day {day}</Text>
        <Flex gap="3" wrap="wrap" role="group" aria-label="Who goes">
          {there.map((m) => (
            <label key={m.id}>
              <input
                type="checkbox"
                checked={goes.has(m.id)}
                onChange={() => {
                  const next = new Set(goes);
                  if (!next.delete(m.id)) next.add(m.id);
                  setGoes(next);
                }}
              />{' '}
              {m.name}
            </label>
          ))}
        </Flex>
        <Flex gap="2" align="center">
          for
          <Box w="4rem">
            <QuantityInput
              label="Hours of walking"
              value={hours}
              quantity="duration"
              low={0.5}
              high={24}
              readOnly={false}
              onTake={(h) => setHours(h ?? 4)}
            />
          </Box>
          hours of walking
        </Flex>
      </Flex>
      {ids.length === 0 ? (
        <Text mt="4" color="fg.muted">
          Choose who goes: what they take is found in what the party has on this day, in day sacks or in their
          packs, emptied for it.
        </Text>
      ) : (
        <>
          {plan.goersLack.length > 0 && (
            <Text mt="3" color="overload.fg" role="status">
              ▲ Who goes has no {needs(plan.goersLack)}, and nobody carries any to lend.
            </Text>
          )}
          {plan.stayersLack.length > 0 && (
            <Text mt="1" color="overload.fg" role="status">
              ▲ Who stays would be without {needs(plan.stayersLack)}.
            </Text>
          )}
          {noSack.length > 0 && (
            <Text mt="1" role="status">
              No day sack for {noSack.map((m) => m.member.name).join(', ')}: the big pack goes, emptied. One
              with “day sack” in its name, on the lists at Kit, is lighter.
            </Text>
          )}
          <table className="plain-table" style={{ width: '100%', marginTop: 12 }} aria-label="Side trip">
            <thead>
              <tr>
                <th>Who</th>
                <th>Takes</th>
                <th data-end>Water, {unit('liquid')}</th>
                <th data-end>Snacks</th>
                <th>In</th>
                <th data-end>Its own</th>
                <th data-end>In all</th>
                <th data-end>Of limit</th>
              </tr>
            </thead>
            <tbody>
              {plan.members.map((m) => (
                <tr key={m.member.id}>
                  <td>
                    <b>{m.member.name}</b>
                  </td>
                  <td>{m.things.map((t) => t.name).join(', ') || 'nothing of what is looked for'}</td>
                  <td data-end>{digits(m.waterL, 'liquid')}</td>
                  <td data-end>{formatMass(m.snackKg, massUnit)}</td>
                  <td>{m.isBigPack ? `${m.sack}, emptied` : m.sack}</td>
                  <td data-end>{formatMass(m.packKg, massUnit)}</td>
                  <td data-end>
                    <b>{formatMass(m.totalKg, massUnit)}</b>
                  </td>
                  <td data-end data-alarm={m.totalKg > m.limitKg ? '' : undefined}>
                    {m.totalKg > m.limitKg && '▲ '}
                    {limits.percent(m.totalKg / m.limitKg, 0)}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <Text fontSize="xs" color="fg.muted" mt="2" maxW="56rem">
            Of their own: rain gear, warm layers, bottles, light, first aid, navigation, whistle, hat and sun
            cream, shelter. Of the group’s: the lightest first aid, map and shelter that they lack, with
            whoever has most room. Water at {show(walked.waterLPerH, 'liquid')} an hour. Say where you go and
            when you are back.
          </Text>
        </>
      )}
    </Box>
  );
}
