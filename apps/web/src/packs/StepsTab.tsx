import { Box, Flex, IconButton, Text } from '../theme/chakra';
import { ArrowDown, ArrowUp } from 'lucide-react';
import type { LoadingStep } from '@graft/core/stow';
import { useInUnits } from '../shared/useInUnits';

interface Props {
  readonly steps: readonly LoadingStep[];
  /** How many are done. */
  readonly done: number;
  readonly onDone: (count: number) => void;
  readonly chosenId: string | undefined;
  readonly onChoose: (thingId: string | undefined) => void;
  /** Load the things of a step earlier or later. */
  readonly onShift: ((thingIds: readonly string[], by: -1 | 1) => void) | undefined;
}

/** The loading as a checklist, from loose straps to load lifters; things can be loaded earlier or later. */
export function StepsTab({ steps, done, onDone, chosenId, onChoose, onShift }: Props) {
  const inUnits = useInUnits();
  return (
    <Box as="ol" listStyleType="none" fontSize="xs" aria-label="Loading steps" pb="4">
      {steps.map((step, i) => (
        <Flex
          as="li"
          key={step.id}
          px="4"
          py="1"
          gap="2"
          align="start"
          borderBottomWidth="1px"
          borderColor="border.muted"
          bg={chosenId !== undefined && step.thingIds.includes(chosenId) ? 'pine.subtle' : undefined}
          onMouseEnter={() => step.thingIds.length > 0 && onChoose(step.thingIds[0])}
        >
          <label style={{ flex: 1, minWidth: 0 }}>
            <input
              type="checkbox"
              checked={i < done}
              onChange={() => onDone(i < done ? i : i + 1)}
              aria-label={`Step ${i + 1}: ${step.text}`}
            />{' '}
            <span className="muted">{i + 1}.</span> {step.text}
            {step.hint !== undefined && (
              <Text as="span" color="fg.muted">
                {' '}
                ({inUnits(step.hint)})
              </Text>
            )}
          </label>
          {step.thingIds.length > 0 && onShift !== undefined && (
            <Flex flexShrink={0} data-screen-only>
              <IconButton
                size="2xs"
                variant="ghost"
                aria-label={`Load ${step.text} earlier`}
                onClick={() => onShift(step.thingIds, -1)}
              >
                <ArrowUp size={12} />
              </IconButton>
              <IconButton
                size="2xs"
                variant="ghost"
                aria-label={`Load ${step.text} later`}
                onClick={() => onShift(step.thingIds, 1)}
              >
                <ArrowDown size={12} />
              </IconButton>
            </Flex>
          )}
        </Flex>
      ))}
    </Box>
  );
}
