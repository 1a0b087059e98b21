import { Box, NativeSelect, Text } from '../theme/chakra';
import { useId } from 'react';
import {
  HOUSE_RULE_CHOICES,
  HOUSE_RULE_TEXTS,
  type HouseRuleId,
  type HouseRules,
  type HouseRuleText,
} from '@graft/core/trip';
import { useReadOnly } from './tripContext';

const RULE_IDS = Object.keys(HOUSE_RULE_CHOICES) as readonly HouseRuleId[];

interface Props {
  /** The choices that are made here; a member's may leave some to the trip. */
  readonly rules: Partial<HouseRules>;
  /** What holds where nothing is chosen: the trip's rules, for a member. */
  readonly fallback?: HouseRules;
  readonly onChoose: (rule: HouseRuleId, choice: string | undefined) => void;
}

/** The questions practitioners disagree on, each with the reason of every camp. */
export function HouseRuleChoices({ rules, fallback, onChoose }: Props) {
  return (
    <Box>
      {RULE_IDS.map((rule) => (
        <Rule key={rule} rule={rule} rules={rules} fallback={fallback} onChoose={onChoose} />
      ))}
    </Box>
  );
}

function Rule({
  rule,
  rules,
  fallback,
  onChoose,
}: Props & { rule: HouseRuleId; fallback: HouseRules | undefined }) {
  const id = useId();
  const readOnly = useReadOnly();
  const text: HouseRuleText = HOUSE_RULE_TEXTS[rule];
  const { choices } = text;
  const chosen = rules[rule];
  return (
    <Box py="2" borderBottomWidth="1px" borderColor="border.muted" breakInside="avoid">
      <Box display="flex" alignItems="center" gap="2">
        <Box as="label" flex="1" fontWeight="600" {...{ htmlFor: id }} title={text.drives}>
          {text.question}
        </Box>
        <NativeSelect.Root size="xs" w="13.5rem" disabled={readOnly}>
          <NativeSelect.Field
            id={id}
            value={chosen ?? ''}
            onChange={(e) => onChoose(rule, e.target.value === '' ? undefined : e.target.value)}
          >
            {fallback !== undefined && <option value="">as the trip</option>}
            {Object.entries(choices).map(([key, { label }]) => (
              <option key={key} value={key}>
                {label}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      </Box>
      {Object.entries(choices).map(([key, { label, why }]) => (
        <Text
          key={key}
          fontSize="xs"
          color={key === (chosen ?? fallback?.[rule]) ? 'fg' : 'fg.muted'}
          fontWeight={key === (chosen ?? fallback?.[rule]) ? '600' : undefined}
        >
          {label}: {why}
        </Text>
      ))}
    </Box>
  );
}
