import { Box, Button, Flex, Link, Text } from '../theme/chakra';
import { useEffect, useEffectEvent, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { withHandovers, type ProposedHandover, type ReshareAim } from '@graft/core/share';
import { changedPacks, type Restow } from '@graft/core/stow';
import { handOverRoleKit, roleHandovers } from '@graft/core/trail';
import { adoptStow, allThings, packOf, type Trip } from '@graft/core/trip';
import { formatMass } from '@graft/core/units';
import { DaySelect } from '../shared/DaySelect';
import { usePreferences } from '../shared/preferences';
import { NotedHandovers } from '../shared/reshare/NotedHandovers';
import { Proposal } from '../shared/reshare/Proposal';
import type { Reshare } from '../shared/reshare/useReshare';
import { useTrip } from '../shared/tripContext';
import { counted, DAY_ROLE_WORDS } from '../shared/words';
import { runRestow } from '../workers/engine';
import { RunProgress } from '../shared/RunProgress';
import { useRun } from '../shared/useRun';
import { land } from '../shared/land';

/** What a handover's record holds. */
const LONGEST_REASON = 200;
const AIMS: Readonly<Record<ReshareAim, string>> = {
  withinLimits: 'fewest to bring all within limits',
  best: 'fewest to be as fair as can be, within 2 %',
};

/** Something that has happened, for which another share is looked for at once. */
export interface AskFor {
  readonly memberId: string | undefined;
  readonly from: number;
  /** In words, for the handovers' record. */
  readonly reason: string;
}

interface Props {
  readonly day: number;
  readonly reshare: Reshare;
  readonly askFor: AskFor | undefined;
  readonly onAsked: () => void;
}

/** Looking for handovers, and taking them with the packs that they change. */
export function useHandovers(reshare: Reshare, aim: ReshareAim) {
  const { walked, change, session } = useTrip();
  const fitting = useRun('Fitting the handovers into the packs', { outlives: true });
  const [stowed, setStowed] = useState<readonly Restow[] | undefined>();
  const find = ({ from, memberId, reason }: AskFor): void => {
    setStowed(undefined);
    void reshare.find({
      of: walked,
      after: walked,
      day: from,
      aim,
      reason: reason.slice(0, LONGEST_REASON),
      ...(memberId === undefined ? {} : { memberId }),
    });
  };
  const accept = async (chosen: readonly ProposedHandover[], from: number, reason: string): Promise<void> => {
    const after = withHandovers(walked, from, chosen, reason);
    const began = session().trip;
    const outcome = await fitting.start(() => runRestow(after, changedPacks(walked, after, from), from));
    // Stopped, nothing is noted: handovers without a place in the packs would be half of it.
    if (outcome.kind !== 'done' || outcome.value === undefined) return;
    const stows = outcome.value;
    const adopt = (): void =>
      change(`handovers on day ${from}: ${reason}`, (t) =>
        stows.reduce<Trip>((next, s) => adoptStow(next, s.stow), withHandovers(t, from, chosen, reason)),
      );
    const taken = land(
      fitting,
      began,
      session().trip,
      ['share', 'handovers', 'stows'],
      adopt,
      'The handovers fit into the packs. Shares or packs were changed meanwhile: noting them now may undo some of that.',
    );
    if (taken) setStowed(stows);
    reshare.forget();
  };
  /** The answer, as long as the trip is what it was asked of. */
  const current = reshare.found?.of === walked ? reshare.found : undefined;
  return { find, accept, fitting, stowed, current };
}

/** The fewest things that must change hands from a day on, the packs that it changes, and kit that goes with a role. */
export function HandoversPanel({ day: shownDay, reshare, askFor, onAsked }: Props) {
  const { walked, readOnly } = useTrip();
  const [aim, setAim] = useState<ReshareAim>('withinLimits');
  const [fromDay, setFromDay] = useState<number | undefined>();
  const { find, accept, fitting, stowed, current } = useHandovers(reshare, aim);
  const day = Math.min(walked.legs.length, fromDay ?? askFor?.from ?? shownDay);
  const findAtOnce = useEffectEvent(() => {
    if (askFor === undefined) return;
    setFromDay(askFor.from);
    find(askFor);
    onAsked();
  });
  // Once for each thing that happens, after the page has shown that it did.
  useEffect(() => {
    const timer = setTimeout(findAtOnce);
    return () => clearTimeout(timer);
  }, [askFor]);

  return (
    <Box pt="3" fontSize="sm">
      <Flex gap="2" align="center" wrap="wrap">
        <Text>Share anew from day</Text>
        <DaySelect label="Day from which to share anew" trip={walked} value={day} onChoose={setFromDay} />
      </Flex>
      <Box mt="1" role="radiogroup" aria-label="What is wanted" fontSize="xs">
        {(Object.keys(AIMS) as ReshareAim[]).map((key) => (
          <Box as="label" display="block" key={key} py="0.5">
            <input type="radio" name="trail-aim" checked={aim === key} onChange={() => setAim(key)} />{' '}
            {AIMS[key]}
          </Box>
        ))}
      </Box>
      <Flex gap="2" mt="1">
        <Button
          size="sm"
          flex="1"
          loading={reshare.busy}
          onClick={() => find({ from: day, memberId: undefined, reason: 'shared anew on the way' })}
        >
          Find the handovers
        </Button>
        {reshare.busy && (
          <Button size="sm" variant="outline" onClick={reshare.stop}>
            Stop
          </Button>
        )}
      </Flex>
      {(reshare.failed !== '' || fitting.failed !== undefined) && (
        <Text fontSize="xs" color="overload.fg" pt="1" role="alert">
          {reshare.failed}
          {fitting.failed?.message}
        </Text>
      )}
      {fitting.running && (
        <Box pt="2">
          <RunProgress label="Fitting the handovers into the packs" run={fitting} />
        </Box>
      )}
      {current !== undefined && (
        <Proposal
          key={`${current.reason} ${current.day}`}
          found={current}
          busy={fitting.running}
          readOnly={readOnly}
          onAccept={(chosen) => void accept(chosen, current.day, current.reason)}
        />
      )}
      {stowed !== undefined && <StowedPacks trip={walked} stows={stowed} />}
      <RoleKit day={shownDay} />
      <NotedHandovers />
    </Box>
  );
}

/** Kit that goes with a role of a day, and changes hands with it. */
function RoleKit({ day }: { day: number }) {
  const { walked, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const roleKit = roleHandovers(walked);
  const today = roleKit.filter((h) => h.day === day);
  if (roleKit.length === 0) return null;
  return (
    <Box mt="4">
      <Text fontWeight="600">Kit that goes with a role</Text>
      <Box as="ul" listStyleType="none" fontSize="xs" aria-label="Kit that goes with a role">
        {roleKit.map((h) => (
          <Box as="li" key={`${h.day} ${h.piece.id}`} py="0.5">
            Day {h.day}: <b>{h.from.name}</b> gives <b>{h.to.name}</b> ({DAY_ROLE_WORDS[h.role].toLowerCase()}
            ): {h.name}, {formatMass(h.piece.massKg, massUnit)}
          </Box>
        ))}
      </Box>
      {!readOnly && (
        <Flex gap="2" mt="1" wrap="wrap">
          <Button
            size="xs"
            variant="outline"
            onClick={() => change('kit goes with its roles', (t) => handOverRoleKit(t, roleKit))}
          >
            Note all {roleKit.length}
          </Button>
          {today.length > 0 && today.length < roleKit.length && (
            <Button
              size="xs"
              variant="ghost"
              onClick={() =>
                change(`kit goes with the roles of day ${day}`, (t) => handOverRoleKit(t, today))
              }
            >
              Only day {day}
            </Button>
          )}
        </Flex>
      )}
    </Box>
  );
}

/** The packs that handovers have changed, and what became of each. */
export function StowedPacks({ trip, stows }: { trip: Trip; stows: readonly Restow[] }) {
  const name = (id: string): string => allThings(trip).find((t) => t.id === id)?.name ?? id;
  return (
    <Box mt="3" role="status" fontSize="xs" borderWidth="1px" p="2" bg="bg">
      <Text fontWeight="600">
        {stows.length === 0
          ? 'Handed over. No stowed pack changes.'
          : `Handed over. ${counted(stows.length, 'pack')} changed; all else stays where it was.`}
      </Text>
      {stows.map(({ stow, added, moved, misfit, unsafe }) => {
        const member = trip.members.find((m) => m.id === stow.memberId)!;
        const zone = (id: string): string => {
          const at = stow.placements.find((p) => p.thingId === id)?.zoneId;
          return packOf(trip, member).zones.find((z) => z.id === at)?.name ?? 'no place';
        };
        return (
          <Box key={member.id} mt="1">
            <Link asChild textDecoration="underline">
              <RouterLink to={`../packs?member=${member.id}`}>{member.name}</RouterLink>
            </Link>
            {': '}
            {added.length === 0
              ? 'has more room; nothing moves'
              : added.map((id) => `${name(id)} → ${zone(id)}`).join('; ')}
            {moved.length > 0 &&
              `; to make room: ${moved.map((id) => `${name(id)} → ${zone(id)}`).join('; ')}`}
            {(misfit > 1e-6 || unsafe > 0) && (
              <Text as="span" color="overload.fg">
                {' '}
                ▲ {misfit > 1e-6 ? 'Not all of it fits' : 'A rule of safety is broken'}: plan this pack anew
                at Packs.
              </Text>
            )}
          </Box>
        );
      })}
    </Box>
  );
}
