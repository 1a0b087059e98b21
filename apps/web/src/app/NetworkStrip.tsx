import { useEffect, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { changesText, diffTrip } from '@graft/core/trip';
import { useReachable } from '../device/network';
import { dropLetter, refusedLetters } from '../device/outbox';
import { dropUnread, unreadChanges } from '../device/openTrip';
import { keepsNotes } from '../device/permission';
import { useStorageState } from '../device/useDevice';
import { download, exportTrip } from '../shared/download';
import { ago } from '../shared/shortTime';
import { useSaving, useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';
import { Box, Button, Text } from '../theme/chakra';
import { Strip } from './Strip';

const MOST_TOLD = 30;

/** What of the trip is on this device only, how old the rest of it is, and what may be lost. */
export function NetworkStrip() {
  return (
    <>
      <Waiting />
      <NoRoom />
      <Unread />
      <Refused />
    </>
  );
}

function Waiting() {
  const reachable = useReachable();
  const { save, unsaved, keptAt } = useSaving();
  const { trip, session } = useTrip();
  const isKept = useStorageState() === 'ok';
  const [open, setOpen] = useState(false);
  const isAway = !reachable || save.kind === 'unreachable';
  if (!isAway && keptAt === undefined) return null;
  const { saved } = session();
  const edits = unsaved ? diffTrip(saved, trip) : [];
  return (
    <Strip role="status" aria-label="Network">
      <Box flex="1" minW="16rem">
        <Text as="strong">{isAway ? 'No answer from the server.' : 'Reading what the server has …'}</Text>{' '}
        {keptAt !== undefined && `This is the trip as it was ${ago(keptAt)}. `}
        {edits.length === 0
          ? 'What you change is '
          : `${counted(edits.length, 'change')} ${edits.length === 1 ? 'is' : 'are'} `}
        {isKept && 'kept on this device and '}sent as soon as the server answers.
        {keptAt !== undefined && !keepsNotes() && ' Health notes are not on this device.'}
        {open &&
          edits.slice(0, MOST_TOLD).map((edit, i) => <Text key={i}>{changesText(saved, trip, [edit])}</Text>)}
        {open && edits.length > MOST_TOLD && <Text>and {edits.length - MOST_TOLD} more</Text>}
      </Box>
      {edits.length > 0 && (
        <Button size="xs" variant="ghost" aria-expanded={open} onClick={() => setOpen((was) => !was)}>
          {open ? 'Hide them' : 'What waits'}
        </Button>
      )}
    </Strip>
  );
}

function NoRoom() {
  const storage = useStorageState();
  const { unsaved } = useSaving();
  const { trip } = useTrip();
  if (storage === 'ok' || !unsaved) return null;
  return (
    <Strip role="alert">
      <Box flex="1" minW="16rem">
        <Text as="strong">
          {storage === 'full' ? 'There is no room left on this device.' : 'This browser keeps nothing.'}
        </Text>{' '}
        The last change is only on this page: leave it open until it is saved, or export the trip as a file.
      </Box>
      <Button size="xs" variant="outline" onClick={() => void exportTrip(trip)}>
        Export what is here
      </Button>
    </Strip>
  );
}

/** Changes that another version of the program kept and this one cannot read. */
function Unread() {
  const { id } = useTrip();
  const [kept, setKept] = useState<Awaited<ReturnType<typeof unreadChanges>>>();
  useEffect(() => {
    void unreadChanges(id).then(setKept);
  }, [id]);
  if (kept === undefined) return null;
  return (
    <Strip role="alert">
      <Box flex="1" minW="16rem">
        Changes that another version of Graft kept on this device do not fit this one. Save them as a file
        before you drop them.
      </Box>
      <Button
        size="xs"
        variant="outline"
        onClick={() => download(`${id}.changes.json`, 'application/json', JSON.stringify(kept))}
      >
        Save as a file
      </Button>
      <Button size="xs" variant="ghost" onClick={() => void dropUnread(id).then(() => setKept(undefined))}>
        Drop them
      </Button>
    </Strip>
  );
}

/** What was told to a member, or written into the log, without a network and then not taken. */
function Refused() {
  const { id } = useTrip();
  const queries = useQueryClient();
  // What is sent later looks at the device anew.
  const key = ['device', 'refused', id];
  const { data: letters = [] } = useQuery({ queryKey: key, queryFn: () => refusedLetters(id) });
  return letters.map((letter) => (
    <Strip key={letter.seq} role="alert">
      <Box flex="1" minW="16rem">
        {letter.kind === 'incident'
          ? `A note for the incident log was not taken: ${letter.refused} It said: “${letter.note.seen}”`
          : `What you told a member was not taken: ${letter.refused}`}
      </Box>
      <Button
        size="xs"
        variant="outline"
        onClick={() => void dropLetter(letter).then(() => queries.invalidateQueries({ queryKey: key }))}
      >
        Understood
      </Button>
    </Strip>
  ));
}
