import { Box, Flex, IconButton, Text } from '../theme/chakra';
import type { ReactNode } from 'react';
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
  /** What loads the things of a step earlier or later; none where nothing comes before or after. */
  readonly shift: ((step: LoadingStep, by: -1 | 1) => (() => void) | undefined) | undefined;
}

/** The loading as a checklist, from loose straps to load lifters; things can be loaded earlier or later. */
export function StepsTab({ steps, done, onDone, chosenId, onChoose, shift }: Props) {
  const inUnits = useInUnits();
  if (steps.length === 0)
    return (
      <Text p="4" fontSize="sm">
        Stow the pack first: then how to load it is shown here.
      </Text>
    );
  return (
    <Box as="ol" listStyleType="none" fontSize={{ base: 'md', lg: 'xs' }} aria-label="Loading steps" pb="4">
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
          {shift !== undefined && (
            <Flex flexShrink={0} data-screen-only>
              <Shift
                called={`Load ${step.text} earlier`}
                onClick={shift(step, -1)}
                icon={<ArrowUp size={12} />}
              />
              <Shift
                called={`Load ${step.text} later`}
                onClick={shift(step, 1)}
                icon={<ArrowDown size={12} />}
              />
            </Flex>
          )}
        </Flex>
      ))}
    </Box>
  );
}

interface ShiftProps {
  readonly called: string;
  readonly onClick: (() => void) | undefined;
  readonly icon: ReactNode;
}

/** Keeps its place where there is nothing to do, so that the others stay in their column. */
function Shift({ called, onClick, icon }: ShiftProps) {
  return (
    <IconButton
      size="2xs"
      variant="ghost"
      aria-label={called}
      onClick={onClick}
      disabled={onClick === undefined}
      visibility={onClick === undefined ? 'hidden' : undefined}
    >
      {icon}
    </IconButton>
  );
}
