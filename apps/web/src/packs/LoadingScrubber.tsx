import { Flex, Text } from '../theme/chakra';
import type { PackSession } from './usePackSession';

/** The pack filling up, step by step. */
export function LoadingScrubber({ session }: { session: PackSession }) {
  const { loading, done } = session;
  const stepNow = loading[done - 1];
  return (
    <Flex data-screen-only px="4" pt="2" gap="3" align="center" fontSize="xs">
      <Text flexShrink={0} fontWeight="600">
        Loading
      </Text>
      <input
        type="range"
        className="slider"
        style={{ flex: 1, maxWidth: 340 }}
        aria-label="Loading, step by step"
        aria-valuetext={stepNow?.text ?? 'empty'}
        min={0}
        max={loading.length}
        value={done}
        onChange={(e) => session.scrub(Number(e.target.value))}
      />
      <Text color="fg.muted" truncate>
        {done}/{loading.length} {done === loading.length ? 'all done' : (stepNow?.text ?? 'empty')}
      </Text>
    </Flex>
  );
}
