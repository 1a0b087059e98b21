import { Trash2 } from 'lucide-react';

/** Removes without asking: undo brings it back, and the title says so. A plain button: tables draw dozens at once. */
export function RemoveButton({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <button
      type="button"
      className="remove-button"
      aria-label={`Remove ${name}`}
      title="Remove (undo brings back)"
      onClick={onClick}
    >
      <Trash2 size={13} />
    </button>
  );
}
