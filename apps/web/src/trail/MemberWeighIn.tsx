import { Box, Text, Flex, Button } from '../theme/chakra';
import type { WeighInFigures } from '@graft/core/trail';
import { CHECK_WORDS } from './words';
import { usePreferences } from '../shared/preferences';
import { formatMassChange, formatMass } from '@graft/core/units';
import type { Trip, Member, WeighIn } from '@graft/core/trip';
import { BUDDY_CHECKS } from '@graft/core/trip';

const ALONE_WORDS = {
  missing: 'may be missing',
  wornByPlan: 'is worn by plan: is it in the pack?',
  somebodyElses: 'is somebody else’s by plan',
} as const;

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
export function MemberWeighIn({ trip, member, weighIn, figures, who, readOnly, put }: MemberProps) {
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
