import { Box, Button, Flex, HStack, Tabs, Text } from '../theme/chakra';
import { Plus } from 'lucide-react';
import { Suspense, useMemo, useState } from 'react';
import { dayLengths, daysShortOfWater, insertDay, moveDayMark, takeSuggestedWater } from '@graft/core/route';
import type { Trip } from '@graft/core/trip';
import { FullStation } from '../shared/FullStation';
import { part } from '../shared/part';
import { EditableTable } from '../shared/table/EditableTable';
import { useTrip } from '../shared/tripContext';
import { DayProblems } from './DayProblems';
import { Fold } from '../shared/Fold';
import { legColumns } from './legColumns';
import { TrackImport } from './TrackImport';
import { TripPanel } from './TripPanel';
import { usePreferences } from '../shared/preferences';

const ElevationProfile = part(() => import('./ElevationProfile'), 'ElevationProfile');
const Effort = part(() => import('./Effort'), 'Effort');
const PlanView = part(() => import('./PlanView'), 'PlanView');
const PlacesPanel = part(() => import('./PlacesPanel'), 'PlacesPanel');
const WeatherPanel = part(() => import('./WeatherPanel'), 'WeatherPanel');
const HouseRulesPanel = part(() => import('./HouseRulesPanel'), 'HouseRulesPanel');

const PANELS = [
  ['trip', 'Trip', TripPanel],
  ['places', 'Water and places', PlacesPanel],
  ['weather', 'Weather', WeatherPanel],
  ['rules', 'House rules', HouseRulesPanel],
] as const;

/** The way, its days, water, weather and house rules. */
export function BriefStation() {
  const { trip: current, change, readOnly } = useTrip();
  const [preview, setPreview] = useState<{ readonly of: Trip; readonly trip: Trip } | undefined>();
  // A preview belongs to the trip it was made of; any change makes it stale.
  const trip = preview?.of === current ? preview.trip : current;
  const lengths = useMemo(() => dayLengths(trip), [trip]);
  const { massUnit } = usePreferences();
  const columns = useMemo(
    () => legColumns(trip, lengths, change, massUnit),
    [trip, lengths, change, massUnit],
  );
  const tooDry = useMemo(() => daysShortOfWater(trip), [trip]);
  const [panel, setPanel] = useState<string>('trip');
  return (
    <FullStation>
      {trip.track !== undefined && (
        <Flex bg="bg.panel" borderBottomWidth="1px" minH="190px" direction={{ base: 'column', lg: 'row' }}>
          <Suspense fallback={null}>
            <ElevationProfile
              trip={trip}
              onPreview={(day, km) =>
                setPreview(
                  km === undefined || readOnly
                    ? undefined
                    : { of: current, trip: moveDayMark(current, day, km) },
                )
              }
              onMove={(day, km) => {
                setPreview(undefined);
                change(`end of day ${day}`, (t) => moveDayMark(t, day, km));
              }}
            />
            <PlanView trip={trip} />
          </Suspense>
        </Flex>
      )}
      <Flex flex="1" minH="0" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" overflow="auto" px="4" pt="2" pb="4">
          <EditableTable
            label="Legs"
            columns={columns}
            sections={[{ key: 'legs', rows: trip.legs }]}
            rowKey={(leg) => leg.id}
            rowName={(leg) => leg.name}
          />
          <HStack mt="3" gap="3" align="start" wrap="wrap">
            <Button
              size="xs"
              variant="outline"
              onClick={() => change('add a day', (t) => insertDay(t, t.legs.length))}
            >
              <Plus size={13} /> Add a day
            </Button>
            <TrackImport />
            {tooDry.length > 0 && (
              <Button
                size="xs"
                variant="outline"
                title="▼ marks days that carry less than the driest stretch asks for"
                onClick={() => change('take the suggested water', takeSuggestedWater)}
              >
                Take the suggested water on {tooDry.length === 1 ? 'day' : 'days'} {tooDry.join(', ')}
              </Button>
            )}
          </HStack>
          {trip.track === undefined && (
            <Text mt="2" fontSize="xs" color="fg.muted">
              Type each leg, or import a track: Graft measures the days on it, and you drag their ends.
            </Text>
          )}
          <DayProblems lengths={lengths} />
          <Box mt="5">
            <Fold title="Walking time and effort of each member, with the day’s load">
              <Suspense fallback={null}>
                <Effort trip={trip} />
              </Suspense>
            </Fold>
          </Box>
        </Box>
        <Box
          w={{ base: '100%', lg: '400px' }}
          flexShrink={0}
          borderLeftWidth={{ base: '0', lg: '1px' }}
          overflow="auto"
          px="4"
          pt="2"
          pb="4"
        >
          <Tabs.Root value={panel} onValueChange={(e) => setPanel(e.value)} size="sm" lazyMount unmountOnExit>
            <Tabs.List mb="3">
              {PANELS.map(([id, name]) => (
                <Tabs.Trigger key={id} value={id} px="2" fontSize="xs">
                  {name}
                </Tabs.Trigger>
              ))}
            </Tabs.List>
            {PANELS.map(([id, , Panel]) => (
              <Tabs.Content key={id} value={id} p="0">
                <Suspense fallback={null}>
                  <Panel />
                </Suspense>
              </Tabs.Content>
            ))}
          </Tabs.Root>
        </Box>
      </Flex>
    </FullStation>
  );
}
