import { Tabs } from '../shared/Tabs';
import { Input, Button, HStack, Box, Text } from '../theme/chakra';
import { Select } from '../shared/Select';
import type { Member } from '@graft/core/trip';
import { Plus } from 'lucide-react';
import { memo } from 'react';
import { useTripCommands } from '../shared/tripContext';
import type { View } from './kitColumns';
import { VIEWS } from './kitColumns';
import { ADDING, SCOPES, type Adding } from './kitScopes';
import type { NewPlace } from './newThings';
import type { KitSession } from './useKitSession';

interface LookingProps {
  readonly members: readonly Member[];
  readonly scope: string;
  readonly onScope: (scope: string) => void;
  readonly filter: string;
  readonly onFilter: (filter: string) => void;
  readonly view: View;
  readonly onView: (view: View) => void;
}

/** Whose things the table shows, which of them, and what of each. */
const Looking = memo(function Looking({
  members,
  scope,
  onScope,
  filter,
  onFilter,
  view,
  onView,
}: LookingProps) {
  return (
    <>
      <Select
        label="Whose things"
        size="sm"
        w="13rem"
        value={scope}
        options={[
          ...Object.entries(SCOPES),
          ...members.map((m) => [m.id, `Personal things of ${m.name}`] as const),
        ]}
        onChoose={onScope}
      />
      <Input
        size="sm"
        w="11rem"
        placeholder="Filter by name, owner, use"
        aria-label="Filter things"
        value={filter}
        onChange={(e) => onFilter(e.target.value)}
      />
      <Tabs label="Columns" tabs={Object.entries(VIEWS) as [View, string][]} value={view} onChoose={onView} />
    </>
  );
});

/** The ways in which things come into the lists. */
const Adders = memo(function Adders({
  member,
  onAdding,
  onAdd,
}: {
  member: Member | undefined;
  onAdding: (way: Adding) => void;
  onAdd: (place: NewPlace) => void;
}) {
  const { readOnly } = useTripCommands();
  return (
    <>
      {(Object.entries(ADDING) as [Adding, string][]).map(([way, label]) => (
        <Button key={way} size="xs" variant="outline" onClick={() => onAdding(way)}>
          {label}
        </Button>
      ))}
      {member === undefined ? (
        <Button
          size="xs"
          variant="outline"
          aria-label="Add a kit"
          disabled={readOnly}
          onClick={() => onAdd({ kind: 'newKit' })}
        >
          <Plus size={13} /> Kit
        </Button>
      ) : (
        <Button
          size="xs"
          variant="outline"
          aria-label="Add a thing"
          disabled={readOnly}
          onClick={() => onAdd({ kind: 'member', memberId: member.id })}
        >
          <Plus size={13} /> Thing
        </Button>
      )}
    </>
  );
});

/** What the table shows, and what can be done: with ticked rows, or to add some. */
export function KitHead({ session }: { session: KitSession }) {
  const { readOnly } = useTripCommands();
  const { trip, scope, setScope, filter, setFilter, view, setView, only, setOnly, ticked, member } = session;
  return (
    <HStack px="4" py="2" gap="2" borderBottomWidth="1px" flexShrink={0} wrap="wrap">
      <Looking
        members={trip.members}
        scope={scope}
        onScope={setScope}
        filter={filter}
        onFilter={setFilter}
        view={view}
        onView={setView}
      />
      {only !== undefined && (
        <Button size="xs" variant="outline" onClick={() => setOnly(undefined)}>
          Show all again
        </Button>
      )}
      <Box flex="1" />
      {ticked.size > 0 ? (
        <>
          <Text fontSize="xs" color="fg.muted">
            {ticked.size} ticked · Ctrl+D fills the cell’s value down
          </Text>
          <Button size="xs" variant="outline" onClick={session.saveTicked}>
            To library
          </Button>
          <Button size="xs" variant="outline" disabled={readOnly} onClick={session.removeTicked}>
            Remove
          </Button>
        </>
      ) : (
        <Adders member={member} onAdding={session.setAdding} onAdd={session.newRows.add} />
      )}
    </HStack>
  );
}
