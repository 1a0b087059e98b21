import { Flex, Text } from '../theme/chakra';
import { allPieces, type Member } from '@graft/core/trip';
import { useTrip } from '../shared/tripContext';

/** What a member need not bring: the group provides it. And what is lent to them. */
export function Provided({ member }: { member: Member }) {
  const { trip } = useTrip();
  const pieces = new Set(allPieces(trip).map((p) => p.id));
  const kits = trip.kits.filter((kit) =>
    kit.pieces.some(
      (p) =>
        p.onlyGroupId === undefined ||
        p.onlyGroupId === member.tentGroupId ||
        p.onlyGroupId === member.cookGroupId,
    ),
  );
  const own = trip.personalThings.filter((t) => t.memberId === member.id);
  const required = own.filter((t) => t.want === 'required').length;
  const optional = own.filter((t) => t.want === 'optional').length;
  const borrowed = own.filter((t) => t.owner !== undefined && t.owner !== member.name);
  const lent = trip.arrangements.filter(
    (a) =>
      a.kind === 'loan' &&
      !a.done &&
      a.thingId !== undefined &&
      !pieces.has(a.thingId) &&
      own.some((t) => t.id === a.thingId),
  );
  return (
    <Flex
      direction="column"
      fontSize="xs"
      color="fg.muted"
      py="2"
      gap="0.5"
      aria-label={`${member.name}'s list`}
      role="note"
    >
      <Text>
        <b>Provided by the group:</b>{' '}
        {kits.length === 0 ? 'nothing yet' : kits.map((k) => k.name).join(' · ')}
      </Text>
      <Text>
        <b>Asked for:</b> {required} required, {optional} optional
        {borrowed.length > 0 && (
          <>
            {' '}
            · <b>Borrowed:</b> {borrowed.map((t) => `${t.name.toLowerCase()} (${t.owner})`).join(', ')}
          </>
        )}
        {lent.length > 0 && (
          <>
            {' '}
            · <b>To give back:</b>{' '}
            {lent.map((a) => `${a.text}${a.byDate === undefined ? '' : ` by ${a.byDate}`}`).join(', ')}
          </>
        )}
      </Text>
    </Flex>
  );
}
