import { Box, Button, Flex, Progress, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { tripGpx } from '@graft/core/formats';
import { adoptTrackWithCamps, dropTrack, trackLengthKm } from '@graft/core/route';
import type { FieldError } from '@graft/core/schema';
import { addWaypoints } from '@graft/core/trip';
import { readTrack } from '../workers/track';
import { download } from '../shared/download';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { useTrip } from '../shared/TripProvider';
import { counted } from '../shared/words';

/** Import a GPX track, with its progress and what became of it. */
export function TrackImport() {
  const { trip, change, readOnly } = useTrip();
  const [done, setDone] = useState<number | undefined>();
  const [told, setTold] = useState('');
  const [errors, setErrors] = useState<readonly FieldError[] | undefined>();

  const read = async (file: File): Promise<void> => {
    setErrors(undefined);
    setTold('');
    setDone(0);
    try {
      const answer = await readTrack(file, setDone);
      if ('errors' in answer) {
        setErrors(answer.errors);
        return;
      }
      const { track, waypoints, campsKm, points, segments } = answer;
      change(`import the track ${track.name}`, (t) =>
        addWaypoints(adoptTrackWithCamps(t, track, campsKm), waypoints),
      );
      setTold(
        `${file.name}: ${points.toLocaleString('en')} points in ${counted(segments, 'segment')}, ${trackLengthKm(track).toFixed(1)} km` +
          `${track.elevationM === undefined ? ', no elevations: climb stays to be typed' : ''}` +
          `${waypoints.length > 0 ? `, ${counted(waypoints.length, 'place')} on the way` : ''}. ${campsKm.length > 0 && campsKm.length === trip.legs.length - 1 ? `Its ${counted(campsKm.length, 'camp')} end the days.` : 'Drag the ends of the days to where the camps are.'}`,
      );
    } catch (error) {
      setErrors([{ path: '', message: error instanceof Error ? error.message : String(error) }]);
    } finally {
      setDone(undefined);
    }
  };

  return (
    <Box>
      <Flex gap="3" align="center" wrap="wrap">
        <FileButton
          size="xs"
          variant="outline"
          disabled={done !== undefined || readOnly}
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
        {done !== undefined && (
          <Progress.Root value={Math.round(done * 100)} w="10rem" size="xs" aria-label="Reading the track">
            <Progress.Track>
              <Progress.Range />
            </Progress.Track>
          </Progress.Root>
        )}
        {told !== '' && (
          <Text fontSize="xs" role="status">
            {told}
          </Text>
        )}
      </Flex>
      {errors !== undefined && (
        <Box mt="2">
          <ErrorList title="The track was not imported; nothing has changed." errors={errors} />
        </Box>
      )}
    </Box>
  );
}
