import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useCallback, useEffect, useState } from 'react';
import { bottleMethodL } from '@graft/core/lists';
import { putThings, type PersonalThing, type Piece } from '@graft/core/trip';
import { formatMass, parseQuantity } from '@graft/core/units';
import { api } from '../shared/api';
import { today } from '../shared/dates';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { checkRow } from './kitRows';
import { useScale } from './useScale';
import { useQuantities } from '../shared/useInUnits';
import { typeInstead } from '../shared/typeInstead';

/** The bench scale: its stable value goes into the row that has the focus. And volumes by the bottle method. */
export function WeighPanel({ focused }: { focused: Piece | PersonalThing | undefined }) {
  const { show, unit } = useQuantities();
  const fine = (kg: number): string => show(kg, 'mass', 3);
  const { trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const { info, problem, state, lost } = useScale();
  const [told, setTold] = useState('');
  const row = focused?.madeBy === undefined ? focused : undefined;
  const stableKg = state.kind === 'stable' ? state.massKg : undefined;

  const take = useCallback((): void => {
    if (row === undefined || stableKg === undefined) return;
    const next = { ...row, massKg: stableKg, massEstimated: false, measuredOn: today() };
    const error = checkRow(next, trip.legs.length);
    if (error !== undefined) {
      setTold(error);
      return;
    }
    change(`weigh ${row.name}`, (t) => putThings(t, [next]));
    setTold(`${row.name} weighs ${formatMass(stableKg, massUnit)}.`);
  }, [row, stableKg, trip.legs.length, change, massUnit]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (!event.altKey || event.code !== 'KeyW') return;
      event.preventDefault();
      if (stableKg === undefined) setTold('The scale has not settled yet.');
      take();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [take, stableKg]);

  const words = {
    silent: 'no readings',
    overload: 'too much for it',
    settling: 'settling …',
    empty: 'nothing on the pan',
    stable: 'stable',
  }[state.kind];
  return (
    <Box pt="2">
      <Text fontSize="xs" color="fg.muted">
        {problem ??
          (info === undefined
            ? 'Looking for the scale …'
            : `${info.name}, up to ${formatMass(info.capacityKg, massUnit)}`)}
      </Text>
      <Flex align="baseline" gap="3" py="2" role="status" aria-label="Reading">
        <Text
          fontSize="3xl"
          fontFamily="heading"
          fontWeight="600"
          lineHeight="1"
          color={state.kind === 'stable' ? 'fg' : 'fg.muted'}
        >
          {'massKg' in state ? fine(state.massKg) : `— ${unit('mass')}`}
        </Text>
        <Text>{words}</Text>
      </Flex>
      {lost > 0 && (
        <Text fontSize="xs" color="fg.muted">
          {lost} readings were lost on the way; a mass is only taken from three in a row.
        </Text>
      )}
      <Flex gap="2" wrap="wrap">
        <Button
          size="xs"
          disabled={row === undefined || stableKg === undefined}
          onClick={take}
          whiteSpace="normal"
          h="auto"
          py="1"
        >
          {row === undefined
            ? 'Go to a row to weigh it'
            : stableKg === undefined
              ? `Weigh ${row.name}`
              : `Take ${fine(stableKg)} for ${row.name}`}
        </Button>
        <Button
          size="xs"
          variant="outline"
          disabled={info === undefined}
          onClick={() => {
            api
              .tareScale()
              .catch((error: unknown) => setTold(error instanceof Error ? error.message : String(error)));
          }}
        >
          Tare
        </Button>
      </Flex>
      <Text fontSize="xs" color="fg.muted" pt="1">
        Alt+W takes the weight while you stay in the table.
      </Text>
      {told !== '' && (
        <Text role="status" fontSize="xs" pt="1">
          {told}
        </Text>
      )}
      {info?.simulated === true && <Hands estimateKg={row?.massKg} />}
      <Bottles row={row} />
    </Box>
  );
}

/** A simulated scale has nobody who puts things on it. */
function Hands({ estimateKg }: { estimateKg: number | undefined }) {
  const { show } = useQuantities();
  const { massUnit } = usePreferences();
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>();
  const load = async (kg: number): Promise<void> => {
    try {
      await api.loadScale(kg);
      setError(undefined);
    } catch (problem) {
      setError(problem instanceof Error ? problem.message : String(problem));
    }
  };
  const put = (): void => {
    const parsed = parseQuantity(text, 'mass', massUnit);
    if (parsed.ok) void load(parsed.value);
    else setError(parsed.error);
  };
  return (
    <Box mt="3" p="2" borderWidth="1px" borderStyle="dashed">
      <Text fontSize="xs" color="fg.muted">
        The scale is simulated: put something on its pan.
      </Text>
      <Flex gap="2" pt="1">
        <Input
          size="xs"
          w="7rem"
          aria-label="Put on the pan"
          placeholder={estimateKg === undefined ? show(0.64, 'smallMass') : formatMass(estimateKg, massUnit)}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && put()}
        />
        <Button size="xs" variant="outline" onClick={put}>
          Put on
        </Button>
        <Button size="xs" variant="ghost" onClick={() => void load(0)}>
          Take off
        </Button>
      </Flex>
      {error !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg">
          {typeInstead(error)}
        </Text>
      )}
    </Box>
  );
}

