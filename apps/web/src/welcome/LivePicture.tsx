import { useEffect, useMemo, useState } from 'react';
import { NO_BOUND, shareFigures } from '@graft/core/share';
import { assess, loadingSteps, planningDay, stowProblem } from '@graft/core/stow';
import { packOf, type Member, type Trip } from '@graft/core/trip';
import { CutPicture } from '../packs/CutPicture';
import { loadedBy } from '../packs/loadedBy';
import { useStill } from '../shared/useMedia';
import { Box, Text } from '../theme/chakra';
import { BeamBoard } from '../shares/BeamBoard';
import { useShowing } from './useShowing';
import demo from '../../../../data/demo/corvane-census.graft.json?url';

/** Whose pack is shown, and for how long each step of loading it, ms. */
const SHOWN_MEMBER = 'noor';
const STEP_MS = 420;
const NONE: ReadonlySet<string> = new Set();

/** What Graft does, on a made-up trip and by its own engines: beams go from uneven to even, a pack is filled. */
export default function LivePicture() {
  const still = useStill();
  const { trip, share, best, failed } = useShowing(demo, SHOWN_MEMBER, still);
  if (failed !== undefined)
    return (
      <Text gridArea="beams" fontSize="xs" color="fg.muted">
        The picture of a shared and stowed party could not be drawn: {failed}
      </Text>
    );
  if (trip === undefined) return null;
  const member = trip.members.find((m) => m.id === SHOWN_MEMBER) ?? trip.members[0]!;
  // Nothing here is to be worked with: that is what the trip itself is for.
  return (
    <>
      <Box
        gridArea="beams"
        inert
        role="img"
        aria-label="A made-up party’s loads go from uneven to even"
        minW="0"
        borderWidth="1px"
        bg="bg.panel"
        overflow="hidden"
      >
        <Text px="4" pt="3" fontWeight="600">
          {best === undefined
            ? 'Dealt out as the list has it: who is small carries too much'
            : share === best
              ? 'Shared out: the same part of each one’s own limit'
              : 'Sharing out, piece by piece …'}
        </Text>
        <Beams trip={{ ...trip, share }} />
      </Box>
      <Box
        gridArea="pack"
        inert
        role="img"
        aria-label={`${member.name}’s pack is filled step by step`}
        borderWidth="1px"
        bg="bg.panel"
        p="3"
      >
        <Text fontWeight="600" mb="1">
          {member.name}’s {packOf(trip, member).name}, filled
        </Text>
        <Filling trip={{ ...trip, share: best ?? share }} member={member} still={still} />
      </Box>
    </>
  );
}

function Beams({ trip }: { trip: Trip }) {
  // The bound is of people and pieces, which stay.
  const figures = shareFigures(trip, NO_BOUND);
  return (
    <BeamBoard
      trip={trip}
      figures={figures}
      day="heaviest"
      rows={figures.members.map((m) => ({ figures: m }))}
      chosenIds={NONE}
      heldIds={NONE}
      targetId={undefined}
      onChoose={() => {}}
      onHover={() => {}}
      glance
    />
  );
}

function Filling({ trip, member, still }: { trip: Trip; member: Member; still: boolean }) {
  const placements = trip.stows.find((s) => s.memberId === member.id)?.placements;
  const { stow, steps } = useMemo(() => {
    const problem = stowProblem(trip, member.id, planningDay(trip, member.id));
    const assessed = assess(problem, placements ?? []);
    return { stow: assessed, steps: loadingSteps(problem, assessed) };
    // The trip is made anew with every piece that changes hands; this pack only with its own stow.
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [placements, member.id]);
  const [done, setDone] = useState(0);
  const all = steps.length;
  useEffect(() => {
    if (placements === undefined || still || done >= all) return undefined;
    const timer = setTimeout(() => setDone(done + 1), STEP_MS);
    return () => clearTimeout(timer);
  }, [placements, still, done, all]);
  const shown = still ? all : done;
  const loaded = loadedBy(stow, steps, shown);
  return (
    <>
      <CutPicture pack={packOf(trip, member)} torsoCm={member.torsoCm} stow={stow} loaded={loaded} />
      <Text mt="1" fontSize="xs" color="fg.muted" truncate>
        {shown < all
          ? (steps[shown - 1]?.text ?? 'Empty yet')
          : 'Heavy things in their band, close to the back'}
      </Text>
    </>
  );
}
