import { Text } from '../theme/chakra';
import { stowVerdict, type Grade, type StowAssessment } from '@graft/core/stow';
import { useInUnits } from '../shared/useInUnits';

const MARKS: Readonly<Record<Grade, string>> = { good: '✓', fair: '△', poor: '▲' };

/** A grade as a mark and a word: neither colour nor shape alone. */
export function GradeMark({ grade }: { grade: Grade }) {
  return (
    <Text as="span" whiteSpace="nowrap" color={grade === 'poor' ? 'overload.fg' : undefined}>
      {MARKS[grade]} {grade}
    </Text>
  );
}

/** The stow in a sentence; nothing while nothing is stowed. */
export function Verdict({ stow }: { stow: StowAssessment }) {
  const inUnits = useInUnits();
  const verdict = stowVerdict(stow);
  if (verdict === undefined) return null;
  return (
    <Text
      role="status"
      aria-label="How it rides"
      px="4"
      pb="1.5"
      fontSize="sm"
      fontWeight="600"
      color={verdict.grade === 'poor' ? 'overload.fg' : undefined}
    >
      {MARKS[verdict.grade]} {inUnits(verdict.text)}
    </Text>
  );
}
