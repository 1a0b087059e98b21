import { Pause, Play } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useStill } from '../shared/useMedia';
import { Button, Flex, Text } from '../theme/chakra';
import type { PackSession } from './usePackSession';

/** A step of the play, ms. */
const STEP_MS = 1100;

/** The pack filling up, step by step: by hand, or as a short play. */
export function LoadingScrubber({ session }: { session: PackSession }) {
  const { loading, done, scrub } = session;
  const stepNow = loading[done - 1];
  const still = useStill();
  const [wanted, setWanted] = useState(false);
  const playing = wanted && !still && done < loading.length;
  useEffect(() => {
    if (!playing) return undefined;
    const timer = setTimeout(() => scrub(done + 1), STEP_MS);
    return () => clearTimeout(timer);
  }, [playing, done, scrub]);
  return (
    <Flex data-screen-only px="4" pt="2" gap="3" align="center" fontSize="xs">
      {/* Where nothing is to move by itself, the hand alone does it. */}
      {still ? (
        <Text flexShrink={0} fontWeight="600">
          Loading
        </Text>
      ) : (
        <Button
          size="2xs"
          variant="outline"
          flexShrink={0}
          onClick={() => {
            setWanted(!playing);
            if (!playing && done === loading.length) scrub(0);
          }}
        >
          {playing ? <Pause size={12} /> : <Play size={12} />} {playing ? 'Stop' : 'Play the loading'}
        </Button>
      )}
      <input
        type="range"
        className="slider"
        style={{ flex: 1, maxWidth: 340 }}
        aria-label="Loading, step by step"
        aria-valuetext={stepNow?.text ?? 'empty'}
        min={0}
        max={loading.length}
        value={done}
        onChange={(e) => {
          setWanted(false);
          scrub(Number(e.target.value));
        }}
      />
      <Text color="fg.muted" truncate>
        {done}/{loading.length} {done === loading.length ? 'all done' : (stepNow?.text ?? 'empty')}
      </Text>
    </Flex>
  );
}
