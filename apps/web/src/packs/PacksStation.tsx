import { Box, Flex } from '../theme/chakra';
import { useSearchParams } from 'react-router';
import { isNoPack, packOf, type Member } from '@graft/core/trip';
import { EmptyStation } from '../shared/EmptyStation';
import { ErrorList } from '../shared/ErrorList';
import { FullStation } from '../shared/FullStation';
import { useTrip } from '../shared/tripContext';
import { LoadingScrubber } from './LoadingScrubber';
import { PackHead } from './PackHead';
import { PackList } from './PackList';
import { PackPicture } from './PackPicture';
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
      <EmptyStation title="No pack yet" first={[['people', 'Add people and their packs']]} later="pack">
        Add the members and their packs at People first: each pack is planned here, with where every thing
        goes, how it rides and in what order it is loaded.
      </EmptyStation>
    );
  }
  return <OpenPack member={member} onOpen={(id) => setParams({ member: id })} />;
}

function OpenPack({ member, onOpen }: { member: Member; onOpen: (memberId: string) => void }) {
  const session = usePackSession(member);
  const planning = usePlanPacks();
  const { walked, stow, loading } = session;
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
        <PackPicture session={session} />
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
