import { Box, Flex } from '../theme/chakra';
import type { Leg } from '@graft/core/trip';
import { formatWay } from '@graft/core/units';
import { useSearchParams } from 'react-router';
import { DaySelect } from '../shared/DaySelect';
import { Tabs } from '../shared/Tabs';
import { today } from '../shared/dates';
import { NobodyYet } from '../shared/NobodyYet';
import { part } from '../shared/part';
import { useTrip } from '../shared/tripContext';
import { tripDay } from '../shared/tripDay';
import { useInUnits } from '../shared/useInUnits';

/** Each view is loaded when it is opened. */
const HappenedWizard = part(() => import('./HappenedWizard'), 'HappenedWizard');
const DaysView = part(() => import('./DaysView'), 'DaysView');
const SafetyView = part(() => import('./SafetyView'), 'SafetyView');
const SideTripView = part(() => import('./SideTripView'), 'SideTripView');
const TodayView = part(() => import('./TodayView'), 'TodayView');
const WaterView = part(() => import('./WaterView'), 'WaterView');
const WeighInView = part(() => import('./WeighInView'), 'WeighInView');

const VIEWS = {
  today: 'Today',
  happened: 'Happened',
  weighIn: 'Weigh-in',
  days: 'Days',
  water: 'Water',
  sideTrip: 'Side trip',
  safety: 'Safety',
} as const;
type View = keyof typeof VIEWS;
/** What shows its day itself, or has none. */
const ON_ONE_DAY: ReadonlySet<View> = new Set(['today', 'happened', 'days', 'weighIn']);

/** The trip as it is walked: weighed at the trailhead, then day by day. */
export function TrailStation() {
  const inUnits = useInUnits();
  const { trip } = useTrip();
  const [params, setParams] = useSearchParams();
  const asked = params.get('view') ?? '';
  // While it is walked the trip opens on the day; before and after it on all of them.
  const now = tripDay(trip, today());
  const view: View = asked in VIEWS ? (asked as View) : now === undefined ? 'days' : 'today';
  const wanted = Number(params.get('day') ?? NaN);
  const day = Number.isInteger(wanted) && wanted >= 1 && wanted <= trip.legs.length ? wanted : (now ?? 1);
  const set = (next: { readonly view?: View; readonly day?: number }): void =>
    setParams({ view: next.view ?? view, day: String(next.day ?? day) }, { replace: true });

  if (trip.members.length === 0)
    return (
      <NobodyYet
        what="Here their packs are weighed before leaving, and their loads followed day by day."
        later="beams"
      />
    );
  return (
    <Flex direction="column" flex="1">
      <Flex px="4" py="2" gap="4" align="center" borderBottomWidth="1px" bg="bg.panel" wrap="wrap">
        <Tabs
          label="Trail"
          tabs={Object.entries(VIEWS) as [View, string][]}
          value={view}
          onChoose={(next) => set({ view: next })}
        />
        {!ON_ONE_DAY.has(view) && (
          <Flex align="center" gap="2" fontSize="sm">
            <DaySelect label="Day" prefix="Day " trip={trip} value={day} onChoose={(d) => set({ day: d })} />
            <Box color="fg.muted">{trip.legs[day - 1]!.name}</Box>
          </Flex>
        )}
        {view === 'days' && (
          <Box fontSize="sm" color="fg.muted">
            {trip.legs[day - 1]!.name}: {inUnits(wayOf(trip.legs[day - 1]!))}
          </Box>
        )}
      </Flex>
      {view === 'weighIn' && <WeighInView />}
      {view === 'today' && <TodayView day={day} onDay={(d) => set({ day: d })} />}
      {view === 'happened' && <HappenedWizard day={day} onDay={(d) => set({ day: d })} />}
      {view === 'days' && <DaysView day={day} onDay={(d) => set({ day: d })} />}
      {view === 'water' && <WaterView day={day} />}
      {view === 'sideTrip' && <SideTripView day={day} />}
      {view === 'safety' && <SafetyView day={day} />}
    </Flex>
  );
}

/** What lies ahead; the way down matters less to loads. */
function wayOf({ distanceKm, climbM }: Leg): string {
  return formatWay({ distanceKm, climbM });
}
