import { useState } from 'react';
import { PlainDialog } from '../shared/PlainDialog';
import { download } from '../shared/download';
import { useSaving, useTripCommands } from '../shared/tripContext';
import { Button, Text } from '../theme/chakra';

/** The whole trip, with what waits to be sent, as a file for the phone of whoever leads from now on. */
export function HandOverDialog({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { id, session } = useTripCommands();
  const { handOver } = useSaving();
  const [done, setDone] = useState(false);
  const [problem, setProblem] = useState('');
  const pass = async (): Promise<void> => {
    setProblem('');
    const { makeHandover } = await import('../device/handover');
    const { name, text } = await makeHandover(id, session());
    const file = new File([text], name, { type: 'application/json' });
    try {
      if (navigator.canShare?.({ files: [file] }) === true) await navigator.share({ files: [file] });
      else download(name, 'application/json', text);
      handOver();
      setDone(true);
    } catch (failed) {
      // Somebody thought better of it.
      if (failed instanceof DOMException && failed.name === 'AbortError') return;
      setProblem(failed instanceof Error ? failed.message : String(failed));
    }
  };
  return (
    <PlainDialog title="Hand over the lead" open={open} onClose={onClose}>
      <Text mb="2">
        Passes the whole trip, with everything that waits to be sent, to another phone as a file: no network
        is needed. There it is opened at “All trips” with “Import a trip file”, and goes on from here.
      </Text>
      <Text mb="2">
        When both phones have a network again, what was changed on both becomes one trip. Where both changed
        the same, the phone that took over counts.
      </Text>
      <Text mb="3" color="fg.muted">
        The file holds body weights and health notes: give it only to who leads now. To send changes to the
        server, that person must be a leader of this trip.
      </Text>
      {problem !== '' && (
        <Text role="alert" color="overload.fg" mb="2">
          {problem}
        </Text>
      )}
      <Button w="100%" onClick={() => void pass()}>
        {done ? 'Pass it on again' : 'Pass on the file'}
      </Button>
      {done && (
        <Text role="status" mt="2">
          Handed over.
        </Text>
      )}
    </PlainDialog>
  );
}
