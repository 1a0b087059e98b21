import { Announcer } from './Announcer';
import { MissingStrip } from './MissingStrip';
import { OthersChanges } from './OthersChanges';
import { RemovedNotice } from './RemovedParts';
import { RunStrip } from './RunStrip';

/** What there is to know above the station, once the station can be read. */
export default function OverTheStation() {
  return (
    <>
      <MissingStrip />
      <OthersChanges />
      <RunStrip />
      <RemovedNotice />
      <Announcer />
    </>
  );
}
