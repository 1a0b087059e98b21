import { useMemo, type ReactNode } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { waitingReports } from '@graft/core/sheet';
import { dayBrief, dayLoads, type DayBrief } from '@graft/core/trail';
import { formatMass, formatMassChange, formatWay } from '@graft/core/units';
import { dayDate } from '../shared/dates';
import { usePreferences } from '../shared/preferences';
import { useSaving, useTrip } from '../shared/tripContext';
import { useInUnits, useQuantities } from '../shared/useInUnits';
import { useLate } from '../shared/useLate';
import { useLimits } from '../shared/useLimits';
import { useSheets } from '../shared/useSheets';
import { useUnsent } from '../shared/useUnsent';
import { counted, DAY_ROLE_WORDS, MEAL_WORDS, RELIANCE_WORDS } from '../shared/words';
import { Box, Button, Flex, Grid, Heading, Link, Text } from '../theme/chakra';
import { EveningPanel } from './EveningPanel';
import { Days } from './Days';
import { stepText } from './words';

/** The day that is walked, on one page: what comes, who carries what, what it does to tomorrow, what waits. */
export function TodayView({ day, onDay }: { day: number; onDay: (day: number) => void }) {
  const { trip, walked } = useTrip();
  const inUnits = useInUnits();
  const leg = walked.legs[day - 1]!;
  const isLate = useLate();
  return (
    <Box px="4" pb="6" maxW="72rem" w="100%">
      <Days trip={trip} day={day} onDay={onDay} />
      <Heading as="h2" fontFamily="heading" fontSize="xl" mt="2">
        {leg.name}
      </Heading>
      <Text color="fg.muted">
        {dayDate(trip.startDate, day)} ·{' '}
        {inUnits(
          `${formatWay({ distanceKm: leg.distanceKm, climbM: leg.climbM })}, ${Math.round(leg.descentM)} m down`,
        )}
      </Text>
      <Grid templateColumns={{ base: '1fr 1fr', md: 'max-content max-content' }} gap="2" my="3">
        <Button asChild minH="56px">
          <RouterLink to={`?view=happened&day=${day}`}>Something happened</RouterLink>
        </Button>
        <Button asChild minH="56px" variant="outline">
          <RouterLink to={`?view=days&day=${day}`}>Loads and handovers</RouterLink>
        </Button>
      </Grid>
      <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: 'repeat(3, minmax(0, 1fr))' }} columnGap="8">
        <Box>
          <Waits />
          <Carries day={day} />
        </Box>
        {/* On a phone that is further down: it is drawn once what is seen first is there. */}
        {isLate && <FurtherDown day={day} />}
      </Grid>
    </Box>
  );
}

function FurtherDown({ day }: { day: number }) {
  const { walked } = useTrip();
  const brief = useMemo(() => dayBrief(walked, day), [walked, day]);
  return (
    <>
      <Box>
        <Water brief={brief} />
        <Food brief={brief} />
        <Roles brief={brief} />
      </Box>
      <Box>
        <Tomorrow brief={brief} />
        <Part title="Tonight">
          <EveningPanel day={day} />
        </Part>
      </Box>
    </>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box as="section" aria-label={title} pt="3">
      <Heading as="h3" fontFamily="heading" fontSize="md" borderBottomWidth="1px" pb="1" mb="1">
        {title}
      </Heading>
      {children}
    </Box>
  );
}

const Line = ({ children }: { children: ReactNode }) => (
  <Box as="li" listStyleType="none" py="1">
    {children}
  </Box>
);

/** What asks for the leader before the party sets off. */
function Waits() {
  const { id, walked } = useTrip();
  const { clashes, setAside, unsaved } = useSaving();
  const { data: sheets } = useSheets(id);
  const reports = useMemo(() => waitingReports(walked, sheets?.marks ?? {}), [walked, sheets]);
  const { concerned: toSend } = useUnsent();
  const about = (kind: string): number => reports.filter((r) => r.kind === kind).length;
  const lines = (['veto', 'problem', 'weight'] as const).flatMap((kind) =>
    about(kind) === 0 ? [] : [counted(about(kind), REPORT_WORDS[kind])],
  );
  const met = clashes.length + setAside.length;
  if (lines.length === 0 && met === 0 && toSend === 0 && !unsaved) return null;
  return (
    <Part title="Waits for you">
      <ul>
        {lines.map((line) => (
          <Line key={line}>
            <Link asChild textDecoration="underline">
              <RouterLink to="../sheets">{line} from members</RouterLink>
            </Link>
          </Line>
        ))}
        {met > 0 && <Line>{counted(met, 'change')} that met somebody else’s: see above</Line>}
        {toSend > 0 && (
          <Line>
            <Link asChild textDecoration="underline">
              <RouterLink to="../sheets">Sheets changed for {counted(toSend, 'member')}, not sent</RouterLink>
            </Link>
          </Line>
        )}
        {unsaved && <Line>Changes on this device that are not sent yet</Line>}
      </ul>
    </Part>
  );
}
const REPORT_WORDS = { veto: 'veto', problem: 'problem', weight: 'measured weight' } as const;

