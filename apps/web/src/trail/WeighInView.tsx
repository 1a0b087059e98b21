import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { putWeighIn, removeWeighIn } from '@graft/core/debrief';
import { waterOnLegL } from '@graft/core/load';
import { WEIGH_IN_RANGES } from '@graft/core/schema';
import {
  departureOf,
  plannedOnScaleKg,
  TOLERANCE_KG,
  weighInFigures,
  type WeighInFigures,
  type WeighInVerdict,
} from '@graft/core/trail';
import { BUDDY_CHECKS, type Member, type Trip, type WeighIn } from '@graft/core/trip';
import { formatMass, formatMassChange, formatPercent, massDigits } from '@graft/core/units';
import { useAccountSession } from '../shared/AccountProvider';
import { usePreferences } from '../shared/preferences';
import { QuantityInput } from '../shared/QuantityInput';
import { RemoveButton } from '../shared/RemoveButton';
import { SideBox } from '../shared/SideBox';
import { useTrip } from '../shared/TripProvider';
import { Why } from '../shared/Why';
import { localNow } from './localNow';
import { CHECK_WORDS } from './words';

const VERDICT_WORDS: Readonly<Record<WeighInVerdict, string>> = {
  asPlanned: 'as planned',
  withinEstimates: 'within what estimates allow',
  heavier: '▲ heavier than planned',
  lighter: '▲ lighter than planned',
};
const ALONE_WORDS = {
  missing: 'may be missing',
  wornByPlan: 'is worn by plan: is it in the pack?',
  somebodyElses: 'is somebody else’s by plan',
} as const;

