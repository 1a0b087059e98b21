import type { Member } from '@graft/core/trip';

interface Props {
  readonly member: Member;
  readonly isChosen: boolean;
  readonly onChoose: (memberId: string) => void;
}

/** A member's name in a table; pressed, the page beside it is about them. */
export function MemberButton({ member, isChosen, onChoose }: Props) {
  return (
    <button
      type="button"
      className="link-button"
      style={{ fontWeight: 600 }}
      aria-pressed={isChosen}
      onClick={() => onChoose(member.id)}
    >
      {member.name}
    </button>
  );
}
