import { Box, Text } from '../theme/chakra';
import { provisions, putLeftover } from '@graft/core/debrief';
import type { Leftover } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { QuantityInput } from '../shared/QuantityInput';
import { useTrip } from '../shared/tripContext';
import { WaterTaken } from '../shared/WaterTaken';
import { useQuantities } from '../shared/useInUnits';

/** Food, fuel and water: taken, left, and what that means by person and day. */
export function LeftOverView() {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const groups = provisions(trip);
  const put = (groupId: string, key: 'foodKg' | 'fuelKg', kg: number | undefined): void =>
    change(key === 'foodKg' ? 'food that was left' : 'fuel that was left', (t) => {
      const old: Leftover = t.leftovers.find((l) => l.groupId === groupId) ?? { groupId };
      const { [key]: _old, ...rest } = old;
      return putLeftover(t, kg === undefined ? rest : { ...rest, [key]: kg });
    });
  const { show } = useQuantities();
  const grams = (g: number | undefined): string => (g === undefined ? '–' : show(g / 1000, 'smallMass'));
  const mass = (kg: number | undefined): string => (kg === undefined ? '–' : formatMass(kg, massUnit));
  return (
    <Box flex="1" overflow="auto" px="4" py="3" fontSize="sm" maxW="70rem">
      <Text fontWeight="600">Food and fuel by cook group</Text>
      {groups.length === 0 ? (
        <Text fontSize="xs" color="fg.muted">
          Nobody cooks together: cook groups are made at People, their meals at Food.
        </Text>
      ) : (
        <table className="plain-table" style={{ width: '100%', marginTop: 6 }} aria-label="Left over">
          <thead>
            <tr>
              <th>Cook group</th>
              <th data-end>Person-days</th>
              <th data-end>Food taken</th>
              <th data-end>Of it left, {massUnit}</th>
              <th data-end>Eaten, a person and day</th>
              <th data-end>Fuel taken</th>
              <th data-end>Reckoned</th>
              <th data-end>Left, {massUnit}</th>
              <th data-end>Burnt</th>
              <th data-end>A person and day</th>
            </tr>
          </thead>
          <tbody>
            {groups.map((g) => (
              <tr key={g.group.id}>
                <td>
                  <b>{g.group.name}</b>
                  {g.notEatenKg > 0 && (
                    <span className="muted">
                      {' '}
                      {formatMass(g.notEatenKg, massUnit)} of meals noted as not eaten
                    </span>
                  )}
                </td>
                <td data-end>{g.personDays}</td>
                <td data-end>{mass(g.foodKg)}</td>
                <td data-end style={{ width: '6.5rem' }}>
                  <QuantityInput
                    label={`Food left of ${g.group.name}`}
                    value={g.foodLeftKg}
                    quantity="mass"
                    low={0}
                    high={200}
                    readOnly={readOnly}
                    onTake={(kg) => put(g.group.id, 'foodKg', kg)}
                  />
                </td>
                <td data-end>
                  <b>{grams(g.eatenGPerDay)}</b>
                </td>
                <td data-end>{mass(g.fuelKg)}</td>
                <td data-end>{mass(g.fuelNeedKg)}</td>
                <td data-end style={{ width: '6.5rem' }}>
                  <QuantityInput
                    label={`Fuel left of ${g.group.name}`}
                    value={g.fuelLeftKg}
                    quantity="mass"
                    low={0}
                    high={20}
                    readOnly={readOnly}
                    onTake={(kg) => put(g.group.id, 'fuelKg', kg)}
                  />
                </td>
                <td data-end>{mass(g.burntKg)}</td>
                <td data-end>
                  <b>{g.burntGPerDay === undefined ? '–' : show(g.burntGPerDay / 1000, 'smallMass', 1)}</b>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <Text fontSize="xs" color="fg.muted" mt="2">
        Food without its packaging, lunches and snacks too. Fuel left: weigh the canisters and take their
        empty weight off. Person-days end for somebody on the day they left the party.
      </Text>
      <Text fontWeight="600" mt="5">
        Water against the plan
      </Text>
      <Box maxW="30rem" mt="1.5">
        <WaterTaken />
      </Box>
      <Text fontSize="xs" color="fg.muted" mt="1">
        Water taken is noted at Trail.
      </Text>
    </Box>
  );
}
