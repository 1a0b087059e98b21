import { Box, Button, Flex, Link, Text } from '../theme/chakra';
import { lazy, Suspense, useMemo } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { putContact, removeContact } from '@graft/core/debrief';
import { isMarked, safetyThings, standing } from '@graft/core/sheet';
import { scentedRound } from '@graft/core/trail';
import { freshId, isWithParty, type Contact, own } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import type { Column } from '../shared/table/column';
import { EditableTable } from '../shared/table/EditableTable';
import { checkItem, textColumn } from '../shared/fields';
import { usePreferences } from '../shared/preferences';
import { RemoveButton } from '../shared/RemoveButton';
import { SideBox } from '../shared/SideBox';
import { useTrip } from '../shared/tripContext';
import { useSheets } from '../shared/useSheets';
import { FOOD_STORAGE_WORDS } from '../shared/words';
import { useInUnits } from '../shared/useInUnits';

const IncidentLog = lazy(() => import('./IncidentLog').then((m) => ({ default: m.IncidentLog })));

/** Where everything for an emergency is, who has read it, whom to call, the evening's round, and the incident log. */
export function SafetyView({ day }: { day: number }) {
  const inUnits = useInUnits();
  const { id, role, walked } = useTrip();
  const { massUnit } = usePreferences();
  const { data: sheets } = useSheets(id);
  const things = useMemo(() => safetyThings(walked, undefined, day), [walked, day]);
  const round = useMemo(() => scentedRound(walked, day), [walked, day]);
  const read = walked.members.map(
    (m) => [m, isMarked(standing(own(sheets?.marks ?? {}, m.id) ?? []), { kind: 'safety' })] as const,
  );
  const missing = read.filter(([, yes]) => !yes).map(([m]) => m.name);
  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto" px="4" py="3" fontSize="sm">
        <Flex gap="3" align="center" mb="2">
          <Text fontWeight="600">Where it is on day {day}</Text>
          <Button size="2xs" variant="outline" asChild>
            <RouterLink to={`print?day=${day}`}>Print the safety sheet</RouterLink>
          </Button>
        </Flex>
        {things.length === 0 && (
          <Text color="fg.muted" fontSize="xs">
            Nothing for an emergency is on the list: first aid, a beacon, a map, a whistle are added at Kit.
          </Text>
        )}
        <table className="plain-table" style={{ width: '100%' }} aria-label="Safety kit">
          <tbody>
            {things.map((t) => (
              <tr key={t.name}>
                <td style={{ width: '34%' }}>
                  <b>{t.name}</b>
                </td>
                <td>
                  {t.everybody
                    ? 'on everybody'
                    : t.at.map((a) => `${a.who}: ${a.place}`).join('; ') || 'nobody carries it'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <Text mt="3" role="status">
          {missing.length === 0
            ? 'Every member has said that they know where these are.'
            : missing.length === walked.members.length
              ? 'No member has said yet that they know where these are.'
              : `Not yet read by ${missing.join(', ')}.`}{' '}
          <Link asChild textDecoration="underline">
            <RouterLink to="../sheets">Members say so on their sheets</RouterLink>
          </Link>
          .
        </Text>
        <Text fontWeight="600" mt="5">
          The evening’s round, night after day {day}
        </Text>
        {round === undefined ? (
          <Text fontSize="xs" color="fg.muted">
            The last night is at home.
          </Text>
        ) : (
          <>
            <Text fontSize="xs" color="fg.muted">
              Rule: {FOOD_STORAGE_WORDS[walked.foodStorage]}. {formatMass(round.night.massKg, massUnit)},{' '}
              {inUnits(
                `${round.night.volumeL.toFixed(1)} L of what smells${
                  round.night.capacityL > 0
                    ? `; containers and food bags hold ${round.night.capacityL.toFixed(1)} L`
                    : ''
                }.`,
              )}
            </Text>
            <table className="plain-table" style={{ width: '100%' }} aria-label="Scented things">
              <tbody>
                {round.members.map(({ member, things: theirs }) => (
                  <tr key={member.id}>
                    <td style={{ width: '16%', verticalAlign: 'top' }}>
                      <b>{member.name}</b>
                      {!isWithParty(member, day) && ' (gone)'}
                    </td>
                    <td>{theirs.map((t) => `${t.name} (${t.place})`).join('; ')}</td>
                  </tr>
                ))}
                {round.unshared.length > 0 && (
                  <tr>
                    <td>nobody</td>
                    <td>{round.unshared.join('; ')}</td>
                  </tr>
                )}
              </tbody>
            </table>
          </>
        )}
        <Contacts />
      </Box>
      {role !== 'read' && (
        <SideBox w="452px">
          <Suspense fallback={null}>
            <IncidentLog day={day} />
          </Suspense>
        </SideBox>
      )}
    </Flex>
  );
}

/** Whom to call: for the trip, and for each member; the latter are for the leaders alone. */
function Contacts() {
  const { trip, change, readOnly } = useTrip();
  const whose = (c: Contact): string =>
    c.memberId === undefined ? 'the trip' : (trip.members.find((m) => m.id === c.memberId)?.name ?? '');
  const put = (contact: Contact): void => change('an emergency contact', (t) => putContact(t, contact));
  const add = (memberId?: string): void => {
    const contact: Contact = {
      id: freshId(
        memberId === undefined ? 'contact' : `contact-${memberId}`,
        trip.contacts.map((c) => c.id),
      ),
      name: memberId === undefined ? 'Rescue' : 'Name',
      relation: memberId === undefined ? 'rescue' : 'relation',
      phone: '–',
      ...(memberId === undefined ? {} : { memberId }),
    };
    put(contact);
  };
  const common = { check: (c: Contact) => checkItem('contacts', c), save: put };
  const columns: readonly Column<Contact>[] = [
    { id: 'whose', header: 'For', width: '90', show: whose },
    textColumn({ ...common, id: 'name', header: 'Name' }),
    textColumn({ ...common, id: 'relation', header: 'Who they are' }),
    textColumn({ ...common, id: 'phone', header: 'Telephone' }),
    {
      id: 'remove',
      header: '',
      width: '32',
      show: (c) => (
        <RemoveButton
          name={`${c.name}, ${c.relation}`}
          onClick={() => change('remove a contact', (t) => removeContact(t, c.id))}
        />
      ),
    },
  ];
  const without = trip.members.filter((m) => trip.contacts.every((c) => c.memberId !== m.id));
  return (
    <Box mt="6">
      <Text fontWeight="600" mb="1">
        Whom to call
      </Text>
      {trip.contacts.length > 0 && (
        <EditableTable
          label="Emergency contacts"
          columns={columns}
          sections={[{ key: 'all', rows: trip.contacts }]}
          rowKey={(c) => c.id}
          rowName={(c) => c.name}
        />
      )}
      {!readOnly && (
        <Flex gap="2" mt="2" wrap="wrap">
          <Button size="2xs" variant="outline" onClick={() => add()}>
            Add one for the trip
          </Button>
          {without.map((m) => (
            <Button key={m.id} size="2xs" variant="ghost" onClick={() => add(m.id)}>
              Add one for {m.name}
            </Button>
          ))}
        </Flex>
      )}
      <Text fontSize="xs" color="fg.muted" mt="1">
        The trip’s numbers stand on every sheet; those of members’ people are seen by leaders only.
      </Text>
    </Box>
  );
}
