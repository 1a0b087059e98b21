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
import { usePreferences } from '../shared/preferences';
import { useTripCommands } from '../shared/TripProvider';
import { counted } from '../shared/words';
import { useInUnits } from '../shared/useInUnits';

const WEIGHTS = {
  must: { sign: '▲', word: 'settle before leaving' },
  should: { sign: '◆', word: 'look at' },
  could: { sign: '○', word: 'could save' },
} as const;

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
      <Box as="ul" listStyleType="none" aria-label={stay ? 'Can stay' : 'Findings'}>
        {findings.map((finding) => (
          <FindingItem
            key={finding.id}
            finding={finding}
            names={members.filter((m) => finding.memberIds.includes(m.id)).map((m) => m.name)}
            onShow={onShow}
          />
        ))}
      </Box>
      {!stay && (
        <Text fontSize="xs" color="fg.muted" pt="3">
          Wanted twice, so never a double: {WANTED_TWICE.join('; ')}.
        </Text>
      )}
      {dismissed.length > 0 && (
        <Box pt="4">
          <Text fontSize="xs" fontWeight="600" color="fg.muted">
            Put aside
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
  const { massUnit } = usePreferences();
  const [reason, setReason] = useState<string | undefined>();
  const weight = WEIGHTS[finding.weight];
  const dismiss = (): void => {
    const text = (reason ?? '').trim();
    if (text === '') return;
    change(`put aside: ${finding.what}`, (t) => dismissFinding(t, finding.id, text));
  };
  return (
    <Box as="li" py="2" borderBottomWidth="1px" borderColor="border.muted">
      <Flex gap="2" align="baseline">
        <Text
          as="span"
          aria-label={weight.word}
          title={weight.word}
          color={finding.weight === 'must' ? 'overload.fg' : 'fg.muted'}
        >
          {weight.sign}
        </Text>
        <Box flex="1" fontWeight="600">
          {inUnits(finding.what)}
        </Box>
      </Flex>
      <Text fontSize="xs" color="fg.muted" ps="5">
        {inUnits(finding.why)}
        {names.length > 1 && names.length <= 4 && `. ${names.join(', ')}`}
      </Text>
      <Flex ps="5" pt="1" gap="1" wrap="wrap">
        {finding.cures.map((cure) => (
          <Button
            key={cure.label}
            size="2xs"
            variant="outline"
            disabled={readOnly}
            h="auto"
            maxW="100%"
            py="0.5"
            whiteSpace="normal"
            textAlign="start"
            onClick={() => change(cure.label.toLowerCase(), cure.apply)}
          >
            {cure.label}
            {Math.abs(cure.changeKg) > 0.0005 && `, ${formatMassChange(cure.changeKg, massUnit)}`}
          </Button>
        ))}
        {finding.thingIds.length > 0 && (
          <Button size="2xs" variant="ghost" onClick={() => onShow(new Set(finding.thingIds))}>
            Show
          </Button>
        )}
        {reason === undefined && !readOnly && (
          <Button size="2xs" variant="ghost" onClick={() => setReason('')}>
            Put aside
          </Button>
        )}
      </Flex>
      {reason !== undefined && (
        <Flex ps="5" pt="1" gap="1">
          <Input
            size="xs"
            autoFocus
            placeholder="Why it is right as it is"
            aria-label={`Reason to put aside: ${finding.what}`}
            maxLength={300}
            value={reason}
            onChange={(e) => setReason(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') dismiss();
              if (e.key === 'Escape') setReason(undefined);
            }}
          />
          <Button size="xs" disabled={reason.trim() === ''} onClick={dismiss}>
            Put aside
          </Button>
        </Flex>
      )}
    </Box>
  );
}
