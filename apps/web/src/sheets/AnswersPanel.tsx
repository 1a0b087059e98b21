import { Box, Button, Flex, Text } from '../theme/chakra';
import type { SheetLink } from '@graft/core/api';
import { takeAnswers, type AnswerProposal, type Answers } from '@graft/core/sheet';
import type { Member } from '@graft/core/trip';
import { usePreferences } from '../shared/preferences';
import { useLimitChange } from '../shared/useLimitChange';
import { useInUnits } from '../shared/useInUnits';

interface Proposed {
  readonly member: Member;
  readonly answers: Answers;
  readonly proposals: readonly AnswerProposal[];
}

/** What members said of themselves: proposals that the leader takes one by one or all, and who has not answered. */
export function AnswersPanel({
  members,
  links,
  readOnly,
  onMessages,
}: {
  readonly members: readonly Proposed[];
  readonly links: ReadonlyMap<string, SheetLink>;
  readonly readOnly: boolean;
  readonly onMessages: () => void;
}) {
  const inUnits = useInUnits();
  const change = useLimitChange();
  const { hideWeights } = usePreferences();
  const open = members.filter((m) => m.proposals.length > 0);
  const silent = members.filter((m) => !m.answers.isDone);
  const takeAll = (those: readonly Proposed[]): void =>
    change(those.length === 1 ? `answers of ${those[0]!.member.name}` : 'all answers', (t) =>
      those.reduce((next, { member, answers }) => takeAnswers(next, member.id, answers), t),
    );
  return (
    <Box pt="2" fontSize="sm">
      <Text fontSize="xs" color="fg.muted">
        The link that opens a member’s sheet asks them, until you leave, for their weight, pack, own things,
        what they offer, eat and can carry. Nothing of it changes the trip until you take it.
      </Text>
      {open.length > 1 && !readOnly && (
        <Button size="xs" mt="2" onClick={() => takeAll(open)}>
          Take all of {open.length} members
        </Button>
      )}
      {open.map((one) => (
        <Box as="section" key={one.member.id} pt="3" aria-label={`Answers of ${one.member.name}`}>
          <Flex align="baseline" gap="3">
            <Text fontWeight="600" flex="1">
              {one.member.name}
            </Text>
            {!readOnly && (
              <Button size="2xs" onClick={() => takeAll([one])}>
                Take all
              </Button>
            )}
          </Flex>
          <Box as="ul" listStyleType="none">
            {one.proposals.map((proposal) => (
              <Flex as="li" key={proposal.id} gap="2" py="0.5" align="baseline">
                <Box flex="1">
                  {hideWeights && proposal.isPrivate
                    ? 'Something private: hidden with the body weights'
                    : inUnits(proposal.label)}
                </Box>
                {!readOnly && (
                  <Button
                    size="2xs"
                    variant="outline"
                    aria-label={`Take of ${one.member.name}: ${hideWeights && proposal.isPrivate ? 'something private' : proposal.label}`}
                    onClick={() => change(`${one.member.name}: answer`, proposal.apply)}
                  >
                    Take
                  </Button>
                )}
              </Flex>
            ))}
          </Box>
          {one.answers.disputed > 0 && (
            <Text fontSize="xs" color="overload.fg">
              ▲ Two of their devices say different things: the latest is shown.
            </Text>
          )}
        </Box>
      ))}
      {silent.length > 0 && (
        <Box pt="3">
          <Text fontWeight="600">Not all said yet</Text>
          <Text fontSize="xs">
            {silent
              .map(({ member, answers }) => {
                const state = !links.has(member.id) ? 'no link' : answers.count === 0 ? 'nothing' : 'begun';
                return `${member.name} (${state})`;
              })
              .join(', ')}
          </Text>
          <Button size="xs" mt="2" variant="outline" onClick={onMessages}>
            Remind them by a message
          </Button>
        </Box>
      )}
      {open.length === 0 && silent.length === 0 && (
        <Text pt="3">Everybody has said all, and it is in the trip.</Text>
      )}
    </Box>
  );
}
