import { Box, Button, Flex, Text } from '../theme/chakra';
import { useMemo } from 'react';
import { LIMIT_POLICIES } from '@graft/core/limits';
import { clock, dayLength, type DayLength } from '@graft/core/route';
import { isIsoDate } from '@graft/core/schema';
import {
  FOOD_STORAGES,
  freshId,
  LIMIT_POLICY_IDS,
  TEMPLATES,
  TRIP_STYLES,
  type Place,
  type Supply,
} from '@graft/core/trip';
import { Fold } from '../shared/Fold';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, choiceColumn, textColumn } from '../shared/fields';
import { ChoiceEntry, TextEntry } from '../shared/FieldEntry';
import { RemoveButton } from '../shared/RemoveButton';
import { readNumber, setField, takeQuantity } from '../shared/tripFields';
import { useTrip } from '../shared/tripContext';
import { FOOD_STORAGE_WORDS, optionsOf, SUPPLY_WORDS } from '../shared/words';
import { CalendarTools } from './CalendarTools';
import { useInUnits, useQuantities } from '../shared/useInUnits';

/** Name, dates, place and rules of the trip as a whole. */
export function TripPanel() {
  const { trip, change } = useTrip();
  const inUnits = useInUnits();
  const { unit, read, exact } = useQuantities();
  const zones = useMemo(() => Intl.supportedValuesOf('timeZone'), []);
  return (
    <Flex direction="column" gap="3">
      <TextEntry
        label="Name"
        value={trip.name}
        take={(text) => setField(change, 'name', text.trim(), 'the trip’s name')}
      />
      <Flex gap="3">
        <TextEntry
          label="First day"
          type="date"
          w="9rem"
          value={trip.startDate}
          take={(text) =>
            isIsoDate(text)
              ? setField(change, 'startDate', text, 'the first day')
              : `expected a date, got "${text}"`
          }
        />
        <TextEntry
          label="Time zone"
          value={trip.timeZone}
          list={zones}
          take={(text) => setField(change, 'timeZone', text.trim(), 'the time zone')}
        />
      </Flex>
      <CalendarTools />
      <Flex gap="3">
        <ChoiceEntry
          label="Style"
          value={trip.style}
          options={TRIP_STYLES.map((s) => [s, TEMPLATES[s].name] as const)}
          onChoose={(value) =>
            setField(
              change,
              'style',
              TRIP_STYLES.find((s) => s === value),
              'the style',
            )
          }
        />
        <ChoiceEntry
          label="Food at night"
          value={trip.foodStorage}
          options={optionsOf(FOOD_STORAGE_WORDS)}
          onChoose={(value) =>
            setField(
              change,
              'foodStorage',
              FOOD_STORAGES.find((s) => s === value),
              'food at night',
            )
          }
        />
      </Flex>
      <PlaceFields />
      <Fold title="What days and loads are measured by">
        <Flex direction="column" gap="3" pt="1">
          <Flex gap="3">
            <TextEntry
              label="Sets off at"
              type="time"
              value={trip.setOff}
              take={(text) => setField(change, 'setOff', text, 'setting off')}
            />
            <TextEntry
              label="Longest day, h"
              value={String(trip.longestDayH)}
              take={(text) => takeQuantity(change, 'longestDayH', read(text, 'duration'), 'the longest day')}
            />
            <TextEntry
              label={`Drinks, ${unit('liquid')}/h`}
              value={exact(trip.waterLPerH, 'liquid')}
              take={(text) => takeQuantity(change, 'waterLPerH', read(text, 'liquid'), 'water an hour')}
            />
          </Flex>
          <Text fontSize="xs" color="fg.muted">
            {inUnits(
              'Longest day: walking time of the slowest member, without breaks. Water: 0.5 L an hour is a start, more in heat.',
            )}
          </Text>
          <Flex gap="3">
            <ChoiceEntry
              label="Carry limits by"
              value={trip.limitPolicy}
              options={LIMIT_POLICY_IDS.map((id) => [id, LIMIT_POLICIES[id].name] as const)}
              onChoose={(value) =>
                setField(
                  change,
                  'limitPolicy',
                  LIMIT_POLICY_IDS.find((s) => s === value),
                  'how limits are set',
                )
              }
            />
          </Flex>
          <Text fontSize="xs" color="fg.muted">
            {inUnits(LIMIT_POLICIES[trip.limitPolicy].about)}
          </Text>
        </Flex>
      </Fold>
      <Supplies />
      <TextEntry
        label="Notes"
        long
        value={trip.notes ?? ''}
        take={(text) => setField(change, 'notes', text.trim() === '' ? undefined : text, 'notes')}
      />
    </Flex>
  );
}

