import { Box, Flex, Text } from '../theme/chakra';
import { Link, useSearchParams } from 'react-router';
import { isNoPack, packOf, type Member } from '@graft/core/trip';
import { ErrorList } from '../shared/ErrorList';
import { FullStation } from '../shared/FullStation';
import { useTrip } from '../shared/TripProvider';
import { LoadingScrubber } from './LoadingScrubber';
import { PackHead } from './PackHead';
import { PackList } from './PackList';
import { SectionDrawing } from './SectionDrawing';
import { StowFigures } from './StowFigures';
import { StowPanel } from './StowPanel';
import { usePackSession } from './usePackSession';
import { usePlanPacks } from './usePlanPacks';
import { Verdict } from './Verdict';

/** The stow of each pack: section drawings, what it does to the body, rules, reach, loading steps, practice. */
export function PacksStation() {
  const { walked } = useTrip();
  const [params, setParams] = useSearchParams();
  const withPack = walked.members.filter((m) => !isNoPack(packOf(walked, m)));
  const member = withPack.find((m) => m.id === params.get('member')) ?? withPack[0];
  if (member === undefined) {
    return (
      <Text p="10" fontSize="md">
        Add the members and their packs at{' '}
        <Link to="../people" style={{ textDecoration: 'underline' }}>
          People
        </Link>{' '}
        first: each pack is planned here.
      </Text>
    );
  }
  return <OpenPack member={member} onOpen={(id) => setParams({ member: id })} />;
}

function OpenPack({ member, onOpen }: { member: Member; onOpen: (memberId: string) => void }) {
  const session = usePackSession(member);
  const planning = usePlanPacks();
  const { walked, pack, stow, loading } = session;
  const isEmpty = stow.placed.length === 0;
  const figures = (
    <StowFigures
      stow={stow}
      bounds={session.bounds}
      problem={session.problem}
      practising={session.practice !== undefined}
    />
  );
  const failure = planning.run.failed ?? session.marking.failed;
  return (
    <FullStation direction={{ base: 'column', lg: 'row' }} align="stretch">
      <PackList
        walked={walked}
        member={member}
        planning={planning}
        onOpen={(id) => {
          onOpen(id);
          session.otherMember();
        }}
      />
      <Flex direction="column" flex="1" minW="0" overflowY="auto">
        <PackHead session={session} planning={planning} />
        <Verdict stow={stow} />
        {failure !== undefined && (
          <ErrorList title={`The planning stopped: ${failure.message}`} errors={failure.errors} />
        )}
        {/* What to do first stands before a drawing of nothing. */}
        {isEmpty && figures}
        <SectionDrawing
          key={pack.id}
          pack={pack}
          torsoCm={member.torsoCm}
          stow={stow}
          rested={session.rested}
          loaded={session.loaded}
          chosenId={session.chosenId}
          onChoose={session.choose}
          onDrag={session.mayChange ? session.drag : undefined}
          onCancel={session.letGo}
        />
        {!isEmpty && <LoadingScrubber session={session} />}
        {!isEmpty && figures}
        <Box data-print-only px="4" fontSize="sm">
          <ol>
            {loading.map((step, i) => (
              <li key={step.id}>
                {i + 1}. {step.text}
                {step.hint !== undefined && ` (${step.hint})`}
              </li>
            ))}
          </ol>
        </Box>
      </Flex>
      <StowPanel session={session} />
    </FullStation>
  );
}
