import { Box, Button, Flex, Table, Text, VisuallyHidden } from '../theme/chakra';
import { Lock, LockOpen } from 'lucide-react';
import { useMemo } from 'react';
import { carrierEffects, whatHolds, whyThisCarrier, type ShareFigures } from '@graft/core/share';
import { lockPiece, nameAlone, type Carried, type Trip } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';
import { SplitPiece } from './SplitPiece';
import { useInUnits, useQuantities } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';

/** Changes of the largest ratio below this are none. */
const SAME_RATIO = 0.0005;

interface Props {
  readonly piece: Carried;
  readonly figures: ShareFigures;
  /** The trip the figures are of: with the piece in hand where it would go. */
  readonly shown: Trip;
  /** The day whose carrier is meant. */
  readonly day: number;
  readonly onGive: (piece: Carried, memberId: string) => void;
}

/** The chosen piece: what it is, why it is where it is, what holds it, and what each carrier would make of the share. */
export function PieceDetail({ piece, figures, shown, day, onGive }: Props) {
  const { walked, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const effects = useMemo(
    () => carrierEffects(shown, figures, piece.id, day),
    [shown, figures, piece.id, day],
  );
  const assignment = walked.share.find((a) => a.pieceId === piece.id);
  const holds = whatHolds(walked, piece);
  const name = nameAlone(walked, piece);
  const inUnits = useInUnits();
  const { show } = useQuantities();
  const limits = useLimits();
  const say = (ratio: number): string => limits.measure(walked.fairness, ratio);
  return (
    <Box p="4" aria-label="Chosen piece" role="region">
      <Flex justify="space-between" align="start" gap="2">
        <Box>
          <Text fontWeight="600">{name}</Text>
          <Text fontSize="xs" color="fg.muted">
            {piece.massEstimated ? 'about ' : ''}
            {formatMass(piece.massKg, massUnit)}, {show(piece.volumeL, 'volume')}
            {whenCarried(piece)}
          </Text>
        </Box>
        {assignment !== undefined && (
          <Button
            size="2xs"
            variant="outline"
            aria-pressed={assignment.locked}
            disabled={readOnly}
            onClick={() =>
              change(`${assignment.locked ? 'unlock' : 'lock'} ${name}`, (t) =>
                lockPiece(t, piece.id, !assignment.locked),
              )
            }
          >
            {assignment.locked ? <Lock size={12} /> : <LockOpen size={12} />}{' '}
            {assignment.locked ? 'Locked' : 'Lock'}
          </Button>
        )}
      </Flex>
      <Text fontSize="xs" mt="2" data-testid="why-here">
        {inUnits(limits.words(whyThisCarrier(shown, figures, effects)))}
      </Text>
      {holds.length > 0 && (
        <Box as="ul" fontSize="xs" mt="1" listStyleType="none" aria-label="What holds it">
          {holds.map((text) => (
            <li key={text}>{inUnits(text)}</li>
          ))}
        </Box>
      )}
      <SplitPiece key={piece.id} piece={piece} />
      <Table.Root
        size="sm"
        mt="2"
        aria-label={`Carriers of ${name}`}
        css={{ '& th, & td': { px: '1', py: '1', fontSize: 'xs' } }}
      >
        <Table.Header>
          <Table.Row bg="transparent">
            <Table.ColumnHeader>If carried by</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">they</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end">largest</Table.ColumnHeader>
            <Table.ColumnHeader textAlign="end" title="The days together: more or less even than now">
              days
            </Table.ColumnHeader>
            <Table.ColumnHeader>
              <VisuallyHidden>What can be done</VisuallyHidden>
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {effects.map((effect) => (
            <Table.Row key={effect.member.id} bg="transparent">
              <Table.Cell fontWeight={effect.carriesNow ? '600' : undefined}>
                {effect.member.name}
                {effect.overL > 0.005 && !effect.carriesNow && (
                  <Text as="span" display="block" color="overload.fg" fontSize="2xs">
                    ▲ pack {show(effect.overL, 'volume')} too full
                  </Text>
                )}
              </Table.Cell>
              <Table.Cell textAlign="end" color={effect.overKg > 0 ? 'overload.fg' : undefined}>
                {effect.overKg > 0 && '▲ '}
                {say(effect.ratio)}
              </Table.Cell>
              <Table.Cell textAlign="end">
                {effect.carriesNow
                  ? say(effect.largestRatio)
                  : limits.hidden && walked.fairness !== 'plainKg'
                    ? upOrDown(effect.change)
                    : signed(effect.change, say)}
              </Table.Cell>
              <Table.Cell textAlign="end">
                {effect.carriesNow || Math.abs(effect.unevenness) < 1e-5
                  ? '='
                  : effect.unevenness < 0
                    ? 'evener'
                    : 'less'}
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
                    disabled={readOnly}
                    onClick={() => onGive(piece, effect.member.id)}
                    aria-label={`Give ${name} to ${effect.member.name}`}
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

const upOrDown = (change: number): string =>
  Math.abs(change) < SAME_RATIO ? 'same' : change > 0 ? 'higher' : 'lower';

function signed(change: number, say: (ratio: number) => string): string {
  const text = say(Math.abs(change));
  if (/^0[.0]* /.test(text)) return `±${text}`;
  return `${change > 0 ? '+' : '−'}${text}`;
}

function whenCarried(piece: Carried): string {
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