/** Latitude and longitude make sense together only: the place is there once both can be read. */
function PlaceFields() {
  const { exact, read, unit } = useQuantities();
  const { trip, change } = useTrip();
  const { place } = trip;
  const set = (part: Partial<Place>) =>
    setField(
      change,
      'place',
      {
        ...(place ?? { name: trip.name.slice(0, 120), latitudeDeg: 0, longitudeDeg: 0, valleyElevationM: 0 }),
        ...part,
      },
      'the place',
    );
  const number = (key: 'latitudeDeg' | 'longitudeDeg', label: string) => (
    <TextEntry
      label={label}
      value={place === undefined ? '' : String(place[key])}
      take={(text) => {
        const value = readNumber(text);
        return value === undefined ? `expected a number, got "${text}"` : set({ [key]: value });
      }}
    />
  );
  const light: DayLength | undefined = place === undefined ? undefined : dayLength(trip, 1);
  const track = trip.track;
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" pt="2">
      <TextEntry
        label="Place"
        value={place?.name ?? ''}
        take={(text) => (text.trim() === '' ? 'expected a name' : set({ name: text.trim() }))}
      />
      <Flex mt="1.5" gap="3" align="center" fontSize="xs" color="fg.muted">
        <Box flex="1">
          {light === undefined
            ? 'A place gives daylight and the forecast.'
            : light.sunriseH === undefined || light.sunsetH === undefined
              ? `${light.daylightH ?? 0} h of daylight on day 1.`
              : `Day 1: sun up ${clock(light.sunriseH)}, down ${clock(light.sunsetH)}, ${(light.daylightH ?? 0).toFixed(1)} h (${trip.timeZone}).`}
        </Box>
      </Flex>
      <Fold title="Where that is">
        <Flex gap="3" mt="2">
          {number('latitudeDeg', 'Latitude, ° north')}
          {number('longitudeDeg', 'Longitude, ° east')}
          <TextEntry
            label={`Valley at, ${unit('height')}`}
            value={place === undefined ? '' : exact(place.valleyElevationM, 'height')}
            take={(text) => {
              const parsed = read(text, 'height');
              return parsed.ok ? set({ valleyElevationM: parsed.value }) : parsed.error;
            }}
          />
        </Flex>
        <Flex mt="2">
          {' '}
          {track !== undefined && (
            <Button
              size="xs"
              variant="outline"
              onClick={() =>
                set({
                  latitudeDeg: track.latitudeDeg[0]!,
                  longitudeDeg: track.longitudeDeg[0]!,
                  ...(track.elevationM === undefined
                    ? {}
                    : { valleyElevationM: Math.round(Math.min(...track.elevationM)) }),
                })
              }
            >
              From the track
            </Button>
          )}
        </Flex>
      </Fold>
    </Box>
  );
}

/** What the destination supplies, and whether it is any good. */
function Supplies() {
  const { trip, change } = useTrip();
  const put = (supply: Supply) =>
    change(`supply: ${supply.name}`, (t) => ({
      ...t,
      supplies: t.supplies.some((s) => s.id === supply.id)
        ? t.supplies.map((s) => (s.id === supply.id ? supply : s))
        : [...t.supplies, supply],
    }));
  const common = { check: (s: Supply) => checkItem('supplies', s), save: put };
  return (
    <Box borderTopWidth="1px" borderColor="border.muted" pt="2">
      <Text fontWeight="600" mb="1">
        What the destination supplies
      </Text>
      {trip.supplies.length > 0 && (
        <EditableTable
          label="Supplies"
          columns={[
            textColumn({ ...common, id: 'name', header: 'What, where' }),
            choiceColumn({
              ...common,
              id: 'state',
              header: 'How good',
              options: optionsOf(SUPPLY_WORDS),
              width: '112',
            }),
            {
              id: 'remove',
              header: '',
              width: '34',
              show: (s: Supply) => (
                <RemoveButton
                  name={s.name}
                  onClick={() =>
                    change(`remove ${s.name}`, (t) => ({
                      ...t,
                      supplies: t.supplies.filter((o) => o.id !== s.id),
                    }))
                  }
                />
              ),
            },
          ]}
          sections={[{ key: 'all', rows: trip.supplies }]}
          rowKey={(s) => s.id}
          rowName={(s) => s.name}
        />
      )}
      <Button
        size="xs"
        variant="outline"
        mt="2"
        onClick={() =>
          put({
            id: freshId(
              'supply',
              trip.supplies.map((s) => s.id),
            ),
            name: 'Gas, water, meals …',
            state: 'ask',
          })
        }
      >
        Add a supply
      </Button>
    </Box>
  );
}
