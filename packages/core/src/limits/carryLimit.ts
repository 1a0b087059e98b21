/** Carry limit: min(policy, own cap, pack's rated load), lowered by conditions on their days, with its reasons. */
import { isNoPack } from '../trip/customPack.js';
import type { LimitPolicyId, Member, Pack } from '../trip/model.js';
import { formatMass, formatPercent } from '../units/format.js';
import { policyLimit } from './policies.js';

export interface CarryLimit {
  /** kg, pack and everything in it. */
  readonly limitKg: number;
  /** A sentence such as "18.4 kg: 25 % of 73.6 kg; the pack's rating, 20.0 kg, allows more". */
  readonly reason: string;
}

/** What holds on every day: the least of policy, own cap and rating, and what allows more. */
interface DailyLimit {
  readonly pack: Pack;
  readonly tripPolicy: LimitPolicyId;
  readonly limitKg: number;
  readonly reasons: readonly string[];
}

// Loads ask for the same member's limit day by day; a member that changes is a new object.
const known = new WeakMap<Member, DailyLimit>();

function dailyLimit(member: Member, pack: Pack, tripPolicy: LimitPolicyId): DailyLimit {
  const before = known.get(member);
  if (before?.pack === pack && before.tripPolicy === tripPolicy) return before;
  const own = policyLimit(tripPolicy, member);
  const bounds = [
    { limitKg: own.limitKg, binds: own.reason, idle: own.reason },
    {
      limitKg: pack.ratedLoadKg,
      binds: `the pack's rating; its wearer could carry ${formatMass(own.limitKg)}: ${own.reason}`,
      idle: `the pack's rating, ${formatMass(pack.ratedLoadKg)}, allows more`,
    },
    ...(member.ownCapKg === undefined
      ? []
      : [
          {
            limitKg: member.ownCapKg,
            binds: `the member's own word; otherwise ${formatMass(own.limitKg)}: ${own.reason}`,
            idle: `the member's own cap, ${formatMass(member.ownCapKg)}, allows more`,
          },
        ]),
  ];
  const least = bounds.reduce((a, b) => (b.limitKg < a.limitKg ? b : a));
  const others = bounds.filter((b) => b !== least && b !== bounds[0]).map((b) => b.idle);
  const daily = { pack, tripPolicy, limitKg: least.limitKg, reasons: [least.binds, ...others] };
  known.set(member, daily);
  return daily;
}

/**
 * What a member can carry on a day. A planning number, not medical advice.
 *
 * @param member whose limit
 * @param pack the pack they wear
 * @param day day of the trip, from 1
 * @param tripPolicy the trip's school of limits; the member's own choice or carry trial goes before it
 */
export function carryLimit(
  member: Member,
  pack: Pack,
  day: number,
  tripPolicy: LimitPolicyId = 'shareOfBodyWeight',
): CarryLimit {
  if (isNoPack(pack)) return { limitKg: 0, reason: 'carries nothing: walks without a pack' };
  const daily = dailyLimit(member, pack, tripPolicy);
  const conditions = member.conditions.filter((c) => c.fromDay <= day && day <= c.toDay);
  const limitKg = conditions.reduce((kg, c) => kg * c.factor, daily.limitKg);
  const lowered = conditions.map(
    (c) => `${c.label}: ${formatPercent(c.factor, 0)} on days ${c.fromDay}–${c.toDay}`,
  );
  return { limitKg, reason: `${formatMass(limitKg)}: ${[...daily.reasons, ...lowered].join('; ')}` };
}
