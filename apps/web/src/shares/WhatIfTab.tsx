import { Box, Button, Flex, Input, Text } from '@chakra-ui/react';
import { useEffect, useRef, useState } from 'react';
import { adoptVariant, LEVEL_GIVE, supposeAll, whatIfText } from '@graft/core/share';
import { freshId, type Trip, type WhatIf } from '@graft/core/trip';
import { DaySelect } from '../shared/DaySelect';
import { PlainDialog } from '../shared/PlainDialog';
import { RemoveButton } from '../shared/RemoveButton';
import { Select } from '../shared/Select';
import { useTrip } from '../shared/TripProvider';
import { useLimitChange } from '../shared/useLimitChange';
import { runShare } from '../workers/engine';
import { CompareVariants } from './CompareVariants';
import { SEED } from './seed';

const KINDS: Readonly<Record<WhatIf['kind'], string>> = {
  memberOut: 'a member does not come',
  extraNight: 'one night more',
  hotDay: 'a hot day',
  rain: 'rain: flies packed wet',
  limit: 'a member carries at most …',
};
const MOST_VARIANTS = 12;
const MOST_COMPARED = 3;

/** Suppose something, have it shared out, keep it by name beside the plan, compare, adopt. */
export function WhatIfTab() {
  const { trip, change, readOnly } = useTrip();
  const changeLimits = useLimitChange();
  const [changes, setChanges] = useState<readonly WhatIf[]>([]);
  const [name, setName] = useState('');
  const [busy, setBusy] = useState('');
  const [failed, setFailed] = useState('');
  const [compared, setCompared] = useState<ReadonlySet<string>>(new Set());
  const [open, setOpen] = useState(false);
  const stop = useRef<() => void>(() => undefined);
  // Whoever goes elsewhere waits for nothing here.
  useEffect(() => () => stop.current(), []);
  const known = changes.filter((c) => fitsTrip(trip, c));

  const plan = async (of: readonly WhatIf[], keep: (share: Trip['share']) => void): Promise<void> => {
    setFailed('');
    setBusy('Sharing out …');
    try {
      const run = runShare(supposeAll(trip, of), SEED, LEVEL_GIVE, () => undefined);
      stop.current = run.stop;
      const result = await run.result;
      if (result?.kind === 'solved') keep(result.share);
      if (result?.kind === 'contradiction') setFailed(`No share then: ${result.reasons.join('; ')}`);
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    } finally {
      setBusy('');
    }
  };
  const title = name.trim() === '' ? textOf(trip, known).slice(0, 80) : name.trim();
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
  const shown = trip.variants.filter((v) => compared.has(v.id));
  return (
    <Box p="4" fontSize="sm">
      <Text>Suppose something, without touching the plan:</Text>
      {trip.variants.length === 0 && changes.length === 0 && (
        <Text fontSize="xs" color="fg.muted" pt="1">
          Choose what might happen and press Suppose it; several may come together. They are shared out beside
          the plan, kept by name, and compared with it before anything is adopted.
        </Text>
      )}
      <AddChange trip={trip} onAdd={(c) => setChanges([...known, c])} />
      {known.length > 0 && (
        <Box mt="2">
          <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Supposed">
            {known.map((c, i) => (
              <Flex as="li" key={i} justify="space-between" py="0.5">
                {whatIfText(trip, c)}
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
              loading={busy !== ''}
              disabled={readOnly || trip.variants.length >= MOST_VARIANTS}
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
      {failed !== '' && (
        <Text fontSize="xs" color="overload.fg" pt="1" role="alert">
          {failed}
        </Text>
      )}
      {trip.variants.length > 0 && (
        <Box mt="4">
          <Text fontWeight="600">Kept beside the plan</Text>
          <Box as="ul" listStyleType="none" aria-label="What-ifs">
            {trip.variants.map((v) => (
              <Box
                as="li"
                key={v.id}
                py="1.5"
                borderBottomWidth="1px"
                borderColor="border.muted"
                fontSize="xs"
              >
                <Flex justify="space-between" gap="2">
                  <label>
                    <input
                      type="checkbox"
                      checked={compared.has(v.id)}
                      disabled={!compared.has(v.id) && shown.length >= MOST_COMPARED - 1}
                      onChange={() => {
                        const next = new Set(compared);
                        if (!next.delete(v.id)) next.add(v.id);
                        setCompared(next);
                      }}
                    />{' '}
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
                {textOf(trip, v.changes) !== v.name && (
                  <Text color="fg.muted">{textOf(trip, v.changes)}</Text>
                )}
                <Flex gap="2" pt="1">
                  <Button
                    size="2xs"
                    variant="outline"
                    disabled={readOnly || busy !== ''}
                    onClick={() =>
                      void plan(v.changes, (share) =>
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
        </Box>
      )}
      <PlainDialog title="The plan and what-ifs" open={open} onClose={() => setOpen(false)} size="xl">
        <CompareVariants variants={shown} />
      </PlainDialog>
    </Box>
  );
}

function textOf(trip: Trip, changes: readonly WhatIf[]): string {
  return changes.map((c) => whatIfText(trip, c)).join('; ');
}

/** A change that still has its member and days: the trip may have moved on while it was being put together. */
function fitsTrip(trip: Trip, change: WhatIf): boolean {
  if ('memberId' in change) return trip.members.some((m) => m.id === change.memberId);
  if (change.kind === 'hotDay') return change.day <= trip.legs.length;
  return change.kind !== 'rain' || change.toDay <= trip.legs.length;
}

function AddChange({ trip, onAdd }: { trip: Trip; onAdd: (change: WhatIf) => void }) {
  const [kind, setKind] = useState<WhatIf['kind']>('hotDay');
  const [memberId, setMemberId] = useState(trip.members[0]?.id ?? '');
  const [day, setDay] = useState(1);
  const [litres, setLitres] = useState('1');
  const [kg, setKg] = useState('10');
  const member = trip.members.find((m) => m.id === memberId) ?? trip.members[0]!;
  const made = (): WhatIf => {
    switch (kind) {
      case 'memberOut':
        return { kind, memberId: member.id };
      case 'extraNight':
        return { kind };
      case 'hotDay':
        return { kind, day, extraL: Number(litres) };
      case 'rain':
        return { kind, fromDay: day, toDay: day };
      case 'limit':
        return { kind, memberId: member.id, limitKg: Number(kg) };
    }
  };
  return (
    <Flex gap="2" wrap="wrap" align="center" mt="1">
      <Select
        label="What is supposed"
        w="12rem"
        value={kind}
        options={Object.entries(KINDS) as [WhatIf['kind'], string][]}
        onChoose={setKind}
      />
      {(kind === 'memberOut' || kind === 'limit') && (
        <Select
          label="Which member"
          w="8rem"
          value={member.id}
          options={trip.members.map((m) => [m.id, m.name] as const)}
          onChoose={setMemberId}
        />
      )}
      {(kind === 'hotDay' || kind === 'rain') && (
        <DaySelect label="Which day" trip={trip} value={day} onChoose={setDay} prefix="day " />
      )}
      {kind === 'hotDay' && (
        <Select
          label="Extra water for each"
          w="5.5rem"
          value={litres}
          options={['0.5', '1', '1.5', '2'].map((l) => [l, `+${l} L`] as const)}
          onChoose={setLitres}
        />
      )}
      {kind === 'limit' && (
        <Select
          label="Carries at most"
          w="5.5rem"
          value={kg}
          options={Array.from({ length: 27 }, (_v, i) => [String(i + 4), `${i + 4} kg`] as const)}
          onChoose={setKg}
        />
      )}
      <Button size="xs" variant="outline" onClick={() => onAdd(made())}>
        Suppose it
      </Button>
    </Flex>
  );
}
