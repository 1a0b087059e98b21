import { Trash2 } from 'lucide-react';
import { useReadOnly } from './tripContext';

/** Removes without asking: it can be brought back. A plain button: tables draw dozens at once. */
export function RemoveButton({
  name,
  onClick,
  undo = true,
}: {
  name: string;
  onClick: () => void;
  /** Whether the trip's undo brings it back. */
  undo?: boolean;
}) {
  if (useReadOnly()) return null;
  return (
    <button
      type="button"
      className="remove-button"
      aria-label={`Remove ${name}`}
      title={undo ? 'Remove (undo brings back)' : 'Remove'}
      onClick={onClick}
    >
      <Trash2 size={13} />
    </button>
  );
}
