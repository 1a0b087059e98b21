import { Box, Button, Flex, Text } from '../theme/chakra';
import { comeAfterAll, forgetNotComing, stayHome } from '@graft/core/schema';
import { removeMember, type Member } from '@graft/core/trip';
import { PlainDialog } from '../shared/PlainDialog';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';

/** Asked before a member goes: most who go are only not coming. */
export function LeavingDialog({ member, onDone }: { member: Member | undefined; onDone: () => void }) {
  const { change } = useTrip();
  const name = member?.name ?? '';
  const stay = (): void => {
    change(`${name} does not come`, (t) => stayHome(t, member!.id));
    onDone();
  };
  const remove = (): void => {
    change(`remove ${name}`, (t) => removeMember(t, member!.id));
    onDone();
  };
  return (
    <PlainDialog title={`${name} leaves the list?`} open={member !== undefined} onClose={onDone}>
      <Text mb="4">
        Whoever does not come stays in the list with their own things and carries nothing: what they had for
        the group goes back to the tray. They can come after all.
      </Text>
      <Flex gap="3" wrap="wrap">
        <Button size="sm" onClick={stay}>
          Does not come
        </Button>
        <Button size="sm" variant="outline" onClick={remove}>
          Remove from the trip
        </Button>
      </Flex>
    </PlainDialog>
  );
}

/** Who is in the list and does not come. */
export function NotComingList() {
  const { trip, change, readOnly } = useTrip();
  if (trip.notComing === undefined || trip.notComing.length === 0) return null;
  return (
    <Box as="section" mt="3" aria-label="Do not come">
      <Text fontSize="xs" fontWeight="600" color="fg.muted">
        Do not come: they carry nothing, and nothing is counted for them
      </Text>
      <Box as="ul" listStyleType="none">
        {trip.notComing.map(({ member: { id, name }, things }) => (
          <Flex as="li" key={id} align="center" gap="3" py="0.5">
            <Text color="fg.muted" textDecoration="line-through">
              {name}
            </Text>
            <Text fontSize="xs" color="fg.muted">
              {counted(things.length, 'own thing')}
            </Text>
            <Button
              size="2xs"
              variant="outline"
              disabled={readOnly}
              onClick={() => change(`${name} comes after all`, (t) => comeAfterAll(t, id))}
            >
              {name} comes after all
            </Button>
            <RemoveButton
              name={name}
              onClick={() => change(`remove ${name}`, (t) => forgetNotComing(t, id))}
            />
          </Flex>
        ))}
      </Box>
    </Box>
  );
}
