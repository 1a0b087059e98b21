import { Box, Button } from '../theme/chakra';
import { exportTrip } from '../shared/download';
import { useReadOnly, useSaving, useTrip } from '../shared/tripContext';
import { ErrorList } from '../shared/ErrorList';
import { Strip } from './Strip';

/** What to do when the last change could not be stored; nothing is shown while all is well. */
export function SaveBanner() {
  const readOnly = useReadOnly();
  const { save, dismiss, reload, refusals } = useSaving();
  const { trip } = useTrip();
  if (readOnly) {
    return (
      <Strip role="status" gap="1">
        You may look at this trip, not change it.
        {refusals > 0 && (
          <Box as="strong">What you just tried was not done. Its owner can let you change it.</Box>
        )}
      </Strip>
    );
  }
  if (save.kind !== 'stale' && save.kind !== 'refused') return null;
  return (
    <Strip>
      <Box flex="1">
        {save.kind === 'stale' && (
          <ErrorList
            title={`${save.message} What you changed is still here: export it as a file if you want to keep it, then load the newer state.`}
            errors={[]}
          />
        )}
        {save.kind === 'refused' && (
          <ErrorList
            title={`The last change was not saved and has been taken back. ${save.message}`}
            errors={save.errors}
          />
        )}
      </Box>
      {save.kind === 'stale' && (
        <>
          <Button size="sm" variant="outline" onClick={() => void exportTrip(trip)}>
            Export what is here
          </Button>
          <Button size="sm" onClick={reload}>
            Load the newer state
          </Button>
        </>
      )}
      {save.kind === 'refused' && (
        <Button size="sm" variant="outline" onClick={dismiss}>
          Understood
        </Button>
      )}
    </Strip>
  );
}
