import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { memo, useState } from 'react';
import {
  WANTED_TWICE,
  dismissFinding,
  recallFinding,
  type KitChecks,
  type KitFinding,
} from '@graft/core/lists';
import type { Member } from '@graft/core/trip';
import { formatMassChange } from '@graft/core/units';
import { Fold } from '../shared/Fold';
import { usePreferences } from '../shared/preferences';
import { useTripCommands } from '../shared/tripContext';
import { counted } from '../shared/words';
import { useInUnits } from '../shared/useInUnits';

const WEIGHTS = {
  must: { sign: '▲', word: 'Settle before leaving' },
  should: { sign: '◆', word: 'Look at' },
  could: { sign: '○', word: 'Could save' },
} as const;
const ORDER = Object.keys(WEIGHTS) as (keyof typeof WEIGHTS)[];

interface Props {
  readonly members: readonly Member[];
  /** Whether the trip has a forecast. */
  readonly forecast: boolean;
  /** Absent while the first check runs. */
  readonly found: KitChecks | undefined;
  /** Show just these things in the table. */
  readonly onShow: (ids: ReadonlySet<string>) => void;
  /** The leave-behind adviser, with its own words where there is nothing. */
  readonly stay: boolean;
}

/** What the checks found: what, why, how many grams, whose, and a cure on one click. */
export const ChecksPanel = memo(function ChecksPanel({ members, forecast, found, onShow, stay }: Props) {
  const { change, readOnly } = useTripCommands();
  const { massUnit } = usePreferences();
  const inUnits = useInUnits();
  if (found === undefined)
    return (
      <Text fontSize="xs" color="fg.muted" pt="2" role="status">
        Looking through the lists …
      </Text>
    );
  const { open: findings, dismissed } = found;
  const savedKg = findings.reduce((sum, f) => sum + Math.min(0, f.cures[0]?.changeKg ?? 0), 0);
  return (
    <Box pt="2">
      <Text fontSize="xs" color="fg.muted">
        {findings.length === 0
          ? stay
            ? !forecast
              ? 'Nothing to leave behind yet. Enter a forecast at Trip to see what the weather makes needless. Three trips without use also count.'
              : 'By this forecast and your record nothing more can stay at home. The safety kit always comes along.'
            : 'Nothing to settle.'
          : `${counted(findings.length, 'finding')}${savedKg < -0.0005 ? `; all of them together would save ${formatMassChange(savedKg, massUnit).slice(1)}` : ''}`}
      </Text>
      <Box role="group" aria-label={stay ? 'Can stay' : 'Findings'}>
        {ORDER.map((weight) => {
          const list = findings.filter((f) => f.weight === weight);
          if (list.length === 0) return null;
          const { sign, word } = WEIGHTS[weight];
          return (
            <Box key={weight} as="section" pt="3">
              <Text
                as="h2"
                fontSize="xs"
                fontWeight="600"
                color={weight === 'must' ? 'overload.fg' : 'fg.muted'}
              >
                {sign} {word}, {list.length}
              </Text>
              <Box as="ul" listStyleType="none" aria-label={word}>
                {list.map((finding) => (
                  <FindingItem
                    key={finding.id}
                    finding={finding}
                    names={members.filter((m) => finding.memberIds.includes(m.id)).map((m) => m.name)}
                    onShow={onShow}
                  />
                ))}
              </Box>
            </Box>
          );
        })}
      </Box>
      {!stay && (
        <Text fontSize="xs" color="fg.muted" pt="3">
          Wanted twice, so never a double: {WANTED_TWICE.join('; ')}.
        </Text>
      )}
      {dismissed.length > 0 && (
        <Box pt="4">
          <Text fontSize="xs" fontWeight="600" color="fg.muted">
            Dismissed
          </Text>
          {dismissed.map(({ finding, reason }) => (
            <Flex key={finding.id} fontSize="xs" gap="2" align="baseline" py="1">
              <Box flex="1">
                {inUnits(finding.what)}: “{reason}”
              </Box>
              <Button
                size="2xs"
                variant="ghost"
                disabled={readOnly}
                onClick={() => change(`look at ${finding.what} again`, (t) => recallFinding(t, finding.id))}
              >
                Take up again
              </Button>
            </Flex>
          ))}
        </Box>
      )}
    </Box>
  );
});

function FindingItem({
  finding,
  names,
  onShow,
}: {
  finding: KitFinding;
  names: readonly string[];
  onShow: Props['onShow'];
}) {
  const inUnits = useInUnits();
  const { change, readOnly } = useTripCommands();
  const [reason, setReason] = useState<string | undefined>();
  const [first, ...others] = finding.cures;
  const dismiss = (): void => {
    const text = (reason ?? '').trim();
    if (text === '') return;
    change(`dismiss: ${finding.what}`, (t) => dismissFinding(t, finding.id, text));
  };
  return (
    <Box as="li" py="1.5" borderBottomWidth="1px" borderColor="border.muted">
      <Text fontWeight="600">{inUnits(finding.what)}</Text>
      {first !== undefined && <CureButton cure={first} />}
      <Fold title="Why, and what else">
        <Text fontSize="xs" color="fg.muted">
          {inUnits(finding.why)}
          {names.length > 1 && names.length <= 4 && `. ${names.join(', ')}`}
        </Text>
        <Flex pt="1" gap="1" wrap="wrap">
          {others.map((cure) => (
            <CureButton key={cure.label} cure={cure} />
          ))}
          {finding.thingIds.length > 0 && (
            <Button size="2xs" variant="outline" onClick={() => onShow(new Set(finding.thingIds))}>
              Show
            </Button>
          )}
          {reason === undefined && !readOnly && (
            <Button size="2xs" variant="outline" onClick={() => setReason('')}>
              Dismiss
            </Button>
          )}
        </Flex>
      </Fold>
      {reason !== undefined && (
        <Flex pt="1" gap="1">
          <Input
            size="xs"
            autoFocus
            placeholder="Why it is right as it is"
            aria-label={`Reason to dismiss: ${finding.what}`}
            maxLength={300}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') dismiss();
              if (e.key === 'Escape') setReason(undefined);
            }}
          />
          <Button size="xs" disabled={reason.trim() === ''} onClick={dismiss}>
            Dismiss
          </Button>
        </Flex>
      )}
    </Box>
  );
}

function CureButton({ cure }: { cure: KitFinding['cures'][number] }) {
  const { change, readOnly } = useTripCommands();
  const { massUnit } = usePreferences();
  return (
    <Button
      size="2xs"
      variant="outline"
      disabled={readOnly}
      h="auto"
      maxW="100%"
      my="0.5"
      py="0.5"
      whiteSpace="normal"
      textAlign="start"
      onClick={() => change(cure.label.toLowerCase(), cure.apply)}
    >
      {cure.label}
      {Math.abs(cure.changeKg) > 0.0005 && `, ${formatMassChange(cure.changeKg, massUnit)}`}
    </Button>
  );
}
