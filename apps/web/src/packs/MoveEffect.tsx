import { Box } from '../theme/chakra';
import type { StowMove } from '@graft/core/stow';
import { packOf, type Trip } from '@graft/core/trip';
import { useInUnits } from '../shared/useInUnits';

/** A single move in words, with what it does to the centre of gravity and to rules. */
export function MoveEffect({
  trip,
  memberId,
  move,
  name,
}: {
  trip: Trip;
  memberId: string;
  move: StowMove;
  name: string;
}) {
  const inUnits = useInUnits();
  const member = trip.members.find((m) => m.id === memberId)!;
  const zone = packOf(trip, member).zones.find((z) => z.id === move.zoneId);
  const { before, after } = move;
  const change = (axis: 'x' | 'y' | 'z'): number =>
    axis === 'x'
      ? Math.abs(after.centre.x) - Math.abs(before.centre.x)
      : after.centre[axis] - before.centre[axis];
  const signed = (cm: number, more: string, less: string): string =>
    Math.abs(cm) < 0.05 ? '' : `${inUnits(`${Math.abs(cm).toFixed(1)} cm`)} ${cm > 0 ? more : less}`;
  const effects = [
    signed(change('z'), 'higher', 'lower'),
    signed(change('y'), 'further out', 'closer'),
    signed(change('x'), 'less even', 'more even'),
    before.cost.safety > after.cost.safety ? 'one safety rule kept' : '',
    after.cost.safety > before.cost.safety ? '▲ breaks a safety rule' : '',
    after.cost.misfit > before.cost.misfit + 0.01 ? '▲ does not all go in' : '',
    after.cost.tooDeep > before.cost.tooDeep ? '△ later at hand' : '',
    after.cost.bandMissCm > before.cost.bandMissCm + 0.05 ? '△ heavy things leave their band' : '',
    after.cost.misplaced > before.cost.misplaced + 1 ? 'less where it belongs' : '',
    before.cost.misfit > after.cost.misfit + 0.01
      ? `${(before.cost.misfit - after.cost.misfit).toFixed(1)} more fits`
      : '',
    before.cost.tooDeep > after.cost.tooDeep ? 'sooner at hand' : '',
  ].filter((text) => text !== '');
  return (
    <Box>
      Move <b>{name}</b> to {zone?.name.toLowerCase()}
      {move.side === 'centre' ? '' : `, ${move.side}`}:{' '}
      {effects.length === 0 ? 'no other effect' : effects.join(', ')}
    </Box>
  );
}
