import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import type { MarkKind, MarkValue, MemberProgress, SheetReport } from '@graft/core/sheet';
import { sharedThings, type Member } from '@graft/core/trip';
import { formatMass, formatMassChange } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { useTrip } from '../shared/tripContext';

interface Props {
  readonly members: readonly (readonly [Member, MemberProgress])[];
  readonly readOnly: boolean;
  /** Put a measured weight into the plan. */
  readonly onWeight: (report: SheetReport) => void;
  readonly onTell: (
    memberId: string,
    mark: { kind: MarkKind; value: MarkValue; thingId: string | undefined; replaces: readonly string[] },
  ) => void;
}

/** From and to members that waits for the leader: weights to take into the plan, problems to answer, things they will not carry. */
export function ReportsPanel({ members, readOnly, onWeight, onTell }: Props) {
  const all = members.flatMap(([member, { reports }]) => reports.map((report) => ({ member, report })));
  const conflicts = members.filter(([, p]) => p.conflicts.length > 0);
  return (
    <Box pt="2">
      {all.length === 0 && conflicts.length === 0 && (
        <Text fontSize="sm" color="fg.muted">
          Nothing waits for you. Weights, problems and vetoes that members report from their sheets come up
          here.
        </Text>
      )}
      <Box as="ul" listStyleType="none" aria-label="Told by members">
        {all.map(({ member, report }) => (
          <Report
            key={`${member.id} ${report.kind} ${report.thingId ?? ''}`}
            member={member}
            report={report}
            readOnly={readOnly}
            onWeight={() => onWeight(report)}
            onTell={(mark) => onTell(member.id, mark)}
          />
        ))}
        {conflicts.map(([member, { conflicts: names }]) => (
          <Box
            as="li"
            key={member.id}
            py="2"
            borderBottomWidth="1px"
            borderColor="border.muted"
            fontSize="sm"
          >
            <b>{member.name}</b>: two devices differ on {names.join(', ')}. Their next tick settles it.
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const SAYS: Readonly<Record<SheetReport['kind'], string>> = {
  weight: 'weighed',
  problem: 'has a problem',
  veto: 'will not carry',
};

function Report(props: {
  member: Member;
  report: SheetReport;
  readOnly: boolean;
  onWeight: () => void;
  onTell: (mark: Parameters<Props['onTell']>[1]) => void;
}) {
  const { member, report, readOnly, onWeight, onTell } = props;
  const { massUnit } = usePreferences();
  const { trip } = useTrip();
  const isShared = (id: string): boolean => sharedThings(trip).some((t) => t.id === id);
  const [text, setText] = useState('');
  const { kind, thing, thingId, value } = report;
  const about = thing?.name ?? (thingId === undefined ? undefined : 'something no longer theirs');
  const said = (v: MarkValue): string => (typeof v === 'number' ? formatMass(v, massUnit) : `“${String(v)}”`);
  const settle = (): void => onTell({ kind, value: '', thingId, replaces: report.heads });
  const answer = (): void => {
    if (text.trim() === '') return;
    onTell({ kind: 'answer', value: text.trim(), thingId, replaces: report.answerHeads });
    setText('');
  };
  return (
    <Box as="li" py="2" borderBottomWidth="1px" borderColor="border.muted" fontSize="sm">
      <Text>
        <b>{member.name}</b> {SAYS[kind]}
        {about !== undefined && kind === 'problem'
          ? ` with ${about}`
          : about === undefined
            ? ''
            : ` ${about}`}
        : {said(value)}
        {typeof value === 'number' && thing !== undefined && (
          <Text as="span" color="fg.muted">
            {' '}
            planned {formatMass(thing.massKg, massUnit)}
            {thing.estimated ? ', estimated' : ''}; {formatMassChange(value - thing.massKg, massUnit)}
          </Text>
        )}
        {report.others.length > 0 && ` (another device: ${report.others.map(said).join(', ')})`}
      </Text>
      {report.answer !== undefined && (
        <Text fontSize="xs" color="fg.muted">
          You: {report.answer}
        </Text>
      )}
      {!readOnly && kind !== 'weight' && thingId !== undefined && isShared(thingId) && (
        <Button size="xs" mt="1" variant="outline" asChild>
          <RouterLink to="../shares" state={{ piece: thingId }}>
            Who else could carry it?
          </RouterLink>
        </Button>
      )}
      {!readOnly &&
        (kind === 'weight' ? (
          thing !== undefined && (
            <Button size="xs" mt="1" onClick={onWeight}>
              Take {said(value)} into the plan
            </Button>
          )
        ) : (
          <Flex
            as="form"
            gap="1"
            mt="1"
            onSubmit={(e) => {
              e.preventDefault();
              answer();
            }}
          >
            <Input
              size="xs"
              value={text}
              maxLength={500}
              placeholder="Answer"
              aria-label={`Answer to ${member.name}${about === undefined ? '' : ` about ${about}`}`}
              onChange={(e) => setText(e.target.value)}
            />
            <Button size="xs" type="submit" variant="outline" disabled={text.trim() === ''}>
              Send
            </Button>
            <Button size="xs" variant="ghost" onClick={settle}>
              Settled
            </Button>
          </Flex>
        ))}
    </Box>
  );
}
