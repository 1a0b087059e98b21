import { Box, Text } from '../theme/chakra';
import { useMemo } from 'react';
import type { StandsOn } from '@graft/core/report';
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
import { useAtRest } from '../shared/useAtRest';

interface Props {
  readonly figures: ShareFigures;
  /** The trip the figures are of. */
  readonly shown: Trip;
  readonly previewing: boolean;
}

/** How fair the share is, how much fairer it could be, and the button that makes it so. */
export function ShareFigurePanel({ figures, shown, previewing }: Props) {
  const stands = useStandsOn(shown, previewing);
  const shareOut = useShareOut(useSayRatio(shown));
  const now = useMemo(() => ({ figures, shown, stands }), [figures, shown, stands]);
  // What is below stays as it was while a piece is in hand: nothing moves away under it.
  const rest = useAtRest(now, previewing);
  return (
    <Box p="4" borderBottomWidth="1px">
      <ShareFigureLines
        figures={figures}
        shown={shown}
        previewing={previewing}
        provenLevel={shareOut.provenLevel}
        stands={stands}
      />
      <ShareOutPanel shareOut={shareOut} />
      <Box opacity={previewing ? 0.5 : undefined}>
        <AtRest {...rest} isFailed={shareOut.run.failed !== undefined} />
      </Box>
    </Box>
  );
}

/** What the share stands on, what is wrong with it, and what would mend it. */
function AtRest({
  figures,
  shown,
  stands,
  isFailed,
}: {
  readonly figures: ShareFigures;
  readonly shown: Trip;
  readonly stands: StandsOn | undefined;
  readonly isFailed: boolean;
}) {
  const inUnits = useInUnits();
  const overfull = figures.members.some((m) => m.fullestL > m.packVolumeL + 0.005);
  const fits =
    !isFailed && !overfull && figures.contradictions.length === 0 && !figures.members.some(isOverloaded);
  return (
    <>
      {stands === undefined ? (
        <Text mt="4" fontSize="xs" color="fg.muted" minH="8rem">
          Looking at what this stands on …
        </Text>
      ) : (
        <StandsOnLines trip={shown} figures={figures} stands={stands} />
      )}
      {figures.warnings.length > 0 && (
        <Box as="ul" mt="3" listStyleType="none" fontSize="xs" aria-label="Warnings">
          {figures.warnings.map((warning) => (
            <Box as="li" key={warning} py="0.5" color="overload.fg">
              ▲ {inUnits(warning)}
            </Box>
          ))}
        </Box>
      )}
      {!fits && <CureList />}
    </>
  );
}
