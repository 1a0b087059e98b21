import { Box, Button, Flex, Text } from '../theme/chakra';
import { dayOfPlace, dayStretches, waterByDay } from '@graft/core/route';
import {
  allPieces,
  freshId,
  kitOf,
  putPiece,
  putWaypoint,
  type Piece,
  type Waypoint,
} from '@graft/core/trip';
import type { Column } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, choiceColumn, quantityColumn, textColumn } from '../shared/fields';
import { digitsShown, formatMass, parseQuantity, unitShown } from '@graft/core/units';
import { ChoiceEntry, TextEntry } from '../shared/FieldEntry';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { optionsOf, RELIANCE_WORDS, WAYPOINT_WORDS } from '../shared/words';
import { useInUnits } from '../shared/useInUnits';
import { usePreferences } from '../shared/preferences';

/** Water, resupply and other places along the way, the dry stretches between, and kit that joins or leaves. */
export function PlacesPanel() {
  const inUnits = useInUnits();
  const { massUnit } = usePreferences();
  const { trip, change } = useTrip();
  const stretches = dayStretches(trip);
  const lengthKm = stretches[stretches.length - 1]?.toKm ?? 0;
  const common = {
    check: (w: Waypoint) => checkItem('waypoints', w),
    save: (w: Waypoint) => change(`place: ${w.name}`, (t) => putWaypoint(t, w)),
  };
  const columns: readonly Column<Waypoint>[] = [
    textColumn({ ...common, id: 'name', header: 'Place' }),
    choiceColumn({ ...common, id: 'kind', header: 'What', options: optionsOf(WAYPOINT_WORDS), width: '76' }),
    quantityColumn({
      ...common,
      id: 'atKm',
      header: 'At',
      quantity: 'distance',
      massUnit,
      width: '54',
    }),
    choiceColumn({
      ...common,
      id: 'reliance',
      header: 'Reliance',
      options: optionsOf(RELIANCE_WORDS),
      width: '70',
    }),
    {
      id: 'remove',
      header: '',
      width: '32',
      show: (w) => (
        <RemoveButton
          name={w.name}
          onClick={() =>
            change(`remove ${w.name}`, (t) => ({ ...t, waypoints: t.waypoints.filter((o) => o.id !== w.id) }))
          }
        />
      ),
    },
  ];
  return (
    <Box>
      {trip.waypoints.length === 0 ? (
        <Text fontSize="xs" color="fg.muted">
          Add springs, streams, shops and camps’ water with their distance from the start. Only sure water
          counts when Graft looks for dry stretches.
        </Text>
      ) : (
        <EditableTable
          label="Places"
          columns={columns}
          sections={[{ key: 'all', rows: trip.waypoints }]}
          rowKey={(w) => w.id}
          rowName={(w) => w.name}
        />
      )}
      <Button
        size="xs"
        variant="outline"
        mt="2"
        onClick={() =>
          change('add a place', (t) =>
            putWaypoint(t, {
              id: freshId(
                'place',
                t.waypoints.map((w) => w.id),
              ),
              name: 'Water',
              kind: 'water',
              atKm: Math.round(lengthKm * 5) / 10,
              reliance: 'unsure',
            }),
          )
        }
      >
        Add a place
      </Button>
      <Caches />
      <Text fontWeight="600" mt="5" mb="1">
        Longest stretch without sure water
      </Text>
      {waterByDay(trip).map((w) => (
        <Text key={w.day} fontSize="xs">
          {inUnits(
            `Day ${w.day}: ${w.hours.toFixed(1)} h, km ${w.fromKm.toFixed(1)} to ${w.toKm.toFixed(1)} → ${w.waterL} L of water` +
              (w.fromCachesL > 0 ? `, and ${w.fromCachesL.toFixed(1)} L each from the cache` : '') +
              (w.dryCamp ? `; dry camp → ${w.campWaterL} L more` : ''),
          )}
          {w.waterL + w.campWaterL > 0 && `; full at ${w.fillAt}`}
        </Text>
      ))}
      {trip.waypoints
        .filter((w) => w.kind === 'resupply' || w.kind === 'handIn')
        .map((w) => (
          <KitAtPlace key={w.id} place={w} day={dayOfPlace(trip, w.atKm)} />
        ))}
    </Box>
  );
}

