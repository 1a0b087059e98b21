import { IconButton } from '@chakra-ui/react';
import { Trash2 } from 'lucide-react';

/** Removes without asking: undo brings it back, and the title says so. */
export function RemoveButton({ name, onClick }: { name: string; onClick: () => void }) {
  return (
    <IconButton
      size="2xs"
      variant="ghost"
      aria-label={`Remove ${name}`}
      title="Remove (undo brings back)"
      onClick={onClick}
    >
      <Trash2 size={13} />
    </IconButton>
  );
}
