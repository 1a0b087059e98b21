import { Ellipsis } from 'lucide-react';
import type { TripSummary } from '@graft/core/api';
import { api } from '../shared/api';
import { IconButton, Menu, Portal } from '../theme/chakra';

export interface TripActions {
  readonly trip: TripSummary;
  readonly onKeep: () => void;
  readonly onTakeOff: () => void;
  readonly onCopy: () => void;
  readonly onArchive: () => void;
  readonly onRemove: () => void;
}
interface Props extends TripActions {
  /** On this device. */
  readonly isKept: boolean;
  readonly canKeep: boolean;
}

/** What is done seldom with a trip; open as soon as it is there. */
export default function TripMenu(props: Props) {
  const { trip, isKept, canKeep, onKeep, onTakeOff, onCopy, onArchive, onRemove } = props;
  return (
    <Menu.Root defaultOpen>
      <Menu.Trigger asChild>
        <IconButton size="sm" variant="ghost" aria-label={`More for ${trip.name}`}>
          <Ellipsis size={16} />
        </IconButton>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            <Menu.Item value="copy" onClick={onCopy}>
              Same party, new dates
            </Menu.Item>
            <Menu.Item value="export" asChild>
              <a href={api.exportUrl(trip.id)} download>
                Export
              </a>
            </Menu.Item>
            {isKept ? (
              <Menu.Item value="takeOff" onClick={onTakeOff}>
                Take off this device
              </Menu.Item>
            ) : (
              <Menu.Item value="keep" disabled={!canKeep} onClick={onKeep}>
                Keep on this device
              </Menu.Item>
            )}
            {trip.role === 'owner' && (
              <>
                <Menu.Item value="archive" onClick={onArchive}>
                  {trip.archived ? 'Take back' : 'Archive'}
                </Menu.Item>
                <Menu.Item value="delete" onClick={onRemove}>
                  Delete
                </Menu.Item>
              </>
            )}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
