import { Box, Button, Flex, Text } from '../theme/chakra';
import {
  addCanister,
  CANISTER_SIZES,
  canisterFuelKg,
  cookGroups,
  eaters,
  fuelPlan,
  putCanister,
  removeCanister,
  STOVES,
  takeLightestCanisters,
} from '@graft/core/larder';
import { canisterErrors, ITEM_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Canister, PartyGroup, StoveKind } from '@graft/core/trip';
import { ChoiceEntry, TextEntry } from '../shared/FieldEntry';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip, useTripCommands } from '../shared/tripContext';
import { Why } from '../shared/Why';
import { LarderChoice, LarderNumber } from './larderFields';
import { useInUnits, useQuantities } from '../shared/useInUnits';

/** Litres boiled, grams of fuel, and canisters that hold them. */
export function FuelPanel() {
  const { trip } = useTrip();
  const groups = cookGroups(trip).filter((g) => eaters(trip, g.id).length > 0);
  return (
    <Box pt="3">
      <Flex gap="2" wrap="wrap">
        <LarderNumber
          field="hotDrinkL"
          label="Hot drinks a day each"
          w="9rem"
          is={{ kind: 'liquid', perKept: 1 }}
        />
        <LarderNumber field="startWaterC" label="Water starts at" is="°C" w="7rem" />
        <LarderNumber field="fuelReserve" label="Reserve" is="%" w="6rem" />
        <LarderChoice
          field="wind"
          label="Where it is cooked"
          w="9rem"
          options={[
            ['sheltered', 'sheltered'],
            ['breezy', 'in a breeze'],
            ['windy', 'in wind'],
          ]}
        />
        <LarderChoice
          field="snow"
          label="Water comes from"
          w="9rem"
          options={[
            [false, 'streams, springs'],
            [true, 'melted snow'],
          ]}
        />
      </Flex>
      {groups.length === 0 && <Text pt="3">Fuel follows from the meals of cook groups.</Text>}
      {groups.map((group) => (
        <GroupFuel key={group.id} group={group} />
      ))}
      <Text fontSize="xs" color="fg.muted" pt="4">
        Heat m·c·ΔT to the boiling point at each camp’s height, over what the fuel holds and the stove brings
        into the water. Fuel rides apart from food, upright, checked for leaks.
      </Text>
    </Box>
  );
}

function GroupFuel({ group }: { group: PartyGroup }) {
  const inUnits = useInUnits();
  const { show } = useQuantities();
  const grams = (kg: number): string => show(kg, 'smallMass');
  const { trip, change, readOnly } = useTrip();
  const plan = fuelPlan(trip, group);
  const stove = STOVES[plan.stove];
  const short = plan.carriedKg < plan.wantedKg - 0.0005;
  return (
    <Box pt="4">
      <Flex align="end" gap="2">
        <Text fontWeight="600" flex="1">
          {group.name}
        </Text>
        <ChoiceEntry
          label="Cooks on"
          w="11rem"
          value={plan.stove}
          options={Object.entries(STOVES).map(([kind, s]) => [kind, s.name] as const)}
          onChoose={(kind) =>
            change(`${group.name} cooks on ${kind}`, (t) => ({
              ...t,
              groups: t.groups.map((g) => (g.id === group.id ? { ...g, stove: kind as StoveKind } : g)),
            }))
          }
        />
      </Flex>
      <Text>
        <Why
          reason={`${plan.days
            .filter((d) => d.litres > 0)
            .map((d) => `day ${d.day}: ${d.litres.toFixed(1)} L boiled, ${Math.round(d.grams)} g`)
            .join(
              '; ',
            )}. ${stove.heatKJPerG} kJ/g, ${Math.round(stove.efficiency * 100)} % of it into the water when sheltered.`}
        >
          {inUnits(`${plan.litres.toFixed(1)} L boiled`)}, {grams(plan.needKg)} of {stove.fuel}
        </Why>
        , {grams(plan.wantedKg)} with the reserve
      </Text>
      <Text color={short ? 'overload.fg' : 'fg.muted'} fontWeight={short ? '600' : undefined} role="status">
        {short ? '▲ ' : ''}
        {plan.carriedKg === 0 && plan.wantedKg === 0
          ? 'no fuel is needed'
          : `${grams(plan.carriedKg)} carried: ${short ? `${grams(plan.wantedKg - plan.carriedKg)} short` : `${grams(plan.carriedKg - plan.wantedKg)} more than wanted`}`}
      </Text>
      {plan.uses.map((use) => (
        <CanisterLine key={use.canister.id} canister={use.canister} days={daysOf(use.fromDay, use.toDay)} />
      ))}
      <Flex gap="1" pt="2" wrap="wrap">
        <Button
          size="2xs"
          variant="outline"
          disabled={readOnly || !short}
          onClick={() =>
            change(`lightest canisters for ${group.name}`, (t) => takeLightestCanisters(t, group))
          }
        >
          Take the lightest that hold it
        </Button>
        {CANISTER_SIZES[plan.stove].map((size) => (
          <Button
            key={size.name}
            size="2xs"
            variant="ghost"
            disabled={readOnly}
            onClick={() => change(`${size.name} for ${group.name}`, (t) => addCanister(t, group, size))}
          >
            + {size.name}
          </Button>
        ))}
      </Flex>
    </Box>
  );
}

function daysOf(from: number | undefined, to: number | undefined): string {
  if (from === undefined || to === undefined) return 'not opened';
  return from === to ? `burnt on day ${from}` : `burnt on days ${from}–${to}`;
}

function CanisterLine({ canister, days }: { canister: Canister; days: string }) {
  const { show, read } = useQuantities();
  const { change } = useTripCommands();
  return (
    <Flex gap="2" align="end" py="1" borderBottomWidth="1px" borderColor="border.muted">
      <Box flex="1">
        <Text>{canister.name}</Text>
        <Text fontSize="xs" color="fg.muted">
          {show(canisterFuelKg(canister), 'smallMass')} of fuel, {show(canister.tareKg, 'smallMass')} empty;{' '}
          {days}
        </Text>
      </Box>
      <TextEntry
        label="Weighed, if begun"
        w="8rem"
        value={canister.grossKg === undefined ? '' : show(canister.grossKg, 'smallMass')}
        take={(text) => {
          const { grossKg: _old, ...full } = canister;
          let next: Canister = full;
          if (text.trim() !== '') {
            const parsed = read(text, 'smallMass');
            if (!parsed.ok) return parsed.error;
            next = { ...full, grossKg: parsed.value };
          }
          const error =
            schemaErrors(ITEM_SCHEMAS.canisters, next)[0]?.message ?? canisterErrors(next)[0]?.message;
          if (error === undefined) change(`weigh ${canister.name}`, (t) => putCanister(t, next));
          return error;
        }}
      />
      <RemoveButton
        name={canister.name}
        onClick={() => change(`remove ${canister.name}`, (t) => removeCanister(t, canister.id))}
      />
    </Flex>
  );
}
