import { useState } from 'react';
import { ago } from '../shared/shortTime';
import { counted } from '../shared/words';
import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import { letKeepNotes, takeOff } from './keptTrips';
import { keepsNotes } from './permission';
import { useDevice, useDeviceChanged } from './useDevice';

/** What this device keeps of the account's trips, and what it may. */
export function DevicePart() {
  const device = useDevice();
  const changed = useDeviceChanged();
  const [notes, setNotes] = useState(keepsNotes);
  if (device === undefined) return null;
  return (
    <>
      <Text mb="3">
        Trips that you open stay on this device, so that they open without a network, until 14 days after
        their last day. Signing out takes them off.
      </Text>
      <Box as="ul" aria-label="Trips on this device" listStyleType="none">
        {[...device.trips.values()].map(({ id, name, readAt }) => (
          <Flex as="li" key={id} align="center" gap="3" py="1" wrap="wrap">
            <Text flex="1" minW="12rem">
              {name}{' '}
              <Text as="span" color="fg.muted" fontSize="xs">
                as of {ago(readAt)}
                {device.waiting.has(id) && ' · changes wait to be sent'}
              </Text>
            </Text>
            <Button
              size="xs"
              variant="outline"
              aria-label={`Take ${name} off this device`}
              onClick={() => void takeOff(id).then(changed)}
            >
              Take off
            </Button>
          </Flex>
        ))}
      </Box>
      {device.trips.size === 0 && <Text color="fg.muted">No trip is on this device yet.</Text>}
      <Checkbox.Root
        mt="3"
        checked={notes}
        onCheckedChange={({ checked }) => {
          setNotes(checked === true);
          void letKeepNotes(checked === true);
        }}
      >
        <Checkbox.HiddenInput />
        <Checkbox.Control />
        <Checkbox.Label>
          Keep health notes and the incident log on this device too, to read them without a network
        </Checkbox.Label>
      </Checkbox.Root>
    </>
  );
}

/** Asked before signing out while something was not sent yet. */
export function UnsentWarning() {
  const device = useDevice();
  if (device === undefined || device.waiting.size === 0) return null;
  return (
    <Text role="alert" mb="3" borderLeftWidth="4px" borderColor="overload" pl="3">
      Changes of {counted(device.waiting.size, 'trip')} are only on this device: the server does not have them
      yet. Signing out loses them. Open the trip and export it to keep them.
    </Text>
  );
}
