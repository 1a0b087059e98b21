import { Box, Button, Flex, Text } from '../theme/chakra';
import { refuseSuggestion, type Suggestion, type SuggestionKind } from '@graft/core/debrief';
import { recordLimitChanges } from '@graft/core/limits';
import { UNUSED_TRIPS } from '@graft/core/lists';
import { TEMPLATES } from '@graft/core/trip';
import { formatMassChange } from '@graft/core/units';
import { useAccountSession } from '../shared/AccountProvider';
import { dateWords, today } from '../shared/dates';
import { ErrorList } from '../shared/ErrorList';
import { Fold } from '../shared/Fold';
import { usePreferences } from '../shared/preferences';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/tripContext';
import { useSuggestions } from '../shared/useSuggestions';
import { useInUnits } from '../shared/useInUnits';

const KIND_WORDS: Readonly<Record<SuggestionKind, string>> = {
  leave: 'Leave at home',
  bring: 'Bring',
  limit: 'Carry limits',
  food: 'Food',
  fuel: 'Fuel',
};

/** What earlier trips suggest for this one, each with what it rests on. */
export function LearntView() {
  const { trip, change, readOnly } = useTrip();
  const { account } = useAccountSession();
  const { records, list, error } = useSuggestions(trip);
  const style = TEMPLATES[trip.style].name.toLowerCase();
  const kinds = [...new Set(list.map((s) => s.kind))];
  const take = (s: Suggestion): void =>
    change(s.what, (t) =>
      s.kind === 'limit'
        ? recordLimitChanges(t, s.apply(t), today(), account?.name ?? 'Leader', 'comfort on earlier trips')
        : s.apply(t),
    );
  return (
    <Box flex="1" overflow="auto" px="4" py="3" fontSize="sm" maxW="64rem">
      {error !== null && <ErrorList title={error.message} errors={[]} />}
      <Flex gap="2" align="center" wrap="wrap">
        <Text role="status">
          {records === undefined
            ? 'Looking through earlier trips …'
            : records.length === 0
              ? 'No earlier trip of yours is debriefed yet. Once one is, what it taught stands here: what to leave, what to bring, limits, food, fuel.'
              : list.length === 0
                ? `Nothing more to learn from ${records.length === 1 ? 'the one debriefed trip' : `the ${records.length} debriefed trips`} before this one.`
                : `${list.length === 1 ? 'One suggestion' : `${list.length} suggestions`} from ${records.length === 1 ? 'one debriefed trip' : `${records.length} debriefed trips`}; things, food and fuel from those of this style (${style}).`}
        </Text>
      </Flex>
      <Flex gap="2" align="center" fontSize="xs" mt="1" color="fg.muted">
        A thing may stay after
        <Select
          label="Trips without use after which a thing may stay"
          w="3.8rem"
          disabled={readOnly}
          value={String(trip.leaveAfterTrips ?? UNUSED_TRIPS)}
          options={[1, 2, 3, 4, 5, 6, 8, 10].map((n) => [String(n), String(n)] as const)}
          onChoose={(n) =>
            change('after how many trips a thing may stay', (t) => ({ ...t, leaveAfterTrips: Number(n) }))
          }
        />
        trips in a row without use; the safety kit never.
      </Flex>
      {kinds.map((kind) => (
        <Box key={kind} mt="4">
          <Text fontWeight="600">{KIND_WORDS[kind]}</Text>
          {list
            .filter((s) => s.kind === kind)
            .map((s) => (
              <OneSuggestion
                key={s.id}
                suggestion={s}
                readOnly={readOnly}
                onTake={() => take(s)}
                onRefuse={() => change(`not taken: ${s.what}`, (t) => refuseSuggestion(t, s.id))}
              />
            ))}
        </Box>
      ))}
    </Box>
  );
}

function OneSuggestion({
  suggestion: s,
  readOnly,
  onTake,
  onRefuse,
}: {
  suggestion: Suggestion;
  readOnly: boolean;
  onTake: () => void;
  onRefuse: () => void;
}) {
  const inUnits = useInUnits();
  const { massUnit } = usePreferences();
  return (
    <Flex py="2" gap="4" borderBottomWidth="1px" borderColor="border.muted" align="start">
      <Box flex="1">
        <b>{inUnits(s.what)}</b>
        {s.changeKg !== undefined && s.changeKg !== 0 && (
          <Text as="span" ml="2">
            {formatMassChange(s.changeKg, massUnit)}
          </Text>
        )}
        <Text fontSize="xs">{inUnits(s.why)}.</Text>
        <Fold title="What it rests on">
          <Box as="ul" listStyleType="none" fontSize="xs" color="fg.muted">
            {s.evidence.map((e) => (
              <li key={`${e.trip} ${e.date}`}>{inUnits(`${e.trip}, ${dateWords(e.date)}: ${e.what}`)}</li>
            ))}
          </Box>
        </Fold>
      </Box>
      {!readOnly && (
        <Flex gap="2">
          <Button size="xs" variant="outline" aria-label={`Accept: ${inUnits(s.what)}`} onClick={onTake}>
            Accept
          </Button>
          <Button
            size="xs"
            variant="ghost"
            aria-label={`Not for this trip: ${inUnits(s.what)}`}
            onClick={onRefuse}
          >
            Not for this trip
          </Button>
        </Flex>
      )}
    </Flex>
  );
}
