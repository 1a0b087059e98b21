import { Box, Text } from '../theme/chakra';
import { isOverloaded, type ShareFigures } from '@graft/core/share';
import type { Trip } from '@graft/core/trip';
import { CureList } from './CureList';
import { ShareFigureLines } from './ShareFigureLines';
import { ShareOutPanel } from './ShareOutPanel';
import { useSayRatio } from './useSayRatio';
import { StandsOnLines } from './StandsOnLines';
import { useShareOut } from './useShareOut';
import { useStandsOn } from './useStandsOn';
import { useInUnits } from '../shared/useInUnits';

interface Props {
  readonly figures: ShareFigures;
  /** The trip the figures are of. */
  readonly shown: Trip;
  readonly previewing: boolean;
}

/** How fair the share is, how much fairer it could be, and the button that makes it so. */
export function ShareFigurePanel({ figures, shown, previewing }: Props) {
  const inUnits = useInUnits();
  const stands = useStandsOn(shown, previewing);
  const shareOut = useShareOut(figures, useSayRatio(shown));
  const overfull = figures.members.some((m) => m.fullestL > m.packVolumeL + 0.005);
  const fits =
    shareOut.run.failed === undefined &&
    !overfull &&
    figures.contradictions.length === 0 &&
    !figures.members.some(isOverloaded);
  return (
    <Box p="4" borderBottomWidth="1px">
      <ShareFigureLines
        figures={figures}
        shown={shown}
        previewing={previewing}
        proof={shareOut.proof}
        stands={stands}
      />
      <ShareOutPanel shareOut={shareOut} />
      {!previewing &&
        (stands === undefined ? (
          <Text mt="4" fontSize="xs" color="fg.muted" minH="8rem">
            Looking at what this stands on …
          </Text>
        ) : (
          <StandsOnLines trip={shown} figures={figures} stands={stands} />
        ))}
      {figures.warnings.length > 0 && (
        <Box as="ul" mt="3" listStyleType="none" fontSize="xs" aria-label="Warnings">
          {figures.warnings.map((warning) => (
            <Box as="li" key={warning} py="0.5" color="overload.fg">
              ▲ {inUnits(warning)}
            </Box>
          ))}
        </Box>
      )}
      {!previewing && !fits && <CureList />}
    </Box>
  );
}
