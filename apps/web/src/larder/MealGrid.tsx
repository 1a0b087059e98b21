import { Box, Button, Flex, NativeSelect, Text, VisuallyHidden } from '../theme/chakra';
import { useState } from 'react';
import {
  addMeal,
  cookGroups,
  copyMeals,
  dishOf,
  eaters,
  potBatches,
  putMeal,
  removeMeal,
  servingG,
  usualDays,
} from '@graft/core/larder';
import type { DishEntry } from '@graft/core/library';
import { MEAL_KINDS, type Meal, type MealKind, type PartyGroup } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { shortDay } from '../shared/dates';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { counted, MEAL_WORDS } from '../shared/words';
import { useQuantities } from '../shared/useInUnits';

/** A cook group's meals: days across, meals down. A cell is chosen, filled from the library, or emptied. */
export function MealGrid({
  group,
  dishes,
  chosen,
  onChoose,
}: {
  group: PartyGroup;
  dishes: readonly DishEntry[];
  chosen: string | undefined;
  onChoose: (mealId: string) => void;
}) {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const [open, setOpen] = useState<string | undefined>();
  const people = eaters(trip, group.id);
  const meals = trip.meals.filter((m) => m.groupId === group.id);
  const kg = meals.reduce((sum, m) => sum + (servingG(m.dish) * people.length) / 1000, 0);
  const batches = new Map(potBatches(trip, group).map((b) => [b.meal.id, b]));
  const others = cookGroups(trip).filter(
    (g) => g.id !== group.id && trip.meals.some((m) => m.groupId === g.id),
  );
  const put = (day: number, kind: MealKind, value: string): void => {
    setOpen(undefined);
    const there = meals.filter((m) => m.day === day && m.kind === kind);
    if (value === '') {
      change(`no ${kind} on day ${day}, ${group.name}`, (t) =>
        there.reduce((next, m) => removeMeal(next, m.id), t),
      );
      return;
    }
    const more = value.startsWith('add ');
    const entry = dishes.find((d) => d.id === (more ? value.slice(4) : value));
    if (entry === undefined) return;
    change(`${entry.name}, day ${day}, ${group.name}`, (t) => {
      const [first, ...rest] = there;
      if (more || first === undefined) return addMeal(t, group.id, day, kind, dishOf(entry));
      return rest.reduce((next, m) => removeMeal(next, m.id), putMeal(t, { ...first, dish: dishOf(entry) }));
    });
  };
  return (
    <Box pt="4">
      <Flex align="baseline" gap="3" wrap="wrap" pb="1">
        <Text fontWeight="600" fontFamily="heading">
          {group.name}
        </Text>
        <Text fontSize="xs" color="fg.muted">
          {people.map((m) => m.name).join(', ')} ·{' '}
          {meals.length === 0
            ? 'nothing planned'
            : `${counted(meals.length, 'meal')}, ${formatMass(kg, massUnit)}`}
        </Text>
        {meals.length === 0 &&
          others.map((g) => (
            <Button
              key={g.id}
              size="2xs"
              variant="outline"
              disabled={readOnly}
              onClick={() =>
                change(`${g.name}'s meals for ${group.name}`, (t) => copyMeals(t, g.id, group.id))
              }
            >
              As {g.name}
            </Button>
          ))}
      </Flex>
      <Box overflowX="auto">
        <table className="meal-table" aria-label={`Meals of ${group.name}`}>
          <thead>
            <tr>
              <th>
                <VisuallyHidden>Meal</VisuallyHidden>
              </th>
              {trip.legs.map((leg, i) => (
                <th key={leg.id} scope="col">
                  {i + 1} · {shortDay(trip.startDate, i + 1)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {MEAL_KINDS.map((kind) => {
              const usual = usualDays(trip.legs.length, kind);
              return (
                <tr key={kind}>
                  <th scope="row">{MEAL_WORDS[kind]}</th>
                  {trip.legs.map((leg, i) => {
                    const day = i + 1;
                    const cell = `${kind} ${day}`;
                    const there = meals.filter((m) => m.day === day && m.kind === kind);
                    return (
                      <td key={leg.id} data-chosen={there.some((m) => m.id === chosen) ? '' : undefined}>
                        {open === cell ? (
                          <DishSelect
                            kind={kind}
                            day={day}
                            dishes={dishes}
                            there={there}
                            onPut={(value) => put(day, kind, value)}
                            onClose={() => setOpen(undefined)}
                          />
                        ) : (
                          <button
                            type="button"
                            className="meal-cell"
                            onClick={() => {
                              if (there[0] !== undefined) onChoose(there[0].id);
                              if (!readOnly) setOpen(cell);
                            }}
                          >
                            <VisuallyHidden>
                              {MEAL_WORDS[kind]} on day {day}, {group.name}:{' '}
                            </VisuallyHidden>
                            {there.length === 0 ? (
                              <span className="muted">{usual.includes(day) ? 'choose' : '·'}</span>
                            ) : (
                              there.map((m) => (
                                <CellMeal key={m.id} meal={m} batches={batches.get(m.id)?.batches} />
                              ))
                            )}
                          </button>
                        )}
                      </td>
                    );
                  })}
                </tr>
              );
            })}
          </tbody>
        </table>
      </Box>
    </Box>
  );
}

function CellMeal({ meal, batches }: { meal: Meal; batches: number | undefined }) {
  const { show } = useQuantities();
  return (
    <span className="cell-meal">
      <span className="cell-dish">{meal.dish.name}</span>
      <span className="muted">
        {show(servingG(meal.dish) / 1000, 'smallMass')}, {Math.round(meal.dish.kcalPerServing)} kcal
        {batches !== undefined && batches > 1 && `, ${batches} pots`}
      </span>
    </span>
  );
}

function DishSelect({
  kind,
  day,
  dishes,
  there,
  onPut,
  onClose,
}: {
  kind: MealKind;
  day: number;
  dishes: readonly DishEntry[];
  there: readonly Meal[];
  onPut: (value: string) => void;
  onClose: () => void;
}) {
  const fit = dishes.filter((d) => d.meals.includes(kind));
  const current = fit.find((d) => d.name === there[0]?.dish.name)?.id ?? (there.length === 0 ? '' : 'kept');
  return (
    <NativeSelect.Root size="xs">
      <NativeSelect.Field
        autoFocus
        aria-label={`Dish for ${kind} on day ${day}`}
        value={current}
        onChange={(e) => onPut(e.target.value)}
        onBlur={onClose}
        onKeyDown={(e) => e.key === 'Escape' && onClose()}
      >
        <option value="">nothing</option>
        {current === 'kept' && <option value="kept">{there[0]!.dish.name}</option>}
        {fit.map((d) => (
          <option key={d.id} value={d.id}>
            {d.name}, {d.dish.gPerServing} g
          </option>
        ))}
        {there.length > 0 && (
          <optgroup label="As well">
            {fit.map((d) => (
              <option key={d.id} value={`add ${d.id}`}>
                and {d.name}
              </option>
            ))}
          </optgroup>
        )}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
