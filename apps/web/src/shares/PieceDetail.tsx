import { Box, Button, Flex, Table, Text } from '@chakra-ui/react';
import { Lock, LockOpen } from 'lucide-react';
import { useMemo } from 'react';
import {
  carrierEffects,
  formatMass,
  formatPercent,
  formatVolume,
  lockPiece,
  type Piece,
  type ShareFigures,
  type Trip,
} from '@graft/core';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/TripProvider';

interface Props {
  readonly piece: Piece;
  readonly figures: ShareFigures;
  /** The trip the figures are of: with the piece in hand where it would go. */
  readonly shown: Trip;
  readonly onGive: (piece: Piece, memberId: string) => void;
}

/** The chosen piece: what it is, what holds it, and what each carrier would make of the largest ratio. */
export function PieceDetail({ piece, figures, shown, onGive }: Props) {
  const { trip, change } = useTrip();
  const { massUnit } = usePreferences();
  const effects = useMemo(() => carrierEffects(shown, figures, piece.id), [shown, figures, piece.id]);
  const assignment = trip.share.find((a) => a.pieceId === piece.id);
  const group = trip.groups.find((g) => g.id === piece.onlyGroupId);
  const rules = trip.carrierRules.filter((r) => r.pieceIds.includes(piece.id));
  return (
    <Box p="4" aria-label="Chosen piece" role="region">
      <Flex justify="space-between" align="start" gap="2">
        <Box>
          <Text fontWeight="600">{piece.name}</Text>
          <Text fontSize="xs" color="fg.muted">
            {piece.massEstimated ? 'about ' : ''}
            {formatMass(piece.massKg, massUnit)}, {formatVolume(piece.volumeL)}
            {whenCarried(piece)}
          </Text>
        </Box>
        {assignment !== undefined && (
          <Button
            size="2xs"
            variant="outline"
            aria-pressed={assignment.locked}
            onClick={() =>
              change(`${assignment.locked ? 'unlock' : 'lock'} ${piece.name}`, (t) =>
                lockPiece(t, piece.id, !assignment.locked),
              )
            }
          >
            {assignment.locked ? <Lock size={12} /> : <LockOpen size={12} />}{' '}
            {assignment.locked ? 'Locked' : 'Lock'}
          </Button>
        )}
      </Flex>
      {(group !== undefined || piece.onlyMemberIds !== undefined || rules.length > 0) && (
        <Box fontSize="xs" mt="1">
          {group !== undefined && <Text>Only for {group.name}.</Text>}
          {piece.onlyMemberIds !== undefined && (
            <Text>
              Only for{' '}
              {piece.onlyMemberIds.map((id) => trip.members.find((m) => m.id === id)?.name).join(', ')}.
            </Text>
          )}
          {rules.map((rule) => (
            <Text key={rule.id}>
              {rule.kind === 'same' ? 'With one carrier: ' : 'Different carriers: '}
              {rule.reason}.
            </Text>
          ))}
        </Box>
      )}
      <Table.Root
        size="sm"
        mt="2"
        aria-label={`Carriers of ${piece.name}`}
        css={{ '& th, & td': { px: '1', py: '1', fontSize: 'xs' } }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>If carried by</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">they</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">largest</Table.ColumnHeader>
            <Table.ColumnHeader />
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {effects.map((effect) => (
            <Table.Row key={effect.member.id} bg="transparent">
              <Table.Cell fontWeight={effect.carriesNow ? '600' : undefined}>{effect.member.name}</Table.Cell>
              <Table.Cell textAlign="end">{formatPercent(effect.ratio)}</Table.Cell>
              <Table.Cell textAlign="end" color={effect.largestRatio > 1 ? 'overload.fg' : undefined}>
                {effect.carriesNow ? formatPercent(effect.largestRatio) : signed(effect.change)}
              </Table.Cell>
              <Table.Cell textAlign="end">
                {effect.carriesNow ? (
                  <Text as="span" fontSize="2xs">
                    carries it
                  </Text>
                ) : effect.allowed ? (
                  <Button
                    size="2xs"
                    variant="ghost"
                    h="5"
                    onClick={() => onGive(piece, effect.member.id)}
                    aria-label={`Give ${piece.name} to ${effect.member.name}`}
                  >
                    Give
                  </Button>
                ) : (
                  <Text as="span" fontSize="2xs" color="fg.muted">
                    not theirs
                  </Text>
                )}
              </Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Box>
  );
}

function signed(change: number): string {
  if (Math.abs(change) < 0.0005) return '±0 %';
  return `${change > 0 ? '+' : '−'}${formatPercent(Math.abs(change))}`;
}

function whenCarried(piece: Piece): string {
  const parts: string[] = [];
  if (piece.fromDay !== undefined) parts.push(`from day ${piece.fromDay}`);
  const use = piece.consumption;
  if (use !== undefined)
    parts.push(
      use.fromDay === use.toDay
        ? `gone after day ${use.toDay}`
        : `used up over days ${use.fromDay}–${use.toDay}`,
    );
  else if (piece.toDay !== undefined) parts.push(`until day ${piece.toDay}`);
  return parts.length === 0 ? '' : `, ${parts.join(', ')}`;
}
