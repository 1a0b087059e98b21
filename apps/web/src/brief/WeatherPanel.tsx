import { Box, Button, Flex, Text } from '../theme/chakra';
import { useMutation } from '@tanstack/react-query';
import { useMemo } from 'react';
import { clock, dateOfDay, dayLengths, putLeg, type DayLength } from '@graft/core/route';
import { WEATHER_FIELDS, type DayWeather, type Leg, type WeatherField } from '@graft/core/trip';
import { temperatureShown, temperatureUnit } from '@graft/core/units';
import { campTemperatureC, mergeForecast, overwriteWeather } from '@graft/core/weather';
import { api } from '../shared/api';
import { dayDate, shortDay } from '../shared/dates';
import type { Column } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { ErrorList } from '../shared/ErrorList';
import { checkItem, numberColumn, quantityColumn, yesNoColumn } from '../shared/fields';
import { usePreferences } from '../shared/preferences';
import { useSaving, useTrip } from '../shared/tripContext';
import { Why } from '../shared/Why';
import { useInUnits } from '../shared/useInUnits';

interface Row extends Partial<Omit<DayWeather, 'id'>>, Pick<Leg, 'campElevationM' | 'afterRain'> {
  readonly id: string;
  readonly day: number;
}
const COLUMNS: Readonly<
  Record<WeatherField, { header: string; unit: string; percent?: boolean; width: string }>
> = {
  dayC: { header: 'Day', unit: '°C', width: '66' },
  nightC: { header: 'Night', unit: '°C', width: '72' },
  rainChance: { header: 'Rain', unit: '%', percent: true, width: '62' },
  windKmh: { header: 'Wind', unit: 'km/h', width: '84' },
};

