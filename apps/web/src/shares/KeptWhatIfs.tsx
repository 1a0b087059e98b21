import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { adoptVariant } from '@graft/core/share';
import type { Trip, Variant, WhatIf } from '@graft/core/trip';
import { PlainDialog } from '../shared/PlainDialog';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { useLimitChange } from '../shared/useLimitChange';
import { CompareVariants } from './CompareVariants';
import { whatIfTitle } from './whatIfTitle';
import { useInUnits } from '../shared/useInUnits';

const MOST_COMPARED = 3;

interface Props {
  /** A share is being made: no other can be begun. */
  readonly busy: boolean;
  readonly onPlan: (changes: readonly WhatIf[], keep: (share: Trip['share']) => void) => void;
}

/** What was supposed and kept: to be shared out again, compared, adopted. */
export function KeptWhatIfs({ busy, onPlan }: Props) {
  const { trip } = useTrip();
  const [compared, setCompared] = useState<ReadonlySet<string>>(new Set());
  const [open, setOpen] = useState(false);
  const shown = trip.variants.filter((v) => compared.has(v.id));
  return (
    <Box mt="4">
      <Text fontWeight="600">Kept beside the plan</Text>
      <Box as="ul" listStyleType="none" aria-label="What-ifs">
        {trip.variants.map((v) => (
          <KeptWhatIf
            key={v.id}
            variant={v}
            isCompared={compared.has(v.id)}
            mayCompare={compared.has(v.id) || shown.length < MOST_COMPARED - 1}
            onCompare={() => {
              const next = new Set(compared);
              if (!next.delete(v.id)) next.add(v.id);
              setCompared(next);
            }}
            busy={busy}
            onPlan={onPlan}
          />
        ))}
      </Box>
      <Button
        size="sm"
        mt="2"
        w="100%"
        variant="outline"
        disabled={shown.length === 0}
        onClick={() => setOpen(true)}
      >
        {shown.length === 0 ? 'Tick one or two to compare' : 'Compare with the plan'}
      </Button>
      <PlainDialog title="The plan and what-ifs" open={open} onClose={() => setOpen(false)} size="xl">
        <CompareVariants variants={shown} />
      </PlainDialog>
    </Box>
  );
}

interface ItemProps extends Props {
  readonly variant: Variant;
  readonly isCompared: boolean;
  readonly mayCompare: boolean;
  readonly onCompare: () => void;
}

function KeptWhatIf({ variant: v, isCompared, mayCompare, onCompare, busy, onPlan }: ItemProps) {
  const inUnits = useInUnits();
  const { trip, change, readOnly } = useTrip();
  const changeLimits = useLimitChange();
  return (
    <Box as="li" py="1.5" borderBottomWidth="1px" borderColor="border.muted" fontSize="xs">
      <Flex justify="space-between" gap="2">
        <label>
          <input type="checkbox" checked={isCompared} disabled={!mayCompare} onChange={onCompare} />{' '}
          <b>{v.name}</b>
        </label>
        <RemoveButton
          name={v.name}
          onClick={() =>
            change(`remove what-if ${v.name}`, (t) => ({
              ...t,
              variants: t.variants.filter((x) => x.id !== v.id),
            }))
          }
        />
      </Flex>
      {whatIfTitle(trip, v.changes) !== v.name && (
        <Text color="fg.muted">{inUnits(whatIfTitle(trip, v.changes))}</Text>
      )}
      <Flex gap="2" pt="1">
        <Button
          size="2xs"
          variant="outline"
          disabled={readOnly || busy}
          onClick={() =>
            onPlan(v.changes, (share) =>
              change(`share out what-if ${v.name} again`, (t) => ({
                ...t,
                variants: t.variants.map((x) => (x.id === v.id ? { ...x, share } : x)),
              })),
            )
          }
        >
          Share out again
        </Button>
        <Button
          size="2xs"
          variant="outline"
          disabled={readOnly}
          title="What is supposed becomes the plan, with this share; undo brings the old plan back"
          onClick={() => changeLimits(`adopt ${v.name}`, (t) => adoptVariant(t, v.id))}
        >
          Adopt
        </Button>
      </Flex>
    </Box>
  );
}
