import { NobodyYet } from '../shared/NobodyYet';
import { Box, Button, Flex, HStack, Text } from '../theme/chakra';
import { Suspense, useMemo, useState } from 'react';
import { cookGroups, eaters, foodMass, USUAL_FOOD_KG } from '@graft/core/larder';
import type { DishEntry } from '@graft/core/library';
import { formatMass } from '@graft/core/units';
import { FullStation } from '../shared/FullStation';
import { part } from '../shared/part';
import { SidePanel } from '../shared/SidePanel';
import { usePreferences } from '../shared/preferences';
import { useLibrary } from '../shared/useLibrary';
import { useTrip } from '../shared/tripContext';
import { Why } from '../shared/Why';
import { FoodPanel } from './FoodPanel';
import { MealGrid } from './MealGrid';
import { useInUnits } from '../shared/useInUnits';
import { useOnDemand } from '../shared/useOnDemand';

const FuelPanel = part(() => import('./FuelPanel'), 'FuelPanel');
const WaterPanel = part(() => import('./WaterPanel'), 'WaterPanel');
const NightPanel = part(() => import('./NightPanel'), 'NightPanel');

const PANELS = [
  ['food', 'Food'],
  ['fuel', 'Fuel'],
  ['water', 'Water'],
  ['night', 'At night'],
] as const;
type Panel = (typeof PANELS)[number][0];

const VERDICTS = {
  none: 'nothing planned yet',
  little: 'less than usual',
  usual: 'usual',
  much: 'more than usual',
} as const;

/** Meals by cook group and day, and what follows from them: energy, fuel, water, what is hung at night. */
export function LarderStation() {
  const inUnits = useInUnits();
  const onDemand = useOnDemand();
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const library = useLibrary();
  const [panel, setPanel] = useState<Panel>('food');
  const [mealId, setMealId] = useState<string | undefined>();
  const dishes = useMemo(
    () => library.entries.filter((e): e is DishEntry => e.kind === 'dish'),
    [library.entries],
  );
  const groups = cookGroups(trip).filter((g) => eaters(trip, g.id).length > 0);
  const mass = foodMass(trip);
  const outside = trip.members.filter((m) => !groups.some((g) => g.id === m.cookGroupId));
  const chosen = trip.meals.find((m) => m.id === mealId);
  return (
    <FullStation>
      <HStack px="4" py="2" gap="4" borderBottomWidth="1px" flexShrink={0} wrap="wrap">
        <Text>
          <b>
            {mass.verdict === 'none'
              ? 'No meals planned'
              : `${formatMass(mass.fullDayKg, massUnit)} a person and full day`}
          </b>
          {mass.verdict !== 'none' && (
            <Text as="span" color="fg.muted">
              {' '}
              ·{' '}
              <Why
                reason={`A mean breakfast, lunch, dinner and day's snacks with their packaging. Usual is ${USUAL_FOOD_KG.from}–${USUAL_FOOD_KG.to} kg a person and day (common practice, no source)${mass.without.length > 0 ? `; without ${mass.without.join(' and ')} it is not a whole day` : ''}.`}
              >
                {mass.without.length > 0 ? `without ${mass.without.join(' and ')}` : VERDICTS[mass.verdict]}
              </Why>
              {' · '}
              {inUnits(`${mass.kcalPerG.toFixed(1)} kcal/g`)} · {formatMass(mass.totalKg, massUnit)} in all,{' '}
              {formatMass(mass.packagingKg, massUnit)} of it packaging that is left
            </Text>
          )}
        </Text>
        <Box flex="1" />
        {trip.members.length > 0 && (
          <Button
            size="xs"
            variant="outline"
            disabled={readOnly}
            onClick={() =>
              onDemand(
                () => import('./suggestMeals'),
                ({ groupParty, planMeals }) =>
                  change('plan all empty meals', (t) =>
                    planMeals(groups.length > 0 ? t : groupParty(t), library.entries),
                  ),
              )
            }
            title="Dried breakfasts and dinners, any lunch; with the first of them, snacks. Each cook group begins with another dish."
          >
            {groups.length > 0 ? 'Suggest meals' : 'Make cook groups and suggest meals'}
          </Button>
        )}
      </HStack>
      <Flex flex="1" minH="0" direction={{ base: 'column', lg: 'row' }}>
        <Box flex="1" minW="0" overflow="auto" px="4" pb="6" tabIndex={0} role="region" aria-label="Meals">
          {trip.members.length === 0 && (
            <NobodyYet
              what="Put people into cook groups: then each group’s days stand here to be filled with meals."
              later="list"
            />
          )}
          {outside.length > 0 && (
            <Text pt="3" fontSize="sm">
              {groups.length === 0
                ? 'Meals are planned by cook group: put members into one at People, Groups.'
                : `In no cook group, so nothing is planned for them: ${outside.map((m) => m.name).join(', ')}. Groups are at People.`}
            </Text>
          )}
          {groups.map((group) => (
            <MealGrid
              key={group.id}
              group={group}
              dishes={dishes}
              chosen={mealId}
              onChoose={(id) => {
                setMealId(id);
                setPanel('food');
              }}
            />
          ))}
        </Box>
        <SidePanel label="Food figures" w="420px" tabs={PANELS} value={panel} onChoose={setPanel}>
          {panel === 'food' && <FoodPanel meal={chosen} />}
          <Suspense fallback={null}>
            {panel === 'fuel' && <FuelPanel />}
            {panel === 'water' && <WaterPanel />}
            {panel === 'night' && <NightPanel />}
          </Suspense>
        </SidePanel>
      </Flex>
    </FullStation>
  );
}
