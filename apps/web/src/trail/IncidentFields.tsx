import type { ReactNode } from 'react';
import { useId } from 'react';
import { Flex, Input, Textarea, Box, SimpleGrid, NativeSelect } from '../theme/chakra';
import { CONSCIOUSNESS } from '@graft/core/trail';
import { useTrip } from '../shared/tripContext';
import type { Draft } from './incidentDraft';
import { CONSCIOUSNESS_WORDS } from './IncidentText';
import { usePreferences } from '../shared/preferences';
import { temperatureUnit } from '@graft/core/units';

interface Props {
  readonly draft: Draft;
  readonly onSet: (key: keyof Draft, value: string) => void;
}

/** When, who, where, what was seen and done. */
export function IncidentFields({ draft, onSet }: Props) {
  const { trip } = useTrip();
  return (
    <>
      <Flex gap="2" mt="2">
        <Labelled label="When, by the clocks there" w="11.5rem">
          {(id) => (
            <Input
              id={id}
              size="xs"
              type="datetime-local"
              value={draft.at}
              onChange={(e) => onSet('at', e.target.value)}
            />
          )}
        </Labelled>
        <Labelled label="Who">
          {(id) => (
            <>
              <Input
                id={id}
                size="xs"
                list="incident-members"
                value={draft.who}
                onChange={(e) => onSet('who', e.target.value)}
              />
              <datalist id="incident-members">
                {trip.members.map((m) => (
                  <option key={m.id} value={m.name} />
                ))}
              </datalist>
            </>
          )}
        </Labelled>
        <Labelled label="Where">
          {(id) => (
            <Input id={id} size="xs" value={draft.place} onChange={(e) => onSet('place', e.target.value)} />
          )}
        </Labelled>
      </Flex>
      <Labelled label="What was seen, and what happened">
        {(id) => (
          <Textarea
            id={id}
            size="xs"
            rows={3}
            value={draft.seen}
            onChange={(e) => onSet('seen', e.target.value)}
          />
        )}
      </Labelled>
      <Labelled label="What was done and given, with times">
        {(id) => (
          <Textarea
            id={id}
            size="xs"
            rows={2}
            value={draft.given}
            onChange={(e) => onSet('given', e.target.value)}
          />
        )}
      </Labelled>
      <VitalSigns draft={draft} onSet={onSet} />
    </>
  );
}

function VitalSigns({ draft, onSet }: Props) {
  const { massUnit } = usePreferences();
  return (
    <SimpleGrid columns={3} gap="2">
      {(
        [
          ['pulse', 'Pulse, a minute'],
          ['breaths', 'Breaths, a minute'],
          ['temperature', `Temperature, ${temperatureUnit(massUnit)}`],
          ['skin', 'Skin'],
          ['pupils', 'Pupils'],
        ] as const
      ).map(([key, label]) => (
        <Labelled key={key} label={label}>
          {(id) => (
            <Input id={id} size="xs" value={draft[key]} onChange={(e) => onSet(key, e.target.value)} />
          )}
        </Labelled>
      ))}
      <Labelled label="Consciousness">
        {(id) => (
          <NativeSelect.Root size="xs">
            <NativeSelect.Field
              id={id}
              value={draft.consciousness}
              onChange={(e) => onSet('consciousness', e.target.value)}
            >
              <option value="">–</option>
              {CONSCIOUSNESS.map((c) => (
                <option key={c} value={c}>
                  {CONSCIOUSNESS_WORDS[c]}
                </option>
              ))}
            </NativeSelect.Field>
            <NativeSelect.Indicator />
          </NativeSelect.Root>
        )}
      </Labelled>
    </SimpleGrid>
  );
}

function Labelled({
  label,
  w,
  children,
}: {
  label: string;
  w?: string;
  children: (id: string) => ReactNode;
}) {
  const id = useId();
  return (
    <Box flex={w === undefined ? '1' : undefined} w={w} mt="1">
      <Box as="label" display="block" fontSize="xs" color="fg.muted" {...{ htmlFor: id }}>
        {label}
      </Box>
      {children(id)}
    </Box>
  );
}
