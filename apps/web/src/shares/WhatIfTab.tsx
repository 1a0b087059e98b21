import { Box, Button, Flex, Input, Text } from '../theme/chakra';
import { useState } from 'react';
import { LEVEL_GIVE, supposeAll, whatIfText } from '@graft/core/share';
import { freshId, type Trip, type WhatIf } from '@graft/core/trip';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { runShare } from '../workers/engine';
import { SEED } from './seed';
import { RunProgress } from '../shared/RunProgress';
import { useRun } from '../shared/useRun';
import { AddWhatIf } from './AddWhatIf';
import { KeptWhatIfs } from './KeptWhatIfs';
import { whatIfTitle } from './whatIfTitle';
import { useInUnits } from '../shared/useInUnits';

const MOST_VARIANTS = 12;

/** Suppose something, have it shared out, keep it by name beside the plan, compare, adopt. */
export function WhatIfTab() {
  const inUnits = useInUnits();
  const { trip, change, readOnly } = useTrip();
  const [changes, setChanges] = useState<readonly WhatIf[]>([]);
  const [name, setName] = useState('');
  const run = useRun('Sharing out what is supposed');
  const [contradiction, setContradiction] = useState('');
  const failed = run.failed?.message ?? contradiction;
  const known = changes.filter((c) => fitsTrip(trip, c));

  const plan = async (of: readonly WhatIf[], keep: (share: Trip['share']) => void): Promise<void> => {
    setContradiction('');
    const outcome = await run.start((tell) =>
      runShare(supposeAll(trip, of), SEED, LEVEL_GIVE, (done) => tell(done)),
    );
    if (outcome.kind !== 'done') return;
    const result = outcome.value;
    if (result?.kind === 'solved') keep(result.share);
    if (result?.kind === 'contradiction') setContradiction(`No share then: ${result.reasons.join('; ')}`);
  };
  const title = name.trim() === '' ? whatIfTitle(trip, known).slice(0, 80) : name.trim();
  const keepNew = (share: Trip['share']): void => {
    change(`what if: ${title}`, (t) => ({
      ...t,
      variants: [
        ...t.variants,
        {
          id: freshId(
            'what-if',
            t.variants.map((v) => v.id),
          ),
          name: title,
          changes: known,
          share,
        },
      ],
    }));
    setChanges([]);
    setName('');
  };
  return (
    <Box p="4" fontSize="sm">
      <Text>Suppose something, without touching the plan:</Text>
      {trip.variants.length === 0 && changes.length === 0 && (
        <Text fontSize="xs" color="fg.muted" pt="1">
          Choose what might happen and press Suppose it; several may come together. They are shared out beside
          the plan, kept by name, and compared with it before anything is adopted.
        </Text>
      )}
      <AddWhatIf trip={trip} onAdd={(c) => setChanges([...known, c])} />
      {known.length > 0 && (
        <Box mt="2">
          <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Supposed">
            {known.map((c, i) => (
              <Flex as="li" key={i} justify="space-between" py="0.5">
                {inUnits(whatIfText(trip, c))}
                <RemoveButton
                  name={whatIfText(trip, c)}
                  undo={false}
                  onClick={() => setChanges(known.filter((x) => x !== c))}
                />
              </Flex>
            ))}
          </Box>
          <Flex gap="2" mt="1">
            <Input
              size="xs"
              aria-label="Name of the what-if"
              placeholder={title}
              maxLength={80}
              value={name}
              onChange={(e) => setName(e.target.value)}
            />
            <Button
              size="xs"
              flexShrink={0}
              disabled={readOnly || run.running || trip.variants.length >= MOST_VARIANTS}
              onClick={() => void plan(known, keepNew)}
            >
              Share out and keep
            </Button>
          </Flex>
        </Box>
      )}
      {trip.variants.length >= MOST_VARIANTS && (
        <Text fontSize="xs" color="fg.muted" pt="1">
          {MOST_VARIANTS} what-ifs are kept at most: remove one first.
        </Text>
      )}
      {run.running && (
        <Box mt="2">
          <RunProgress label="Sharing out" run={run} />
        </Box>
      )}
      {failed !== '' && (
        <Text fontSize="xs" color="overload.fg" pt="1" role="alert">
          {failed}
        </Text>
      )}
      {trip.variants.length > 0 && (
        <KeptWhatIfs busy={run.running} onPlan={(v, keep) => void plan(v, keep)} />
      )}
    </Box>
  );
}

/** A change that still has its member and days: the trip may have moved on while it was being put together. */
function fitsTrip(trip: Trip, change: WhatIf): boolean {
  if ('memberId' in change) return trip.members.some((m) => m.id === change.memberId);
  if (change.kind === 'hotDay') return change.day <= trip.legs.length;
  return change.kind !== 'rain' || change.toDay <= trip.legs.length;
}
