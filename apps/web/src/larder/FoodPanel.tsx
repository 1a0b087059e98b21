import { Box, Button, Checkbox, Flex, Input, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import {
  checkedPickups,
  energyByDay,
  putMeal,
  putPickup,
  removeMeal,
  removePickup,
  snackStretches,
  suggestedPickups,
} from '@graft/core/larder';
import { ITEM_SCHEMAS, schemaErrors } from '@graft/core/schema';
import {
  freshId,
  PICKUP_KINDS,
  putMember,
  type Dish,
  type Meal,
  type Member,
  type Pickup,
} from '@graft/core/trip';
import { formatMass, type Parsed, type Shown } from '@graft/core/units';
import type { Column } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, quantityColumn } from '../shared/fields';
import { TextEntry } from '../shared/FieldEntry';
import { usePreferences } from '../shared/preferences';
import { readNumber } from '../shared/tripFields';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';
import { Select } from '../shared/Select';
import { EnergyChart } from './EnergyChart';
import { LarderChoice, LarderNumber } from './larderFields';
import { useQuantities } from '../shared/useInUnits';
import { typeInstead } from '../shared/typeInstead';

/** The chosen meal, snacks, energy by day and member, pick-ups on the way. */
export function FoodPanel({ meal }: { meal: Meal | undefined }) {
  return (
    <Box pt="3">
      {meal !== undefined && <MealDetail key={meal.id} meal={meal} />}
      <Flex gap="2" wrap="wrap">
        <LarderChoice
          field="parcels"
          label="Food is shared"
          w="9rem"
          options={[
            ['day', 'by the day'],
            ['meal', 'by the meal'],
          ]}
        />
        <LarderChoice
          field="spareDay"
          label="Spare day"
          w="8rem"
          options={[
            [false, 'none'],
            [true, 'one day more'],
          ]}
        />
      </Flex>
      <Flex gap="2" pt="2" wrap="wrap">
        <LarderNumber
          field="snackGPerDay"
          label="Snacks a day each"
          w="8.5rem"
          is={{ kind: 'smallMass', perKept: 1000 }}
        />
        <LarderNumber field="snackKcalPerG" label="Their energy" is="kcal/g" w="7.5rem" />
        <LarderNumber
          field="snackCapKg"
          label="At most at once"
          w="7.5rem"
          is={{ kind: 'mass', perKept: 1 }}
        />
      </Flex>
      <Energy />
      <Pickups />
    </Box>
  );
}

const DISH_FIELDS: readonly (readonly [
  key: keyof Omit<Dish, 'name' | 'form'>,
  label: string,
  kind: Shown | undefined,
  perKept: number,
])[] = [
  ['gPerServing', 'A serving', 'smallMass', 1000],
  ['kcalPerServing', 'Energy', undefined, 1],
  ['packagingG', 'Packaging', 'smallMass', 1000],
  ['volumeL', 'Packed', 'volume', 1],
  ['boilL', 'Boiled water', 'liquid', 1],
  ['potL', 'In the pot', 'liquid', 1],
];

function MealDetail({ meal }: { meal: Meal }) {
  const { exact, read, unit } = useQuantities();
  const { trip, change, readOnly } = useTrip();
  const group = trip.groups.find((g) => g.id === meal.groupId);
  return (
    <Box pb="3" mb="3" borderBottomWidth="1px">
      <Flex align="baseline" gap="2">
        <Text fontWeight="600" flex="1">
          {meal.dish.name}
        </Text>
        <Button
          size="2xs"
          variant="ghost"
          disabled={readOnly}
          onClick={() => change(`remove ${meal.dish.name}`, (t) => removeMeal(t, meal.id))}
        >
          Remove
        </Button>
      </Flex>
      <Text fontSize="xs" color="fg.muted" pb="1">
        {meal.kind}, day {meal.day}, {group?.name}; {meal.dish.form}. Changed here it changes for this meal
        only.
      </Text>
      <Flex gap="2" wrap="wrap">
        {DISH_FIELDS.map(([key, label, kind, perKept]) => (
          <TextEntry
            key={key}
            label={label}
            w="7.2rem"
            value={
              kind === undefined
                ? `${meal.dish[key]} kcal`
                : `${exact(meal.dish[key] / perKept, kind)} ${unit(kind)}`
            }
            take={(text) => {
              const parsed = kind === undefined ? readKcal(text) : read(text, kind);
              if (!parsed.ok) return parsed.error;
              const next = { ...meal, dish: { ...meal.dish, [key]: parsed.value * perKept } };
              const error = schemaErrors(ITEM_SCHEMAS.meals, next)[0]?.message;
              if (error === undefined)
                change(`${meal.dish.name}: ${label.toLowerCase()}`, (t) => putMeal(t, next));
              return error;
            }}
          />
        ))}
      </Flex>
    </Box>
  );
}

function readKcal(text: string): Parsed {
  const value = readNumber(text.replace(/[^\d.,].*$/, ''));
  return value === undefined
    ? { ok: false, error: `expected a number in kcal, got "${text}"` }
    : { ok: true, value };
}

