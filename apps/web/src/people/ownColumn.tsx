import type { ReactNode } from 'react';
import { isOwnUnknown, ownTotal, suggestOwn } from '@graft/core/lists';
import { ownThings, type Member, type Trip } from '@graft/core/trip';
import { formatMass, massDigits, type MassUnit } from '@graft/core/units';
import { quantityColumn, type Check } from '../shared/fields';
import type { Column } from '../shared/table/column';
import { Why } from '../shared/Why';
import { counted } from '../shared/words';

interface Common {
  readonly check: Check<Member>;
  readonly save: (m: Member, field: string) => void;
}

/**
 * What each one brings for themselves, as one figure or as the sum of their list; an entry that begins with ≈ or ~ is a
 * guess. Where nothing is known, what such trips usually have is shown as a suggestion.
 */
export function ownColumn(common: Common, trip: Trip, massUnit: MassUnit): Column<Member> {
  const figure = quantityColumn<Member, 'ownThingsKg'>({
    ...common,
    id: 'ownThingsKg',
    header: 'Own things',
    quantity: 'mass',
    massUnit,
    optional: true,
    width: '70',
  });
  return guessed(figure, {
    isGuess: (m) => m.ownThingsEstimated === true,
    withGuess: ({ ownThingsEstimated: _old, ...m }, isGuess) =>
      isGuess ? { ...m, ownThingsEstimated: true } : m,
    show: (m) => <OwnCell trip={trip} member={m} massUnit={massUnit} />,
  });
}

/** A body weight; an average that nobody has confirmed is a guess. */
export function bodyColumn(common: Common, massUnit: MassUnit, hidden: boolean): Column<Member> {
  const body = quantityColumn<Member, 'bodyMassKg'>({
    ...common,
    id: 'bodyMassKg',
    header: 'Body',
    quantity: 'mass',
    massUnit,
    hidden,
    width: '66',
  });
  return guessed(body, {
    isGuess: (m) => m.bodyEstimated === true,
    withGuess: ({ bodyEstimated: _old, ...m }, isGuess) => (isGuess ? { ...m, bodyEstimated: true } : m),
    show: (m) => (m.bodyEstimated === true ? `≈ ${String(body.show(m))}` : body.show(m)),
  });
}

/** A figure of a member that may be a guess: an entry that begins with ≈ or ~ is one. */
function guessed(
  column: Column<Member>,
  of: {
    readonly isGuess: (m: Member) => boolean;
    readonly withGuess: (m: Member, isGuess: boolean) => Member;
    readonly show: (m: Member) => ReactNode;
  },
): Column<Member> {
  const { edit } = column;
  return {
    ...column,
    show: of.show,
    edit: {
      ...edit!,
      text: (m) => `${of.isGuess(m) ? '≈ ' : ''}${edit!.text(m)}`,
      take: (m, entry) => {
        const [, sign, figure] = /^\s*([≈~]?)\s*(.*)$/.exec(entry)!;
        return edit!.take(of.withGuess(m, sign !== ''), figure!);
      },
    },
  };
}

function OwnCell({ trip, member, massUnit }: { trip: Trip; member: Member; massUnit: MassUnit }) {
  const { kg, listed, listedKg, restKg } = ownTotal(trip, member);
  if (isOwnUnknown(trip, member)) {
    const suggested = formatMass(suggestOwn(trip, member).kg, massUnit);
    return (
      <Why
        reason={`Nothing is known yet: such a trip usually takes about ${suggested} each, without pack, water and food of the Food station. Type a figure, or write a list at Kit.`}
      >
        ?
      </Why>
    );
  }
  const isGuess =
    (restKg > 0 && member.ownThingsEstimated === true) ||
    ownThings(trip, member.id).some((t) => !t.worn && t.madeBy === undefined && t.massEstimated);
  const rest = restKg > 0 ? `, ${formatMass(restKg, massUnit)} not listed yet` : '';
  return (
    <Why
      reason={
        listed === 0
          ? `${isGuess ? 'A guess' : 'One figure'} for all own things in the pack; nothing is listed yet. What is listed at Kit takes its place.`
          : `On the list: ${counted(listed, 'thing')}, ${formatMass(listedKg, massUnit)} in the pack${rest}.`
      }
    >
      {isGuess && '≈ '}
      {massDigits(kg, massUnit)}
    </Why>
  );
}