/** How many litres fill it: bottles of water poured in, and the rest. */
function Bottles({ row }: { row: Piece | PersonalThing | undefined }) {
  const { trip, change } = useTrip();
  const { read: readQuantity, show } = useQuantities();
  const [bottle, setBottle] = useState(show(1, 'liquid', 0));
  const [count, setCount] = useState('2');
  const [rest, setRest] = useState('0');
  const [error, setError] = useState<string | undefined>();
  const read = (): { ok: true; litres: number } | { ok: false; error: string } => {
    const size = readQuantity(bottle, 'liquid');
    if (!size.ok) return size;
    const over = readQuantity(rest.trim() === '' ? '0' : rest, 'liquid');
    if (!over.ok) return over;
    const bottles = Number(count);
    if (!Number.isInteger(bottles) || bottles < 0 || bottles > 200)
      return { ok: false, error: `expected a whole number of bottles from 0 to 200, got "${count}"` };
    return { ok: true, litres: bottleMethodL(size.value, bottles, over.value) };
  };
  const now = read();
  const problem = now.ok ? error : now.error;
  const take = (): void => {
    if (!now.ok || row === undefined) return;
    const next = { ...row, volumeL: Math.round(now.litres * 1000) / 1000 };
    const wrong = checkRow(next, trip.legs.length);
    setError(wrong);
    if (wrong === undefined) change(`volume of ${row.name}`, (t) => putThings(t, [next]));
  };
  const field = (label: string, value: string, set: (text: string) => void, w: string) => (
    <Box>
      <Text fontSize="xs" color="fg.muted">
        {label}
      </Text>
      <Input size="xs" w={w} aria-label={label} value={value} onChange={(e) => set(e.target.value)} />
    </Box>
  );
  return (
    <Box mt="4">
      <Text fontWeight="600">Volume by bottles</Text>
      <Text fontSize="xs" color="fg.muted">
        Stuff it into a bag, then see how much water fills the same bag to the same mark.
      </Text>
      <Flex gap="2" align="end" pt="1">
        {field('A bottle', bottle, setBottle, '4.5rem')}
        {field('Full ones', count, setCount, '4rem')}
        {field('And over', rest, setRest, '4.5rem')}
        <Button size="xs" variant="outline" disabled={row === undefined || !now.ok} onClick={take}>
          {now.ok ? `Take ${show(now.litres, 'volume')}` : 'Take'}
        </Button>
      </Flex>
      {problem !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg">
          {typeInstead(problem)}
        </Text>
      )}
    </Box>
  );
}
