import { Box, Button, Flex, Text } from '../theme/chakra';
import { useState } from 'react';
import { leftOverWords, worstWords, type Misfit, type ShareCure } from '@graft/core/share';
import { applyEdits, type Trip } from '@graft/core/trip';
import { formatMass, formatVolume } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { RunProgress } from '../shared/RunProgress';
import { useTrip } from '../shared/tripContext';
import { useRun } from '../shared/useRun';
import { useLimitChange } from '../shared/useLimitChange';
import { runMisfit } from '../workers/engine';
import { SEED } from './seed';
import { useInUnits } from '../shared/useInUnits';
import { useLimits } from '../shared/useLimits';

/** What keeps the pieces from fitting, and what would help with what each would do; asked for, since each is tried out. */
export function CureList() {
  const inUnits = useInUnits();
  const limits = useLimits();
  const { trip, readOnly } = useTrip();
  const change = useLimitChange();
  const { massUnit } = usePreferences();
  const run = useRun('Trying what would help');
  const [found, setFound] = useState<{ of: Trip; misfit: Misfit | undefined } | undefined>();
  const look = async (): Promise<void> => {
    const outcome = await run.start((tell) => runMisfit(trip, SEED, tell));
    if (outcome.kind === 'done') setFound({ of: trip, misfit: outcome.value });
  };
  const current = found?.of === trip ? found : undefined;
  if (run.running) {
    return (
      <Box mt="3">
        <RunProgress label="Trying what would help" run={run} onStop={run.drop} />
      </Box>
    );
  }
  if (current === undefined) {
    return (
      <Box mt="2">
        <Button size="xs" variant="outline" onClick={() => void look()}>
          What would make it fit?
        </Button>
        {run.failed !== undefined && (
          <Text fontSize="xs" color="overload.fg" pt="1" role="alert">
            {run.failed.message}
          </Text>
        )}
      </Box>
    );
  }
  const { misfit } = current;
  if (misfit === undefined) {
    return (
      <Text mt="2" fontSize="xs">
        A share fits: press Share out.
      </Text>
    );
  }
  return (
    <Box mt="3" fontSize="xs">
      <Text fontWeight="600">What stands in the way, in the best share there is</Text>
      <Box as="ul" listStyleType="none" aria-label="What stands in the way">
        {[
          ...misfit.contradictions.map(inUnits),
          ...misfit.bindings.map((b) =>
            b.overKg > 0
              ? `${b.what}: ${limits.kg(b.overKg)}`
              : `${b.what}: ${inUnits(formatVolume(b.overL))}`,
          ),
        ].map((text) => (
          <Box as="li" key={text} py="0.5">
            {text}
          </Box>
        ))}
      </Box>
      <Text fontWeight="600" mt="2">
        What would help
      </Text>
      {!misfit.isEnough && <Text color="fg.muted">{inUnits(leftOverWords(misfit, massUnit))}</Text>}
      <Box as="ul" listStyleType="none" aria-label="What would help">
        {misfit.cures.map((cure) => (
          <Flex
            as="li"
            key={cure.label}
            py="1.5"
            gap="2"
            justify="space-between"
            borderBottomWidth="1px"
            borderColor="border.muted"
          >
            <Box minW="0">
              <Text>{inUnits(cure.label)}</Text>
              <Text color={cure.fits ? 'fg' : 'fg.muted'}>
                {cure.fits ? '✓ ' : ''}
                {inUnits(limits.words(effectText(cure, massUnit)))}
              </Text>
              <Text color="fg.muted">{inUnits(cure.price)}</Text>
            </Box>
            <Button
              size="2xs"
              variant="outline"
              flexShrink={0}
              disabled={readOnly}
              aria-label={`Do it: ${cure.label}`}
              onClick={() => change(cure.label, (t) => (t === current.of ? applyEdits(t, cure.edits) : t))}
            >
              Do it
            </Button>
          </Flex>
        ))}
      </Box>
    </Box>
  );
}

function effectText(cure: ShareCure, unit: 'kg' | 'lb'): string {
  if (cure.contradiction) return 'one contradiction fewer';
  if (cure.fits) return ['everything fits then', worstWords(cure)].filter((t) => t !== '').join('; ');
  const left = [
    ...(cure.overloadKg > 0.005 ? [`${formatMass(cure.overloadKg, unit)} above limits`] : []),
    ...(cure.overVolumeL > 0.005 ? [`${formatVolume(cure.overVolumeL)} above packs`] : []),
  ];
  return [worstWords(cure), `leaves ${left.join(' and ')}, over all members and days`]
    .filter((t) => t !== '')
    .join('; ');
}
