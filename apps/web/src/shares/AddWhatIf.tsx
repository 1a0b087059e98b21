import { Button, Flex } from '../theme/chakra';
import { useState } from 'react';
import type { Trip, WhatIf } from '@graft/core/trip';
import { DaySelect } from '../shared/DaySelect';
import { Select } from '../shared/Select';
import { useInUnits } from '../shared/useInUnits';

const KINDS: Readonly<Record<WhatIf['kind'], string>> = {
  memberOut: 'a member does not come',
  extraNight: 'one night more',
  hotDay: 'a hot day',
  rain: 'rain: flies packed wet',
  limit: 'a member carries at most …',
};

/** One thing to suppose. */
export function AddWhatIf({ trip, onAdd }: { trip: Trip; onAdd: (change: WhatIf) => void }) {
  const inUnits = useInUnits();
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
          options={['0.5', '1', '1.5', '2'].map((l) => [l, inUnits(`+${l} L each`)] as const)}
          onChoose={setLitres}
        />
      )}
      {kind === 'limit' && (
        <Select
          label="Carries at most"
          w="5.5rem"
          value={kg}
          options={Array.from({ length: 27 }, (_v, i) => [String(i + 4), inUnits(`${i + 4} kg`)] as const)}
          onChoose={setKg}
        />
      )}
      <Button size="xs" variant="outline" onClick={() => onAdd(made())}>
        Suppose it
      </Button>
    </Flex>
  );
}
