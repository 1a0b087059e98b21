/** What two leaders at work on one trip have to tell each other: clashes, what could not be kept, what was changed. */
import { useState, type ReactNode } from 'react';
import {
  applyEdits,
  cellName,
  cellText,
  changesText,
  withTidyStows,
  type Clash,
  type Trip,
  type TripEdit,
} from '@graft/core/trip';
import type { SetAside } from '@graft/core/formats';
import { Box, Button, Flex, Text, type ButtonProps } from '../theme/chakra';
import { copyText } from '../shared/copyText';
import { useSaving, useTrip } from '../shared/tripContext';
import { useInUnits } from '../shared/useInUnits';
import { Strip } from './Strip';

export function OthersChanges() {
  const { told, clashes, setAside } = useSaving();
  return (
    <>
      {told !== '' && (
        // Over the page, so that nothing moves under a finger when it comes and goes.
        <Box
          data-testid="told"
          data-screen-only
          aria-live="polite"
          position="fixed"
          bottom="4"
          insetStart="4"
          maxW="calc(100vw - 2rem)"
          zIndex="toast"
          px="3"
          py="2"
          rounded="md"
          shadow="md"
          bg="fg"
          color="bg"
          fontSize="xs"
          pointerEvents="none"
        >
          {told}
        </Box>
      )}
      {(clashes.length > 0 || setAside.length > 0) && (
        <Strip
          direction="column"
          align="stretch"
          gap="1"
          maxH="40vh"
          overflowY="auto"
          role="region"
          aria-label="Changes that met"
          tabIndex={0}
        >
          {clashes.map((clash) => (
            <ClashRow key={clash.path.join('/')} clash={clash} />
          ))}
          {setAside.map((aside, i) => (
            // What one row has found out is not the next one's when it goes.
            <AsideRow key={`${i} ${JSON.stringify(aside.edit)}`} aside={aside} />
          ))}
        </Strip>
      )}
    </>
  );
}

function Row({ actions, children }: { actions: ReactNode; children: ReactNode }) {
  return (
    <Flex align="center" gap="2" wrap="wrap">
      <Box flex="1" minW="16rem">
        {children}
      </Box>
      <Flex gap="2">{actions}</Flex>
    </Flex>
  );
}

const Action = (props: ButtonProps) => <Button size="xs" variant="outline" {...props} />;

function ClashRow({ clash }: { clash: Clash }) {
  const { trip } = useTrip();
  const { decide } = useSaving();
  const inUnits = useInUnits();
  const { path, mine, theirs } = clash;
  // An item as a whole: a path ends with its key.
  const isItem = path.length === 2 || path.length === 4;
  const say = (value: unknown): string =>
    isItem && value === undefined ? 'taken away' : inUnits(cellText(trip, path, value));
  // What is gone from the trip is called by the side that still has it.
  const name = isItem && typeof (mine ?? theirs) === 'object' ? cellText(trip, path, mine ?? theirs) : '';
  return (
    <Row
      actions={
        <>
          <Action onClick={() => decide(clash, 'theirs')}>Keep theirs</Action>
          <Action onClick={() => decide(clash, 'mine')}>Take mine</Action>
        </>
      }
    >
      <Text as="strong">{name === '' ? cellName(trip, path) : name}</Text>
      {': you and somebody else changed it. '}
      Theirs: <Text as="strong">{say(theirs)}</Text>. Yours: <Text as="strong">{say(mine)}</Text>.
    </Row>
  );
}

function AsideRow({ aside }: { aside: SetAside }) {
  const { trip, change } = useTrip();
  const { dropAside } = useSaving();
  const inUnits = useInUnits();
  const [why, setWhy] = useState(aside.why);
  const text = inUnits(editText(trip, aside.edit));
  const again = async (): Promise<void> => {
    const { applicableEdits } = await import('@graft/core/formats');
    const [against] = applicableEdits(trip, [aside.edit]).setAside;
    if (against !== undefined) {
      setWhy(`still: ${against.why}`);
      return;
    }
    change('what was set aside', (now) => withTidyStows(applyEdits(now, [aside.edit])));
    dropAside(aside);
  };
  return (
    <Row
      actions={
        <>
          <Action onClick={() => void again()}>Apply again</Action>
          <Action onClick={() => void copyText(text)}>Copy</Action>
          <Action variant="ghost" onClick={() => dropAside(aside)}>
            Leave it
          </Action>
        </>
      }
    >
      <Text as="strong">{text}</Text>
      {`: your change could not be kept, since somebody else changed what it needs (${inUnits(why)}).`}
    </Row>
  );
}

/** "Stove, who carries: Bo". */
function editText(trip: Trip, edit: TripEdit): string {
  switch (edit.kind) {
    case 'set':
      return `${cellName(trip, [edit.field])}: ${cellText(trip, [edit.field], edit.value)}`;
    case 'put': {
      const next = applyEdits(trip, [edit]);
      return `${changesText(trip, next, [edit])}: ${cellText(next, [edit.collection], edit.item)}`;
    }
    case 'remove':
      return `${cellName(trip, [edit.collection, edit.key])}: taken away`;
    case 'order':
      return `order of ${edit.collection}`;
  }
}