/** The forecast at valley height, the nights at the camps, and daylight. Every value can be overwritten. */
export function WeatherPanel() {
  const { id, trip, change, readOnly } = useTrip();
  const { unsaved } = useSaving();
  const { massUnit } = usePreferences();
  const inUnits = useInUnits();
  const degrees = (c: number): string => temperatureShown(c, massUnit).toFixed(0).replace('-', '−');
  const loading = useMutation({
    mutationFn: () => api.forecast(id),
    onSuccess: (weather) =>
      change('load the forecast', (t) => ({ ...t, weather: mergeForecast(t.weather, weather) })),
  });
  const rows = trip.legs.map((leg, i): Row => {
    const date = dateOfDay(trip.startDate, i + 1);
    const { campElevationM, afterRain } = leg;
    return {
      ...trip.weather.find((w) => w.id === date),
      id: date,
      day: i + 1,
      afterRain,
      ...(campElevationM === undefined ? {} : { campElevationM }),
    };
  });
  /** The row's leg with the values that the row holds. */
  const legOf = ({ day, campElevationM, afterRain }: Row): Leg => {
    const { campElevationM: _old, ...leg } = trip.legs[day - 1]!;
    return { ...leg, afterRain, ...(campElevationM === undefined ? {} : { campElevationM }) };
  };
  const lengths = useMemo(() => dayLengths(trip), [trip]);
  const take = (row: Row, field: WeatherField): void => {
    const value = row[field];
    if (value !== undefined)
      change(`day ${row.day}: ${COLUMNS[field].header.toLowerCase()}`, (t) => ({
        ...t,
        weather: overwriteWeather(t.weather, row.id, field, value),
      }));
  };
  const value = (field: WeatherField): Column<Row> =>
    numberColumn({
      ...COLUMNS[field],
      id: field,
      massUnit,
      decimals: 0,
      check: (row) => {
        const [item] = overwriteWeather([], row.id, field, row[field] ?? 0);
        return checkItem('weather', item);
      },
      save: (row) => take(row, field),
      mark: (row) => (row.byLeader?.includes(field) === true ? '*' : ''),
    });
  const camp: Column<Row> = {
    id: 'camp',
    header: `Night at camp, ${temperatureUnit(massUnit)}`,
    numeric: true,
    width: '70',
    show: (row) => {
      const campM = trip.legs[row.day - 1]!.campElevationM;
      if (row.nightC === undefined || campM === undefined || trip.place === undefined) return '–';
      const valleyM = trip.place.valleyElevationM;
      return (
        <Why
          reason={`${row.nightC.toFixed(0).replace('-', '−')} °C in the valley at ${valleyM} m, and 6.5 °C less for every 1000 m up to ${campM} m (ISO 2533 standard atmosphere). Clear nights in hollows are colder.`}
        >
          {degrees(campTemperatureC(row.nightC, valleyM, campM))}
        </Why>
      );
    },
  };
  const sun = sunColumn(trip.timeZone, lengths);
  const date: Column<Row> = { id: 'date', header: 'Date', show: (row) => shortDay(trip.startDate, row.day) };
  const legField = {
    check: (row: Row) => checkItem('legs', legOf(row)),
    save: (row: Row, field: string) => change(`day ${row.day}: ${field}`, (t) => putLeg(t, legOf(row))),
  };
  const campAt = quantityColumn<Row, 'campElevationM'>({
    ...legField,
    id: 'campElevationM',
    header: 'Camp at',
    quantity: 'height',
    massUnit,
    optional: true,
    width: '72',
  });
  const wet = yesNoColumn<Row, 'afterRain'>({
    ...legField,
    id: 'afterRain',
    header: 'Tents packed',
    yes: 'wet',
    no: 'dry',
    width: '66',
  });
  const sources = [...new Set(trip.weather.flatMap((w) => w.source ?? []))];
  return (
    <Box>
      <EditableTable
        label="Weather"
        columns={[date, ...WEATHER_FIELDS.map(value)]}
        sections={[{ key: 'all', rows }]}
        rowKey={(row) => row.id}
        rowName={(row) => dayDate(trip.startDate, row.day)}
      />
      <Flex mt="3" gap="3" align="center">
        <Button
          size="xs"
          variant="outline"
          disabled={unsaved || readOnly || trip.place === undefined}
          loading={loading.isPending}
          onClick={() => loading.mutate()}
        >
          Load the forecast
        </Button>
        <Text fontSize="xs" color="fg.muted">
          {trip.place === undefined
            ? 'The forecast needs a place: set it under Trip.'
            : `${trip.place.name}, ${inUnits(`${trip.place.valleyElevationM} m`)}.${sources.length > 0 ? ` From: ${sources.join(', ')}.` : ''}`}
        </Text>
      </Flex>
      {loading.isError && (
        <Box mt="2">
          <ErrorList title={loading.error.message} errors={[]} />
        </Box>
      )}
      <Text fontWeight="600" mt="5">
        At the camps
      </Text>
      <EditableTable
        label="Camps"
        columns={[date, campAt, camp, wet, sun]}
        sections={[{ key: 'all', rows }]}
        rowKey={(row) => row.id}
        rowName={(row) => dayDate(trip.startDate, row.day)}
      />
      <Text mt="3" fontSize="xs" color="fg.muted">
        * your own value: a new forecast leaves it alone. Type over any value. The forecast that comes with
        Graft is simulated: check a real one before you leave.
      </Text>
    </Box>
  );
}

/** Sunrise and sunset where a place is known. */
function sunColumn(timeZone: string, lengths: readonly DayLength[]): Column<Row> {
  return {
    id: 'sun',
    header: 'Sun',
    numeric: true,
    width: '96',
    show: (row) => {
      const { sunriseH, sunsetH, daylightH } = lengths[row.day - 1]!;
      if (daylightH === undefined) return '–';
      return (
        <Why reason={`${daylightH.toFixed(1)} h between sunrise and sunset, local time (${timeZone}).`}>
          {sunriseH === undefined || sunsetH === undefined
            ? `${daylightH} h`
            : `${clock(sunriseH)}–${clock(sunsetH)}`}
        </Why>
      );
    },
  };
}
