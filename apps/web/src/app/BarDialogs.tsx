import { CircleUserRound } from 'lucide-react';
import { RouterLink } from '../shared/RouterLink';
import { LeadersDialog } from '../account/LeadersDialog';
import { useAccountSession } from '../shared/AccountProvider';
import { tripDates } from '../shared/dates';
import { PlainDialog } from '../shared/PlainDialog';
import { useTrip } from '../shared/tripContext';
import { Button, Flex, Text } from '../theme/chakra';
import { HandOverDialog } from './HandOverDialog';
import { KeysDialog } from './KeysDialog';
import { RemovedList } from './RemovedParts';
import { TripHistory } from './TripHistory';
import { useTools, type Opened, type Tool } from './useTools';

/** On a phone: each tool as a line, behind one button. */
function ToolList({ onOpen }: { onOpen: (what: Opened | undefined) => void }) {
  const { trip } = useTrip();
  const { account } = useAccountSession();
  const closing = (tool: Tool) => (): void => {
    onOpen(undefined);
    tool.act();
  };
  return (
    <Flex direction="column" align="stretch">
      <Text color="fg.muted" mb="2">
        {trip.name}, {tripDates(trip.startDate, trip.legs.length)}
      </Text>
      {useTools(onOpen)
        .filter((tool) => tool.forKeys !== true)
        .map((tool) => (
          <Button
            key={tool.label}
            variant="ghost"
            justifyContent="start"
            aria-pressed={tool.pressed}
            onClick={closing(tool)}
          >
            <tool.Sign size={18} /> {tool.said ?? tool.label}
          </Button>
        ))}
      <Button variant="ghost" justifyContent="start" asChild>
        <RouterLink to="/account">
          <CircleUserRound size={18} /> Account of {account?.name ?? ''}
        </RouterLink>
      </Button>
    </Flex>
  );
}

/** What the bar over a trip opens. */
export default function BarDialogs({
  opened,
  onOpen,
}: {
  opened: Opened | undefined;
  onOpen: (what: Opened | undefined) => void;
}) {
  const close = (): void => onOpen(undefined);
  return (
    <>
      <PlainDialog title="Menu" open={opened === 'menu'} onClose={close}>
        <ToolList onOpen={onOpen} />
      </PlainDialog>
      <PlainDialog title="Removed from this trip" open={opened === 'removed'} onClose={close}>
        <RemovedList onDone={close} />
      </PlainDialog>
      <PlainDialog title="History of this trip" open={opened === 'history'} onClose={close}>
        <TripHistory onDone={close} />
      </PlainDialog>
      <LeadersDialog open={opened === 'leaders'} onClose={close} />
      <HandOverDialog open={opened === 'handOver'} onClose={close} />
      <KeysDialog open={opened === 'keys'} onClose={close} />
    </>
  );
}
