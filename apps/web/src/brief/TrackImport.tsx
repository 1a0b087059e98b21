import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { tripGpx } from '@graft/core/formats';
import { adoptTrackWithCamps, dropTrack, trackLengthKm } from '@graft/core/route';
import { addWaypoints } from '@graft/core/trip';
import { readTrack } from '../workers/track';
import { download } from '../shared/download';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { useTrip } from '../shared/TripProvider';
import { counted } from '../shared/words';
import { RunProgress } from '../shared/RunProgress';
import { Refused } from '../shared/runs';
import { useRun } from '../shared/useRun';
import { mapRun, type Run } from '../workers/run';
import type { ReadTrack } from '../workers/track.worker';
import { land } from '../shared/land';

const NOT_IMPORTED = 'The track was not imported; nothing has changed.';

/** Import a GPX track, with its progress and what became of it. */
export function TrackImport() {
  const { trip, change, readOnly, session } = useTrip();
  const run = useRun('Reading the track', { outlives: true });
  const [told, setTold] = useState('');

  const read = async (file: File): Promise<void> => {
    setTold('');
    const began = session().trip;
    const outcome = await run.start((tell) => readable(readTrack(file, tell)));
    if (outcome.kind !== 'done' || outcome.value === undefined) return;
    const { track, waypoints, campsKm, points, segments } = outcome.value;
    const adopt = (): void =>
      change(`import the track ${track.name}`, (t) =>
        addWaypoints(adoptTrackWithCamps(t, track, campsKm), waypoints),
      );
    const now = session().trip;
    land(
      run,
      began,
      now,
      ['track', 'legs', 'waypoints'],
      adopt,
      `The track of ${file.name} is read. The days or places were changed meanwhile: taking it replaces their figures.`,
    );
    setTold(
      `${file.name}: ${points.toLocaleString('en')} points in ${counted(segments, 'segment')}, ${trackLengthKm(track).toFixed(1)} km` +
        `${track.elevationM === undefined ? ', no elevations: climb stays to be typed' : ''}` +
        `${waypoints.length > 0 ? `, ${counted(waypoints.length, 'place')} on the way` : ''}. ${campsKm.length > 0 && campsKm.length === now.legs.length - 1 ? `Its ${counted(campsKm.length, 'camp')} end the days.` : 'Drag the ends of the days to where the camps are.'}`,
    );
  };

  return (
    <Box>
      <Flex gap="3" align="center" wrap="wrap">
        <FileButton
          size="xs"
          variant="outline"
          disabled={run.running || readOnly}
          label="GPX file"
          accept=".gpx,application/gpx+xml,text/xml"
          onFile={(file) => void read(file)}
        >
          {trip.track === undefined ? 'Import a GPX track' : 'Import another track'}
        </FileButton>
        {trip.track !== undefined && (
          <Button
            size="xs"
            variant="outline"
            title="The track with water, places and camps as waypoints"
            onClick={() => download(`${trip.id}.gpx`, 'application/gpx+xml', tripGpx(trip) ?? '')}
          >
            Save as GPX
          </Button>
        )}
        {trip.track !== undefined && (
          <Button
            size="xs"
            variant="ghost"
            onClick={() => change('remove the track', dropTrack)}
            title="The legs keep their figures (undo brings the track back)"
          >
            Remove the track
          </Button>
        )}
        {run.running && (
          <Box w="14rem">
            <RunProgress label="Reading the track" run={run} />
          </Box>
        )}
        {told !== '' && (
          <Text fontSize="xs" role="status">
            {told}
          </Text>
        )}
      </Flex>
      {run.failed !== undefined && (
        <Box mt="2">
          <ErrorList
            title={run.failed.errors.length > 0 ? NOT_IMPORTED : `${NOT_IMPORTED} ${run.failed.message}`}
            errors={run.failed.errors}
          />
        </Box>
      )}
    </Box>
  );
}

/** What is wrong with a file is a failure of the run, told wherever it is shown. */
function readable(run: ReturnType<typeof readTrack>): Run<ReadTrack | undefined> {
  return mapRun(run, (answer) => {
    if (answer !== undefined && 'errors' in answer) throw new Refused(NOT_IMPORTED, answer.errors);
    return answer;
  });
}
