import { Box, Button, Checkbox, Flex, Text } from '../theme/chakra';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import { GAP_KM, gapsKm, type PieceUse, type TrackPiece } from '@graft/core/formats';
import { paint } from '../theme/system';
import { planOf } from './planView';
import { useInUnits } from '../shared/useInUnits';

const WIDTH = 420;
const HEIGHT = 300;
const MARGIN = 24;

/** A file with several pieces of way: which of them, in which order, which way round; what lies between is a gap. */
export function TrackDialog({
  pieces,
  suggested,
  onTake,
}: {
  readonly pieces: readonly TrackPiece[];
  readonly suggested: readonly PieceUse[];
  readonly onTake: (uses: readonly PieceUse[]) => void;
}) {
  const inUnits = useInUnits();
  const [uses, setUses] = useState(suggested);
  const left = pieces.filter((p) => !uses.some((u) => u.id === p.id));
  const gaps = gapsKm(pieces, uses);
  const km = uses.reduce((sum, u) => sum + pieces.find((p) => p.id === u.id)!.lengthKm, 0);
  const move = (i: number, by: 1 | -1): void => {
    const next = [...uses];
    [next[i], next[i + by]] = [next[i + by]!, next[i]!];
    setUses(next);
  };
  return (
    <Box>
      <Text fontSize="sm" pb="3">
        The file holds {pieces.length} pieces. Take those that are walked, in their order; what lies between
        two of them counts neither as way nor as climb.
      </Text>
      <Flex gap="5" direction={{ base: 'column', md: 'row' }}>
        <PiecesPlan pieces={pieces} uses={uses} />
        <Box flex="1" minW="0">
          <Box as="ol" listStyleType="none" aria-label="Pieces in order">
            {uses.map((use, i) => {
              const piece = pieces.find((p) => p.id === use.id)!;
              return (
                <li key={use.id}>
                  {i > 0 && gaps[i - 1]! > GAP_KM && (
                    <Text fontSize="xs" color="overload.fg" ps="7">
                      {inUnits(`gap of ${gaps[i - 1]!.toFixed(1)} km, not walked`)}
                    </Text>
                  )}
                  <Flex align="center" gap="2" py="1">
                    <PieceTick
                      label={`${i + 1}. ${piece.name}, ${inUnits(`${piece.lengthKm.toFixed(1)} km`)}`}
                      checked
                      onChange={() => setUses(uses.filter((u) => u.id !== use.id))}
                    />
                    <Box flex="1" />
                    <Button
                      size="2xs"
                      variant={use.isReversed ? 'solid' : 'outline'}
                      aria-pressed={use.isReversed}
                      onClick={() =>
                        setUses(uses.map((u) => (u.id === use.id ? { ...u, isReversed: !u.isReversed } : u)))
                      }
                    >
                      Reversed
                    </Button>
                    <Button
                      size="2xs"
                      variant="ghost"
                      aria-label={`${piece.name}: earlier`}
                      disabled={i === 0}
                      onClick={() => move(i, -1)}
                    >
                      <ArrowUp size={13} />
                    </Button>
                    <Button
                      size="2xs"
                      variant="ghost"
                      aria-label={`${piece.name}: later`}
                      disabled={i === uses.length - 1}
                      onClick={() => move(i, 1)}
                    >
                      <ArrowDown size={13} />
                    </Button>
                  </Flex>
                </li>
              );
            })}
          </Box>
          {left.length > 0 && (
            <Box as="ul" listStyleType="none" aria-label="Left out" pt="2" borderTopWidth="1px">
              {left.map((piece) => (
                <li key={piece.id}>
                  <PieceTick
                    label={`${piece.name}, ${inUnits(`${piece.lengthKm.toFixed(1)} km`)}${piece.isAlternative ? ': another way between two places of it' : ''}`}
                    checked={false}
                    onChange={() => setUses([...uses, { id: piece.id, isReversed: false }])}
                  />
                </li>
              ))}
            </Box>
          )}
          <Button mt="4" size="sm" disabled={uses.length === 0} onClick={() => onTake(uses)}>
            Take {uses.length === 1 ? 'this piece' : `these ${uses.length} pieces`},{' '}
            {inUnits(`${km.toFixed(1)} km`)}
          </Button>
        </Box>
      </Flex>
    </Box>
  );
}

function PieceTick({ label, checked, onChange }: { label: string; checked: boolean; onChange: () => void }) {
  return (
    <Checkbox.Root size="sm" checked={checked} onCheckedChange={onChange} py="1">
      <Checkbox.HiddenInput />
      <Checkbox.Control />
      <Checkbox.Label fontSize="sm">{label}</Checkbox.Label>
    </Checkbox.Root>
  );
}

/** The pieces from above: those taken with their number at the start, those left out dashed. */
function PiecesPlan({ pieces, uses }: { pieces: readonly TrackPiece[]; uses: readonly PieceUse[] }) {
  const plan = useMemo(
    () =>
      planOf(
        pieces.map((p) => p.points),
        WIDTH,
        HEIGHT,
        MARGIN,
      ),
    [pieces],
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width="100%"
      style={{ maxWidth: WIDTH, border: `1px solid ${paint('border')}`, alignSelf: 'start' }}
      role="img"
      aria-label="The pieces from above, north up"
    >
      {pieces.map((piece) => {
        const at = uses.findIndex((u) => u.id === piece.id);
        const start = uses[at]?.isReversed === true ? piece.points.at(-1)! : piece.points[0]!;
        const [x, y] = plan.at(start);
        return (
          <g key={piece.id}>
            <path
              d={plan.path(piece.points)}
              fill="none"
              stroke={paint(at < 0 ? 'fg.muted' : 'fg')}
              strokeWidth={at < 0 ? 1.2 : 2}
              strokeDasharray={at < 0 ? '3 4' : undefined}
            />
            {at >= 0 && (
              <>
                <circle cx={x} cy={y} r="8" fill={paint('bg.panel')} stroke={paint('fg')} />
                <text x={x} y={y + 4} textAnchor="middle" fill={paint('fg')} style={{ fontSize: 11 }}>
                  {at + 1}
                </text>
              </>
            )}
          </g>
        );
      })}
    </svg>
  );
}
