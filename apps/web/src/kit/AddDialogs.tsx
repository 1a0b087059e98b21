import type { Member, Trip } from '@graft/core/trip';
import type { Target } from '@graft/core/lists';
import { useMemo } from 'react';
import type { Adding } from './kitScopes';
import type { LeaderLibrary } from '../shared/useLibrary';
import { useTrip } from '../shared/tripContext';
import { part } from '../shared/part';
import { PlainDialog } from '../shared/PlainDialog';

const ProposeDialog = part(() => import('./ProposeDialog'), 'ProposeDialog');
const PasteDialog = part(() => import('./PasteDialog'), 'PasteDialog');
const LibraryDialog = part(() => import('./LibraryDialog'), 'LibraryDialog');
const CsvDialog = part(() => import('./CsvDialog'), 'CsvDialog');

interface Props {
  readonly adding: Adding | undefined;
  readonly onClose: () => void;
  readonly library: LeaderLibrary;
  /** Whose things the table shows, when it is one member's: things are added to theirs. */
  readonly member: Member | undefined;
  /** What was pasted into the table. */
  readonly pasted: string;
}

/** The dialogs by which things come into the lists. */
export function AddDialogs({ adding, onClose: close, library, member, pasted }: Props) {
  const { change } = useTrip();
  const { entries } = library;
  const memberId = member?.id;
  const target = useMemo(
    (): Target => (memberId === undefined ? { kind: 'group' } : { kind: 'member', memberId }),
    [memberId],
  );
  const put = (label: string, step: (t: Trip) => Trip): void => {
    change(label, step);
    close();
  };
  return (
    <>
      <PlainDialog title="A list by template" open={adding === 'propose'} onClose={close} size="lg">
        <ProposeDialog library={entries} onTake={put} />
      </PlainDialog>
      <PlainDialog title="From your kit library" open={adding === 'library'} onClose={close} size="lg">
        <LibraryDialog library={library} member={member} onTake={change} />
      </PlainDialog>
      <PlainDialog title="Paste a list" open={adding === 'paste'} onClose={close} size="xl">
        <PasteDialog
          key={pasted}
          pasted={pasted}
          library={entries}
          target={target}
          whose={member?.name ?? 'the group'}
          onTake={put}
        />
      </PlainDialog>
      <PlainDialog title="Spreadsheets and CSV, in and out" open={adding === 'csv'} onClose={close} size="xl">
        <CsvDialog library={entries} target={target} whose={member?.name ?? 'the group'} onTake={put} />
      </PlainDialog>
    </>
  );
}
