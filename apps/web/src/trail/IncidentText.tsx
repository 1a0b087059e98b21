import { Box, Text } from '../theme/chakra';
import type { Consciousness, KeptIncident } from '@graft/core/trail';
import { useInUnits } from '../shared/useInUnits';

export const CONSCIOUSNESS_WORDS: Readonly<Record<Consciousness, string>> = {
  alert: 'alert',
  voice: 'reacts to voice',
  pain: 'reacts to pain',
  unresponsive: 'does not react',
};

/** A note as it is read, on screen and on paper. */
export function IncidentText({ note, all }: { note: KeptIncident; all: readonly KeptIncident[] }) {
  const inUnits = useInUnits();
  const corrected = all.find((n) => n.id === note.corrects);
  const later = all.find((n) => n.corrects === note.id);
  const { vitals } = note;
  const signs = [
    vitals?.consciousness === undefined ? '' : CONSCIOUSNESS_WORDS[vitals.consciousness],
    vitals?.pulsePerMin === undefined ? '' : `pulse ${vitals.pulsePerMin} a minute`,
    vitals?.breathsPerMin === undefined ? '' : `${vitals.breathsPerMin} breaths a minute`,
    vitals?.temperatureC === undefined ? '' : inUnits(`${vitals.temperatureC} °C`),
    vitals?.skin === undefined ? '' : `skin ${vitals.skin}`,
    vitals?.pupils === undefined ? '' : `pupils ${vitals.pupils}`,
  ].filter((s) => s !== '');
  return (
    <Box fontSize="xs">
      <Text fontWeight="600">
        {note.at.replace('T', ' ')} · {note.who}
        {note.place === undefined ? '' : ` · ${note.place}`}
      </Text>
      {corrected !== undefined && <Text>Corrects the note of {corrected.at.replace('T', ' ')}.</Text>}
      {later !== undefined && (
        <Text fontWeight="600">Corrected by the note of {later.at.replace('T', ' ')}.</Text>
      )}
      <Text whiteSpace="pre-wrap">
        <b>Seen:</b> {note.seen}
      </Text>
      {note.given !== undefined && (
        <Text whiteSpace="pre-wrap">
          <b>Given:</b> {note.given}
        </Text>
      )}
      {signs.length > 0 && (
        <Text>
          <b>Vital signs:</b> {signs.join(', ')}
        </Text>
      )}
      <Text color="fg.muted">
        {note.writtenAt === ''
          ? 'On this device, not sent yet'
          : `Written by ${note.writtenBy}, ${note.writtenAt.slice(0, 16).replace('T', ' ')} UTC`}
      </Text>
    </Box>
  );
}
