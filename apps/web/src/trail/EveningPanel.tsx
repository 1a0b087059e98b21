import { Box, Text } from '../theme/chakra';
import { eveningList, type ComesOrGoes } from '@graft/core/trail';
import { useTrip } from '../shared/tripContext';

/** What is done in the evening for the next day: food that moves up, what is fetched or left, who comes. */
export function EveningPanel({ day }: { day: number }) {
  const { walked } = useTrip();
  const { members, joins, leaves, comes } = eveningList(walked, day);
  if (day >= walked.legs.length)
    return <Text fontSize="sm">The last day: nothing is to be laid out for a next one.</Text>;
  const isEmpty = [members, joins, leaves, comes].every((list) => list.length === 0);
  return (
    <Box fontSize="sm" pt="1">
      <Text color="fg.muted" fontSize="xs">
        In the evening of day {day}, for day {day + 1}
      </Text>
      {isEmpty && <Text mt="2">Nothing moves up, joins or leaves.</Text>}
      {members.map(({ member, movesUp }) => (
        <Box key={member.id} mt="2">
          <Text fontWeight="600">{member.name} moves up</Text>
          <ul aria-label={`${member.name} moves up`}>
            {movesUp.map((t) => (
              <li key={t.id}>
                {t.name} <span className="muted">{t.place}</span>{' '}
                {t.onTheWay ? '→ to the top or a pocket' : '→ above the later food'}
              </li>
            ))}
          </ul>
        </Box>
      ))}
      <List title={`Joins on day ${day + 1}`} items={joins} />
      <List title={`Is carried no further than day ${day}`} items={leaves} />
      <List title={`Walks along from day ${day + 1}`} items={comes} />
    </Box>
  );
}

function List({ title, items }: { title: string; items: readonly ComesOrGoes[] }) {
  if (items.length === 0) return null;
  return (
    <Box mt="3">
      <Text fontWeight="600">{title}</Text>
      <ul aria-label={title}>
        {items.map((t) => (
          <li key={t.id}>
            {t.name}
            {t.at !== undefined && `, at ${t.at}`}
            {t.who !== undefined && <span className="muted"> with {t.who}</span>}
          </li>
        ))}
      </ul>
    </Box>
  );
}