/** Litres that a new cache is entered with, before anybody says. */
const FIRST_CACHE_L = 6;

/** Water that the party lays beforehand: where, and how much. */
function Caches() {
  const inUnits = useInUnits();
  const { massUnit } = usePreferences();
  const { trip, change } = useTrip();
  const places = trip.waypoints.filter((w) => w.kind === 'water');
  const laid = places.filter((w) => w.cacheL !== undefined);
  const dry = places.filter((w) => w.cacheL === undefined);
  const put = (place: Waypoint, cacheL: number | undefined): string | undefined => {
    const { cacheL: _before, ...rest } = place;
    const next: Waypoint = cacheL === undefined ? rest : { ...rest, cacheL };
    const error = checkItem('waypoints', next);
    if (error === undefined) change(`cache at ${place.name}`, (t) => putWaypoint(t, next));
    return error;
  };
  if (places.length === 0) return null;
  return (
    <Box mt="5">
      <Text fontWeight="600" mb="1">
        Water laid beforehand
      </Text>
      {laid.map((w) => (
        <Flex key={w.id} fontSize="xs" align="end" gap="2" mb="1">
          <TextEntry
            label={`Cache at ${w.name}, ${inUnits(`km ${w.atKm.toFixed(1)}`)}`}
            w="12rem"
            value={`${digitsShown(w.cacheL!, 'liquid', massUnit)} ${unitShown('liquid', massUnit).unit}`}
            take={(text) => {
              const parsed = parseQuantity(text, 'volume', unitShown('liquid', massUnit).bare);
              return parsed.ok ? put(w, parsed.value) : parsed.error;
            }}
          />
          <RemoveButton name={`the cache at ${w.name}`} onClick={() => void put(w, undefined)} />
        </Flex>
      ))}
      {dry.length > 0 && (
        <ChoiceEntry
          label="A cache at a place holds what you lay there, and no more"
          value=""
          options={[['', 'lay water at …'], ...dry.map((w) => [w.id, w.name] as const)]}
          onChoose={(id) => {
            const place = dry.find((w) => w.id === id);
            if (place !== undefined) put(place, FIRST_CACHE_L);
          }}
        />
      )}
    </Box>
  );
}

/** Pieces that join the party at a resupply, or leave it at a hand-in. */
function KitAtPlace({ place, day }: { place: Waypoint; day: number }) {
  const { massUnit } = usePreferences();
  const { trip, change } = useTrip();
  const joins = place.kind === 'resupply';
  const key = joins ? 'fromDay' : 'toDay';
  const pieces = allPieces(trip);
  const here = pieces.filter((p) => p[key] === day);
  const others = pieces.filter((p) => p[key] !== day);
  const set = (piece: Piece, value: number | undefined): void => {
    const kit = kitOf(trip, piece.id)!;
    change(`${piece.name}: ${joins ? 'joins' : 'leaves'} at ${place.name}`, (t) => {
      const { [key]: _old, ...rest } = piece;
      return putPiece(t, kit.id, value === undefined ? rest : { ...rest, [key]: value });
    });
  };
  return (
    <Box mt="5">
      <Text fontWeight="600">
        {joins ? 'Joins' : 'Leaves'} on day {day}: {place.name}
      </Text>
      {here.map((piece) => (
        <Box key={piece.id} fontSize="xs" display="flex" alignItems="center" gap="2">
          <Box flex="1">
            {piece.name}, {formatMass(piece.massKg, massUnit)}
          </Box>
          <Button size="2xs" variant="ghost" onClick={() => set(piece, undefined)}>
            {joins ? 'From the start' : 'To the end'}
          </Button>
        </Box>
      ))}
      {others.length > 0 && (
        <ChoiceEntry
          label={joins ? 'What else joins here' : 'What else leaves here'}
          value=""
          options={[['', 'choose a piece'], ...others.map((p) => [p.id, p.name] as const)]}
          onChoose={(id) => {
            const piece = others.find((p) => p.id === id);
            if (piece !== undefined) set(piece, day);
          }}
        />
      )}
    </Box>
  );
}
