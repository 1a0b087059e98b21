import { Box, Button, Checkbox, Flex, Input, Text } from '../theme/chakra';
import { useState } from 'react';
import { arrange } from '@graft/core/lists';
import { ITEM_SCHEMAS, schemaErrors } from '@graft/core/schema';
import type { Arrangement } from '@graft/core/trip';
import {
  allThings,
  ARRANGEMENT_KINDS,
  type ArrangementKind,
  type Member,
  type Thing,
} from '@graft/core/trip';
import { today } from '../shared/dates';
import { RemoveButton } from '../shared/RemoveButton';
import { useTrip } from '../shared/tripContext';
import { Select } from '../shared/Select';
import { typeInstead } from '../shared/typeInstead';

const KIND_WORDS: Readonly<Record<ArrangementKind, string>> = {
  loan: 'Loan',
  buy: 'To buy',
  question: 'Question',
};
const TEXT_HINT: Readonly<Record<ArrangementKind, string>> = {
  loan: 'Warm jacket lent to Tam',
  buy: 'Two gas canisters',
  question: 'Who brings a second lighter?',
};

/** Loans, things to buy and open questions, each with who answers for it and until when. */
export function ArrangementsPanel({
  member,
  focused,
}: {
  member: Member | undefined;
  focused: Thing | undefined;
}) {
  const { trip } = useTrip();
  const things = new Map(allThings(trip).map((t) => [t.id, t.name]));
  const own = new Set(trip.personalThings.filter((t) => t.memberId === member?.id).map((t) => t.id));
  const shown = trip.arrangements.filter(
    (a) => member === undefined || a.who === member.name || (a.thingId !== undefined && own.has(a.thingId)),
  );
  return (
    <Box pt="2">
      <Text fontSize="xs" color="fg.muted">
        Loans with their owner, what must be bought, and questions: who answers, by when.
        {member !== undefined && ` Shown: what concerns ${member.name}.`}
      </Text>
      <Box as="ul" listStyleType="none" aria-label="Loans and questions">
        {shown.map((a) => (
          <ArrangementItem
            key={a.id}
            arrangement={a}
            about={a.thingId === undefined ? undefined : things.get(a.thingId)}
          />
        ))}
      </Box>
      <NewArrangement focused={focused} />
    </Box>
  );
}

interface ItemProps {
  readonly arrangement: Arrangement;
  /** The name of the thing it is about. */
  readonly about: string | undefined;
}

function ArrangementItem({ arrangement: a, about }: ItemProps) {
  const { change, readOnly } = useTrip();
  const late = !a.done && a.byDate !== undefined && a.byDate < today();
  return (
    <Flex as="li" gap="2" py="2" borderBottomWidth="1px" borderColor="border.muted" align="start">
      <Checkbox.Root
        size="sm"
        checked={a.done}
        disabled={readOnly}
        onCheckedChange={({ checked }) =>
          change(`${a.text}: ${checked === true ? 'done' : 'open again'}`, (t) => ({
            ...t,
            arrangements: t.arrangements.map((x) => (x.id === a.id ? { ...x, done: checked === true } : x)),
          }))
        }
      >
        <Checkbox.HiddenInput aria-label={`${a.text} is done`} />
        <Checkbox.Control />
      </Checkbox.Root>
      <Box flex="1" textDecoration={a.done ? 'line-through' : undefined}>
        <Text>
          <b>{KIND_WORDS[a.kind]}:</b> {a.text}
        </Text>
        <Text fontSize="xs" color={late ? 'overload.fg' : 'fg.muted'}>
          {a.who}
          {a.byDate !== undefined && `, ${late ? 'was due' : 'by'} ${a.byDate}`}
          {about !== undefined && ` · ${about}`}
        </Text>
      </Box>
      <RemoveButton
        name={a.text}
        onClick={() =>
          change(`remove ${a.text}`, (t) => ({
            ...t,
            arrangements: t.arrangements.filter((x) => x.id !== a.id),
          }))
        }
      />
    </Flex>
  );
}

/** A new one; about the thing whose row is worked on. */
function NewArrangement({ focused }: { focused: Thing | undefined }) {
  const { trip, change, readOnly } = useTrip();
  const [kind, setKind] = useState<ArrangementKind>('loan');
  const [text, setText] = useState('');
  const [who, setWho] = useState('');
  const [byDate, setByDate] = useState('');
  const [error, setError] = useState<string | undefined>();
  const add = (): void => {
    const made = {
      kind,
      text: text.trim(),
      who: who.trim(),
      done: false,
      ...(byDate === '' ? {} : { byDate }),
      ...(focused === undefined ? {} : { thingId: focused.id }),
    };
    const [wrong] = schemaErrors(ITEM_SCHEMAS.arrangements, { ...made, id: 'new' });
    setError(
      wrong === undefined
        ? undefined
        : `${wrong.path === 'text' ? 'What' : wrong.path === 'who' ? 'Who' : wrong.path}: ${wrong.message}`,
    );
    if (wrong !== undefined) return;
    change(`note: ${made.text}`, (t) => arrange(t, made));
    setText('');
  };
  return (
    <Flex direction="column" gap="2" pt="4">
      <Flex gap="2">
        <Select
          label="Kind"
          w="7rem"
          value={kind}
          options={ARRANGEMENT_KINDS.map((k) => [k, KIND_WORDS[k]] as const)}
          onChoose={setKind}
        />
        <Input
          size="xs"
          aria-label="Who answers"
          placeholder="Who"
          list="who-answers"
          value={who}
          onChange={(e) => setWho(e.target.value)}
        />
        <datalist id="who-answers">
          {trip.members.map((m) => (
            <option key={m.id} value={m.name} />
          ))}
        </datalist>
        <Input
          size="xs"
          w="9rem"
          type="date"
          aria-label="By when"
          value={byDate}
          onChange={(e) => setByDate(e.target.value)}
        />
      </Flex>
      <Flex gap="2">
        <Input
          size="xs"
          aria-label="What"
          placeholder={TEXT_HINT[kind]}
          value={text}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && add()}
        />
        <Button size="xs" variant="outline" onClick={add} disabled={readOnly}>
          Add
        </Button>
      </Flex>
      {focused !== undefined && (
        <Text fontSize="xs" color="fg.muted">
          About {focused.name}, the row you are in.
        </Text>
      )}
      {error !== undefined && (
        <Text role="alert" fontSize="xs" color="overload.fg">
          {typeInstead(error)}
        </Text>
      )}
    </Flex>
  );
}