/** Packs on the scale at the trailhead, what two buddies look at, and the party's departure. */
export function WeighInView() {
  const { trip, change, readOnly } = useTrip();
  const { massUnit } = usePreferences();
  const { account } = useAccountSession();
  const [chosenId, setChosenId] = useState<string | undefined>();
  const chosen = trip.members.find((m) => m.id === chosenId) ?? trip.members[0]!;
  const weighIns = new Map(trip.weighIns.map((w) => [w.memberId, w]));
  const figures = new Map(trip.weighIns.map((w) => [w.memberId, weighInFigures(trip, w)]));
  const who = account?.name ?? 'Leader';
  const put = (weighIn: WeighIn, label: string): void => change(label, (t) => putWeighIn(t, weighIn));
  const plannedWaterL = waterOnLegL(trip.legs[0]!);
  const weighed = trip.weighIns.length;
  const signed = trip.weighIns.filter((w) => w.signedBy !== undefined).length;
  const { departure } = trip;

  return (
    <Flex direction={{ base: 'column', lg: 'row' }} flex="1" minH="0">
      <Box flex="1" minW="0" overflow="auto">
        <table className="grid-table" aria-label="Weigh-in">
          <colgroup>
            <col style={{ width: '14%' }} />
            <col style={{ width: '11%' }} />
            <col style={{ width: '13%' }} />
            <col style={{ width: '11%' }} />
            <col style={{ width: '10%' }} />
            <col style={{ width: '23%' }} />
            <col style={{ width: '8%' }} />
            <col style={{ width: '10%' }} />
          </colgroup>
          <thead>
            <tr>
              <th style={{ paddingInlineStart: 16 }}>Member</th>
              <th data-numeric>Water in it, L</th>
              <th data-numeric>On the scale, {massUnit}</th>
              <th data-numeric>Plan, {massUnit}</th>
              <th data-numeric>Difference</th>
              <th />
              <th data-numeric>Checks</th>
              <th>Ready</th>
            </tr>
          </thead>
          <tbody>
            {trip.members.map((member) => {
              const weighIn = weighIns.get(member.id);
              const own = figures.get(member.id);
              const waterL = weighIn?.waterL ?? plannedWaterL;
              return (
                <tr
                  key={member.id}
                  className="grid-row"
                  data-chosen={member === chosen ? '' : undefined}
                  data-member={member.id}
                  onFocus={() => setChosenId(member.id)}
                >
                  <td className="grid-cell" style={{ paddingInlineStart: 16 }}>
                    <button
                      type="button"
                      className="link-button"
                      style={{ fontWeight: 600 }}
                      aria-pressed={member === chosen}
                      onClick={() => setChosenId(member.id)}
                    >
                      {member.name}
                    </button>
                  </td>
                  <td className="grid-cell" data-open>
                    <QuantityInput
                      label={`Water in the pack of ${member.name}, litres`}
                      value={waterL}
                      quantity="volume"
                      unit="L"
                      show={(l) => l.toFixed(1)}
                      low={WEIGH_IN_RANGES.waterL[0]}
                      high={WEIGH_IN_RANGES.waterL[1]}
                      readOnly={readOnly || weighIn === undefined}
                      onTake={(litres) =>
                        weighIn !== undefined &&
                        put({ ...weighIn, waterL: litres ?? 0 }, `${member.name}: water when weighed`)
                      }
                    />
                  </td>
                  <td className="grid-cell" data-open>
                    <QuantityInput
                      label={`Pack of ${member.name} on the scale`}
                      value={weighIn?.measuredKg}
                      quantity="mass"
                      unit={massUnit}
                      show={(kg) => massDigits(kg, massUnit)}
                      low={WEIGH_IN_RANGES.measuredKg[0]}
                      high={WEIGH_IN_RANGES.measuredKg[1]}
                      readOnly={readOnly}
                      onTake={(kg) =>
                        kg === undefined
                          ? change(`${member.name}: not weighed`, (t) => removeWeighIn(t, member.id))
                          : put(
                              { memberId: member.id, waterL, checked: [], ...weighIn, measuredKg: kg },
                              `${member.name} on the scale`,
                            )
                      }
                    />
                  </td>
                  <td className="grid-cell" data-numeric>
                    {massDigits(plannedOnScaleKg(trip, member, waterL), massUnit)}
                  </td>
                  <td className="grid-cell" data-numeric>
                    {own === undefined ? (
                      <span className="muted">–</span>
                    ) : (
                      <Why
                        reason={`Within ${formatMass(TOLERANCE_KG, massUnit)} it is as planned. Estimates of what is in it let it be off by ${formatMass(own.spreadKg, massUnit)}.`}
                      >
                        {formatMassChange(own.deltaKg, massUnit)}
                      </Why>
                    )}
                  </td>
                  <td className="grid-cell">
                    {own === undefined ? (
                      <span className="muted">not weighed yet</span>
                    ) : (
                      <Text
                        as="span"
                        color={
                          own.verdict === 'heavier' || own.verdict === 'lighter' ? 'overload.fg' : undefined
                        }
                      >
                        {VERDICT_WORDS[own.verdict]}
                        {own.ratio > 1 && `; ▲ ${formatPercent(own.ratio, 0)} of limit`}
                      </Text>
                    )}
                  </td>
                  <td className="grid-cell" data-numeric>
                    {weighIn?.checked.length ?? 0} / {BUDDY_CHECKS.length}
                  </td>
                  <td className="grid-cell">{weighIn?.signedBy ?? <span className="muted">not yet</span>}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <Box px="4" py="4" maxW="52rem">
          <Text fontWeight="600">Departure</Text>
          {departure === undefined ? (
            <>
              <Text fontSize="xs" color="fg.muted">
                {weighed} of {trip.members.length} weighed, {signed} ready. Signing keeps the plan of this
                moment: who carries what, loads and limits of every day. The debrief compares the trip with
                it.
              </Text>
              {!readOnly && (
                <Button
                  size="sm"
                  mt="2"
                  onClick={() =>
                    change('the departure', (t) => ({
                      ...t,
                      departure: departureOf(t, localNow(t.timeZone), who),
                    }))
                  }
                >
                  {signed === trip.members.length
                    ? 'Sign the departure'
                    : `Sign the departure, ${trip.members.length - signed} not ready`}
                </Button>
              )}
            </>
          ) : (
            <Flex gap="3" align="center" role="status">
              <Text fontSize="sm">
                Signed by {departure.by}, {departure.at.replace('T', ' ')}: {departure.share.length} pieces,{' '}
                {formatMass(
                  departure.loads.reduce((sum, l) => sum + (l.measuredKg ?? l.plannedKg[0]!), 0),
                  massUnit,
                )}{' '}
                on {departure.loads.length} backs.
              </Text>
              <RemoveButton
                name="the departure"
                onClick={() =>
                  change('take back the departure', (t) => {
                    const { departure: _gone, ...rest } = t;
                    return rest;
                  })
                }
              />
            </Flex>
          )}
          <Text fontSize="xs" color="fg.muted" mt="3">
            Lift a heavy pack from a rock or with help. A hanging scale takes the pack by its haul loop;
            bottles filled as they will be carried.
          </Text>
        </Box>
      </Box>
      <SideBox w="376px" label={`Weigh-in of ${chosen.name}`}>
        <MemberWeighIn
          key={chosen.id}
          trip={trip}
          member={chosen}
          weighIn={weighIns.get(chosen.id)}
          figures={figures.get(chosen.id)}
          who={who}
          readOnly={readOnly}
          put={put}
        />
      </SideBox>
    </Flex>
  );
}

interface MemberProps {
  readonly trip: Trip;
  readonly member: Member;
  readonly weighIn: WeighIn | undefined;
  readonly figures: WeighInFigures | undefined;
  readonly who: string;
  readonly readOnly: boolean;
  readonly put: (weighIn: WeighIn, label: string) => void;
}

/** One pack: what may be behind a difference, what the buddy looks at, and who says that it is ready. */
function MemberWeighIn({ trip, member, weighIn, figures, who, readOnly, put }: MemberProps) {
  const { massUnit } = usePreferences();
  const buddy = trip.members.find((m) => m.id === member.buddyId);
  const name = (id: string | undefined): string => trip.members.find((m) => m.id === id)?.name ?? '';
  return (
    <Box fontSize="sm">
      <Text fontWeight="600" fontSize="md">
        {member.name}
        {buddy === undefined ? '' : `, with ${buddy.name}`}
      </Text>
      {figures === undefined ? (
        <Text fontSize="xs" color="fg.muted" mt="1">
          Weigh the pack first: what it should weigh stands beside it, with the water you say is in it.
        </Text>
      ) : figures.verdict === 'asPlanned' ? (
        <Text fontSize="xs" mt="1">
          {formatMassChange(figures.deltaKg, massUnit)} against the plan: nothing to look for.
        </Text>
      ) : (
        <>
          <Text mt="2" fontWeight="600">
            Likely behind {formatMassChange(figures.deltaKg, massUnit)}
          </Text>
          <table className="plain-table" style={{ width: '100%' }}>
            <thead>
              <tr>
                <th>Estimates first</th>
                <th data-end>Plan</th>
                <th data-end>Likely</th>
              </tr>
            </thead>
            <tbody>
              {figures.culprits.map(({ thing, plannedKg, likelyKg }) => (
                <tr key={thing.id}>
                  <td>
                    {thing.name} <span className="muted">{thing.massEstimated ? 'estimate' : 'weighed'}</span>
                  </td>
                  <td data-end>{formatMass(plannedKg, massUnit)}</td>
                  <td data-end>{formatMass(likelyKg, massUnit)}</td>
                </tr>
              ))}
            </tbody>
          </table>
          {figures.alone.length > 0 && (
            <>
              <Text mt="2" fontWeight="600">
                One thing of that mass
              </Text>
              <Box as="ul" listStyleType="none" fontSize="xs">
                {figures.alone.map(({ thing, kg, how, otherId }) => (
                  <li key={thing.id}>
                    {thing.name}, {formatMass(kg, massUnit)}, {ALONE_WORDS[how]}
                    {otherId === undefined ? '' : ` (${name(otherId)})`}
                  </li>
                ))}
              </Box>
            </>
          )}
        </>
      )}
      <Text mt="4" fontWeight="600">
        Buddy check{buddy === undefined ? '' : `: ${buddy.name} looks`}
      </Text>
      {weighIn === undefined ? (
        <Text fontSize="xs" color="fg.muted">
          Opens with the weighing.
        </Text>
      ) : (
        <>
          <Box as="ul" listStyleType="none" aria-label="Buddy check" fontSize="xs">
            {BUDDY_CHECKS.map((check) => (
              <Box as="li" key={check} py="1">
                <label>
                  <input
                    type="checkbox"
                    disabled={readOnly}
                    checked={weighIn.checked.includes(check)}
                    onChange={() =>
                      put(
                        {
                          ...weighIn,
                          checked: weighIn.checked.includes(check)
                            ? weighIn.checked.filter((c) => c !== check)
                            : [...weighIn.checked, check],
                        },
                        `${member.name}: buddy check`,
                      )
                    }
                  />{' '}
                  {CHECK_WORDS[check]}
                </label>
              </Box>
            ))}
          </Box>
          {!readOnly && (
            <Flex gap="2" mt="2">
              {weighIn.checked.length < BUDDY_CHECKS.length && (
                <Button
                  size="xs"
                  variant="outline"
                  onClick={() => put({ ...weighIn, checked: BUDDY_CHECKS }, `${member.name}: all checked`)}
                >
                  All checked
                </Button>
              )}
              {weighIn.signedBy === undefined ? (
                <Button
                  size="xs"
                  onClick={() => put({ ...weighIn, signedBy: who }, `${member.name} is ready`)}
                >
                  {weighIn.checked.length === BUDDY_CHECKS.length
                    ? 'Ready to go'
                    : `Ready, ${BUDDY_CHECKS.length - weighIn.checked.length} unchecked`}
                </Button>
              ) : (
                <Button
                  size="xs"
                  variant="ghost"
                  onClick={() => {
                    const { signedBy: _gone, ...rest } = weighIn;
                    put(rest, `${member.name} is not ready`);
                  }}
                >
                  Take back “ready” of {weighIn.signedBy}
                </Button>
              )}
            </Flex>
          )}
        </>
      )}
    </Box>
  );
}