function Energy() {
  const { trip, change } = useTrip();
  const { hideWeights, massUnit } = usePreferences();
  const [memberId, setMemberId] = useState<string | undefined>();
  const member = trip.members.find((m) => m.id === memberId) ?? trip.members[0];
  const columns = useMemo((): readonly Column<Member>[] => {
    const totals = (m: Member): { need: number; carried: number } => {
      const days = energyByDay(trip, m);
      return {
        need: days.reduce((sum, d) => sum + d.needKcal, 0) / days.length,
        carried: days.reduce((sum, d) => sum + d.carriedKcal, 0) / days.length,
      };
    };
    return [
      { id: 'name', header: 'Member', width: '90', show: (m) => m.name },
      {
        id: 'need',
        header: 'Need, kcal/day',
        numeric: true,
        width: '78',
        // The need gives the body weight away.
        show: (m) => (hideWeights ? '···' : String(Math.round(totals(m).need / 10) * 10)),
      },
      {
        id: 'carried',
        header: 'Carried',
        numeric: true,
        width: '70',
        show: (m) => String(Math.round(totals(m).carried / 10) * 10),
      },
      {
        id: 'share',
        header: 'Covered',
        numeric: true,
        width: '70',
        show: (m) => {
          const { need, carried } = totals(m);
          return hideWeights ? '···' : `${Math.round((carried / need) * 100)} %`;
        },
      },
      quantityColumn<Member, 'snackGPerDay'>({
        id: 'snackGPerDay',
        header: 'Own snacks',
        quantity: 'smallMass',
        perKept: 1000,
        massUnit,
        optional: true,
        width: '84',
        check: (m) => checkItem('members', m),
        save: (m, field) => change(`${m.name}: ${field}`, (t) => putMember(t, m)),
      }),
    ];
  }, [trip, change, hideWeights, massUnit]);
  if (member === undefined) return null;
  const cut = trip.members.flatMap((m) =>
    snackStretches(trip, m)
      .filter((s) => s.cutKg > 0.0005)
      .map((s) => ({ m, s })),
  );
  return (
    <Box pt="4">
      <Text fontWeight="600">Energy</Text>
      <Text fontSize="xs" color="fg.muted">
        7 MET while walking with a pack, 1 MET else (Compendium of Physical Activities 2011); an estimate, a
        few days of less are common.
      </Text>
      {cut.length > 0 && (
        <Text fontSize="xs" pt="1">
          The cap leaves snacks at home: {formatMass(cut[0]!.s.cutKg, massUnit)} on days {cut[0]!.s.fromDay}–
          {cut[0]!.s.toDay}
          {cut.length > 1 &&
            `, and for ${counted(cut.length - 1, 'more stretch').replace('stretchs', 'stretches')}`}
          .
        </Text>
      )}
      <Box pt="2">
        <EditableTable
          label="Energy by member"
          columns={columns}
          rowKey={(m) => m.id}
          rowName={(m) => m.name}
          sections={[{ key: 'members', rows: trip.members }]}
          chosen={member.id}
          onReach={(m) => setMemberId(m.id)}
        />
      </Box>
      {!hideWeights && <EnergyChart member={member} />}
    </Box>
  );
}

function Pickups() {
  const { trip, change, readOnly } = useTrip();
  const [day, setDay] = useState('2');
  const [name, setName] = useState('');
  const [kind, setKind] = useState<Pickup['kind']>('resupply');
  const [error, setError] = useState<string | undefined>();
  const suggested = suggestedPickups(trip);
  const put = (pickup: Pickup): void => {
    const [wrong] = checkedPickups(trip, pickup);
    setError(wrong?.message);
    if (wrong === undefined) {
      change(`pick-up: ${pickup.name}`, (t) => putPickup(t, pickup));
      setName('');
    }
  };
  const newId = (text: string): string =>
    freshId(
      text === '' ? 'pick-up' : text,
      trip.pickups.map((p) => p.id),
    );
  return (
    <Box pt="4">
      <Text fontWeight="600">Picked up on the way</Text>
      <Text fontSize="xs" color="fg.muted">
        Dinner of that day and what comes after it joins there; its lunch is carried in.
      </Text>
      {trip.pickups.map((p) => (
        <Flex
          key={p.id}
          gap="2"
          align="center"
          py="1"
          borderBottomWidth="1px"
          borderColor="border.muted"
          wrap="wrap"
        >
          <Text flex="1">
            Day {p.day}: {p.name} ({p.kind})
          </Text>
          {(
            [
              ['fuel', 'fuel too'],
              ['takesWaste', 'leaves packaging'],
            ] as const
          ).map(([key, label]) => (
            <Checkbox.Root
              key={key}
              size="sm"
              checked={p[key]}
              disabled={readOnly}
              onCheckedChange={({ checked }) => put({ ...p, [key]: checked === true })}
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control />
              <Checkbox.Label fontSize="xs">{label}</Checkbox.Label>
            </Checkbox.Root>
          ))}
          <RemoveButton
            name={p.name}
            onClick={() => change(`remove ${p.name}`, (t) => removePickup(t, p.id))}
          />
        </Flex>
      ))}
      {suggested.map((s) => (
        <Button
          key={s.name}
          mt="2"
          size="2xs"
          variant="outline"
          disabled={readOnly}
          onClick={() => put({ id: newId(s.name), ...s, kind: 'resupply', fuel: false, takesWaste: false })}
        >
          Take {s.name}, day {s.day}
        </Button>
      ))}
      <Flex gap="2" pt="2" align="end">
        <Input
          size="xs"
          w="4rem"
          aria-label="Day of the pick-up"
          value={day}
          onChange={(e) => setDay(e.target.value)}
        />
        <Input
          size="xs"
          aria-label="Name of the pick-up"
          placeholder="Box at the ford"
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Select
          label="Kind of pick-up"
          w="8rem"
          value={kind}
          options={PICKUP_KINDS.map((k) => [k, k] as const)}
          onChoose={setKind}
        />
        <Button
          size="xs"
          variant="outline"
          disabled={readOnly}
          onClick={() =>
            put({
              id: newId(name),
              day: Number(day),
              name: name.trim(),
              kind,
              fuel: false,
              takesWaste: false,
            })
          }
        >
          Add
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
