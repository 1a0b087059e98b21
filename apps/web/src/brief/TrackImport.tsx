import { whole } from '../shared/locale';
import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import type { PieceUse, PlacesOfFile } from '@graft/core/formats';
import { adoptTrackWithCamps, dropTrack, loweredBy, trackLengthKm } from '@graft/core/route';
import { LIST_SIZES } from '@graft/core/schema';
import { addWaypoints, type Trip } from '@graft/core/trip';
import { readTrack } from '../workers/track';
import { download } from '../shared/download';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { part } from '../shared/part';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';
import { RunProgress } from '../shared/RunProgress';
import { Refused } from '../shared/runs';
import { useRun } from '../shared/useRun';
import { mapRun, type Run } from '../workers/run';
import type { ReadPlaces, ReadTrack } from '../workers/track.worker';
import { PlainDialog } from '../shared/PlainDialog';
import { land } from '../shared/land';
import { useInUnits } from '../shared/useInUnits';
import { useOnDemand } from '../shared/useOnDemand';

const BesideDialog = part(() => import('./BesideDialog'), 'BesideDialog');
const TrackDialog = part(() => import('./TrackDialog'), 'TrackDialog');

const NOT_IMPORTED = 'The track was not imported; nothing has changed.';
const [, MOST_PLACES] = LIST_SIZES.waypoints;

/** A file whose pieces are chosen, with what it holds. */
interface Choice {
  readonly file: File;
  readonly read: ReadTrack;
}

/** Import a GPX track, with its progress and what became of it. */
export function TrackImport() {
  const inUnits = useInUnits();
  const { trip, change, readOnly, session } = useTrip();
  const run = useRun('Reading the track', { outlives: true });
  const [told, setTold] = useState('');
  const [choice, setChoice] = useState<Choice | undefined>();
  const [beside, setBeside] = useState<PlacesOfFile['beside']>([]);
  const [isChoosing, setChoosing] = useState(false);
  const room = MOST_PLACES - trip.waypoints.length;

  const read = async (file: File, uses?: readonly PieceUse[]): Promise<void> => {
    setTold('');
    setChoice(undefined);
    const began = session().trip;
    const ask = {
      mostPlaces: MOST_PLACES - began.waypoints.length,
      ...(uses === undefined ? {} : { uses }),
      ...(began.track === undefined ? {} : { track: began.track }),
    };
    const outcome = await run.start((tell) => readable(readTrack(file, ask, tell)));
    if (outcome.kind !== 'done' || outcome.value === undefined) return;
    const answer = outcome.value;
    if (answer.kind === 'track' && answer.pieces.length > 1 && uses === undefined) {
      setChoice({ file, read: answer });
      return;
    }
    const { onTheWay, beside: others } = answer.places;
    setBeside(others);
    if (answer.kind === 'places') {
      change(`places of ${file.name}`, (t) => addWaypoints(t, onTheWay));
      setTold(`${file.name}: ${counted(onTheWay.length, 'place')} on the way added; it holds no track.`);
      return;
    }
    const { track, campsKm, points } = answer;
    const step = (t: Trip): Trip => addWaypoints(adoptTrackWithCamps(t, track, campsKm), onTheWay);
    const now = session().trip;
    land(
      run,
      began,
      now,
      ['track', 'legs', 'waypoints'],
      () => change(`import the track ${track.name}`, step),
      `The track of ${file.name} is read. The days or places were changed meanwhile: taking it replaces their figures.`,
    );
    const lowered = loweredBy(now, step(now));
    setTold(
      `${file.name}: ${whole(points)} points, ${inUnits(`${trackLengthKm(track).toFixed(1)} km`)}` +
        `${track.elevationM === undefined ? ', no elevations: climb and hours stay as they were typed' : ''}` +
        `${track.gapsBefore === undefined ? '' : `, ${counted(track.gapsBefore.length, 'gap')} that ${track.gapsBefore.length === 1 ? 'is' : 'are'} not walked`}` +
        `${onTheWay.length > 0 ? `, ${counted(onTheWay.length, 'place')} on the way` : ''}. ${campsKm.length > 0 && campsKm.length === now.legs.length - 1 ? 'Its camps, or the ends of its tracks, end the days.' : 'Drag the ends of the days to where the camps are.'}` +
        `${lowered.length === 0 ? '' : ` Lower than what was typed: ${inUnits(lowered.join('; '))}. Undo brings it back.`}`,
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
        {trip.track !== undefined && <SaveTrack trip={trip} />}
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
      {beside.length > 0 && (
        <Button size="xs" variant="plain" px="0" textDecoration="underline" onClick={() => setChoosing(true)}>
          {counted(beside.length, 'more place')} of the file: choose
        </Button>
      )}
      <PlainDialog
        title="Pieces of the file"
        open={choice !== undefined}
        onClose={() => setChoice(undefined)}
        size="xl"
      >
        {choice !== undefined && (
          <TrackDialog
            pieces={choice.read.pieces}
            suggested={choice.read.uses}
            onTake={(uses) => void read(choice.file, uses)}
          />
        )}
      </PlainDialog>
      <PlainDialog
        title="Places beside the way"
        open={isChoosing}
        onClose={() => setChoosing(false)}
        size="lg"
      >
        <BesideDialog
          places={beside}
          most={room}
          onTake={(places) => {
            change('places beside the way', (t) =>
              addWaypoints(
                t,
                places.map(({ awayKm: _away, ...place }) => place),
              ),
            );
            setBeside(beside.filter((p) => !places.includes(p)));
            setChoosing(false);
          }}
        />
      </PlainDialog>
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

function SaveTrack({ trip }: { trip: Trip }) {
  const onDemand = useOnDemand();
  return (
    <Button
      size="xs"
      variant="outline"
      title="The track with water, places and camps as waypoints"
      onClick={() =>
        onDemand(
          () => import('./trackFile'),
          ({ tripGpx }) => download(`${trip.id}.gpx`, 'application/gpx+xml', tripGpx(trip) ?? ''),
        )
      }
    >
      Save as GPX
    </Button>
  );
}

/** What is wrong with a file is a failure of the run, told wherever it is shown. */
function readable(run: ReturnType<typeof readTrack>): Run<ReadTrack | ReadPlaces | undefined> {
  return mapRun(run, (answer) => {
    if (answer !== undefined && 'errors' in answer) throw new Refused(NOT_IMPORTED, answer.errors);
    return answer;
  });
}
