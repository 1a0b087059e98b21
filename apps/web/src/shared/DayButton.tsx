import { Button } from '../theme/chakra';

/** One of the days in a row of days, of which one is chosen. */
export function DayButton({
  label,
  title,
  on,
  onClick,
}: {
  readonly label: string;
  readonly title?: string;
  readonly on: boolean;
  readonly onClick: () => void;
}) {
  return (
    <Button
      size="2xs"
      role="radio"
      aria-checked={on}
      variant={on ? 'solid' : 'ghost'}
      onClick={onClick}
      title={title}
    >
      {label}
    </Button>
  );
}
