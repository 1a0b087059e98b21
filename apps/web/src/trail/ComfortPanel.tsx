import { Box, Flex, Text } from '../theme/chakra';
import { putComfort, removeComfort } from '@graft/core/debrief';
import { BODY_PLACES, COMFORT_CHOICES, type BodyPlace } from '@graft/core/trip';
import { TextEntry } from '../shared/FieldEntry';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/tripContext';
import { BODY_WORDS } from '../shared/words';

export const COMFORT_OPTIONS = [
  ['', '–'],
  ...COMFORT_CHOICES.map((n) => [String(n), String(n)] as const),
] as const;

/** How a day felt to one member: a mark, where it hurts, a word. */
export function ComfortPanel({ memberId, day }: { memberId: string; day: number }) {
  const { trip, change, readOnly } = useTrip();
  const member = trip.members.find((m) => m.id === memberId);
  if (member === undefined) return null;
  const mark = trip.comfort.find((c) => c.memberId === memberId && c.day === day);
  const put = (more: Partial<NonNullable<typeof mark>>): void => {
    if (mark === undefined && more.comfort === undefined) return;
    change(`${member.name}: how day ${day} felt`, (t) =>
      putComfort(t, { memberId, day, comfort: 7, hurts: [], ...mark, ...more }),
    );
  };
  const toggle = (place: BodyPlace): void => {
    const hurts = mark?.hurts ?? [];
    put({ hurts: hurts.includes(place) ? hurts.filter((p) => p !== place) : [...hurts, place] });
  };
  return (
    <Box pt="3" fontSize="sm">
      <Text fontWeight="600">
        {member.name}, day {day}
      </Text>
      <Flex align="center" gap="2" mt="2">
        <Text>Comfort</Text>
        <Select
          label={`Comfort of ${member.name} on day ${day}`}
          w="4.5rem"
          disabled={readOnly}
          value={mark === undefined ? '' : String(Math.round(mark.comfort))}
          options={COMFORT_OPTIONS}
          onChoose={(value) =>
            value === ''
              ? change(`${member.name}: no mark for day ${day}`, (t) => removeComfort(t, memberId, day))
              : put({ comfort: Number(value) })
          }
        />
        <Text fontSize="xs" color="fg.muted">
          1 never again, 10 forgot I carried it
        </Text>
      </Flex>
      {mark === undefined ? (
        <Text fontSize="xs" color="fg.muted" mt="2">
          Choose a mark; then say where it hurts.
        </Text>
      ) : (
        <>
          <Text mt="3" mb="1">
            Where it hurts
          </Text>
          <Flex gap="3" wrap="wrap" fontSize="xs">
            {BODY_PLACES.map((place) => (
              <label key={place} style={{ whiteSpace: 'nowrap' }}>
                <input
                  type="checkbox"
                  disabled={readOnly}
                  checked={mark.hurts.includes(place)}
                  onChange={() => toggle(place)}
                />{' '}
                {BODY_WORDS[place]}
              </label>
            ))}
          </Flex>
          <Box mt="3">
            <TextEntry
              key={`${memberId} ${day}`}
              label="In their words"
              long
              value={mark.note ?? ''}
              take={(text) => {
                if (text.length > 500) return `expected at most 500 characters, got ${text.length}`;
                const { note: _old, ...rest } = mark;
                change(`${member.name}: words on day ${day}`, (t) =>
                  putComfort(t, { ...rest, ...(text.trim() === '' ? {} : { note: text.trim() }) }),
                );
                return undefined;
              }}
            />
          </Box>
          {mark.hurts.length > 0 && (
            <Text fontSize="xs" mt="3">
              What may be behind it, and what to move, is at Packs under Ride. Numb hands or tingling arms:
              stop and refit. Not medical advice.
            </Text>
          )}
        </>
      )}
    </Box>
  );
}
