import type { Trip } from '@graft/core/trip';
import { Announcer } from './Announcer';
import { MissingStrip } from './MissingStrip';
import { OthersChanges } from './OthersChanges';
import { RemovedNotice } from './RemovedParts';
import { RunStrip } from './RunStrip';

/** What there is to know above the station, once the station can be read. @param opened the trip when it was opened */
export default function OverTheStation({ opened }: { opened: Trip }) {
  return (
    <>
      <MissingStrip />
      <OthersChanges />
      <RunStrip />
      <RemovedNotice since={opened} />
      <Announcer />
    </>
  );
}
