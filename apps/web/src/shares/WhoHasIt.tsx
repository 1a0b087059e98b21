import { Box, Input, Text } from '../theme/chakra';
import { useMemo, useState } from 'react';
import {
  allThings,
  carrierOf,
  handoverDays,
  isPersonal,
  nameAlone,
  sharedThings,
  type Thing,
  type Trip,
} from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';

const MOST_SHOWN = 8;

/** The commonest question of all, over everything the party takes: who has it, from which day. */
export function WhoHasIt({ onChoose }: { onChoose: (pieceId: string) => void }) {
  const { walked } = useTrip();
  const [text, setText] = useState('');
  const dealt = new Set<Thing>(sharedThings(walked));
  const words = text.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const found = useMemo(
    () =>
      words.length === 0
        ? []
        : allThings(walked).filter((t) =>
            words.every((word) => nameAlone(walked, t).toLowerCase().includes(word)),
          ),
    // The words are made anew at each rendering; the text is what they come from.
    // oxlint-disable-next-line react/exhaustive-deps
    [walked, text],
  );
  return (
    <Box px="4" pt="3">
      <Input
        size="sm"
        type="search"
        aria-label="Who has it?"
        placeholder="Who has it? Type a name"
        value={text}
        onChange={(e) => setText(e.target.value)}
      />
      {words.length > 0 && (
        <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Who has it" aria-live="polite">
          {found.slice(0, MOST_SHOWN).map((thing) => (
            <Box as="li" key={thing.id} py="0.5">
              {dealt.has(thing) ? (
                <button type="button" className="link-button" onClick={() => onChoose(thing.id)}>
                  {nameAlone(walked, thing)}
                </button>
              ) : (
                nameAlone(walked, thing)
              )}
              : <b>{isPersonal(thing) && thing.worn ? 'worn or in hand' : carriers(walked, thing.id)}</b>
            </Box>
          ))}
          {found.length === 0 && <Text as="li">Nobody: it is on no list of this trip.</Text>}
          {found.length > MOST_SHOWN && <Text as="li">and {found.length - MOST_SHOWN} more</Text>}
        </Box>
      )}
    </Box>
  );
}

/** "Tam", or with handovers "Tam, from day 3 Wren". */
function carriers(trip: Trip, pieceId: string): string {
  const name = (id: string | undefined): string => trip.members.find((m) => m.id === id)?.name ?? 'nobody';
  const piece = allThings(trip).find((p) => p.id === pieceId);
  const first = piece?.fromDay ?? 1;
  let before = carrierOf(trip, pieceId, first);
  const parts = [name(before)];
  for (const day of handoverDays(trip).filter((d) => d > first)) {
    const now = carrierOf(trip, pieceId, day);
    if (now !== before) parts.push(`from day ${day} ${name(now)}`);
    before = now;
  }
  return parts.join(', ');
}