function Carries({ day }: { day: number }) {
  const { walked } = useTrip();
  const { carries, handovers } = useMemo(() => dayLoads(walked, day), [walked, day]);
  const { massUnit } = usePreferences();
  const limits = useLimits();
  return (
    <Part title="Who carries how much this morning">
      <ul>
        {carries.map(({ member, morningKg, ratio, limitKg }) => (
          <Line key={member.id}>
            <Flex gap="3" align="baseline">
              <Text flex="1" fontWeight="600">
                {member.name}
              </Text>
              <Text fontWeight="600">{formatMass(morningKg, massUnit)}</Text>
              <Text w="5.5rem" textAlign="end" color={ratio > 1 ? 'overload.fg' : 'fg.muted'}>
                {ratio > 1 && '▲ '}
                {limits.hidden ? (ratio > 1 ? 'above' : 'within') : limits.percent(ratio, 0)}
              </Text>
            </Flex>
            {!limits.hidden && (
              <Box h="8px" bg="bg.muted" position="relative" aria-hidden title={limits.kg(limitKg)}>
                <Box
                  h="100%"
                  style={{ width: `${Math.min(100, (ratio / SCALE) * 100)}%` }}
                  bg={ratio > 1 ? 'overload' : 'pine.solid'}
                />
                <Box
                  position="absolute"
                  insetY="-2px"
                  left={`${100 / SCALE}%`}
                  borderLeftWidth="2px"
                  borderColor="fg"
                />
              </Box>
            )}
          </Line>
        ))}
      </ul>
      {handovers.map((h) => (
        <Text key={h.id} pt="1">
          <b>{h.from ?? 'Nobody'}</b> gives <b>{h.to}</b> {h.name}
        </Text>
      ))}
    </Part>
  );
}
/** The bars' end, as a part of the limit. */
const SCALE = 1.25;

function Water({ brief: { water, sources, leg } }: { brief: DayBrief }) {
  const { show } = useQuantities();
  return (
    <Part title="Water ahead">
      <Text>
        {leg.waterL + leg.campWaterL > 0
          ? `Each sets off with up to ${show(leg.waterL + leg.campWaterL, 'volume')}; full at ${water.fillAt}.`
          : 'Nobody needs to carry water on this day.'}
        {water.dryCamp && ' The camp is dry.'}
      </Text>
      <ul>
        {sources.map(({ name, km, reliance }) => (
          <Line key={name}>
            {show(km, 'distance')} on: {name}
            {reliance !== 'sure' && (
              <Text as="span" fontWeight="600">
                {' '}
                ({RELIANCE_WORDS[reliance]})
              </Text>
            )}
          </Line>
        ))}
        {sources.length === 0 && <Line>No water is marked on the way.</Line>}
      </ul>
    </Part>
  );
}

function Food({ brief: { meals } }: { brief: DayBrief }) {
  if (meals.length === 0) return null;
  return (
    <Part title="Eaten today">
      <ul>
        {meals.map(({ group, kind, dish }, i) => (
          <Line key={i}>
            {MEAL_WORDS[kind]}: {dish}{' '}
            <Text as="span" color="fg.muted">
              {group}
            </Text>
          </Line>
        ))}
      </ul>
    </Part>
  );
}

function Roles({ brief: { roles } }: { brief: DayBrief }) {
  if (roles.length === 0) return null;
  return (
    <Part title="Who does what">
      <ul>
        {roles.map(({ role, who }) => (
          <Line key={`${role} ${who}`}>
            {DAY_ROLE_WORDS[role]}: <b>{who}</b>
          </Line>
        ))}
      </ul>
    </Part>
  );
}

function Tomorrow({ brief: { tomorrow } }: { brief: DayBrief }) {
  const { walked } = useTrip();
  const { massUnit } = usePreferences();
  if (tomorrow.length === 0) return null;
  return (
    <Part title="What that does to tomorrow’s loads">
      <ul>
        {tomorrow.map(({ member, step }) => (
          <Line key={member.id}>
            <Flex justify="space-between" gap="3">
              <b>{member.name}</b>
              <Text fontWeight="600">{formatMassChange(step.deltaKg, massUnit)}</Text>
            </Flex>
            <Text fontSize="xs" color="fg.muted">
              {stepText(step, walked.members, massUnit)}
            </Text>
          </Line>
        ))}
      </ul>
    </Part>
  );
}
