import { Button, type ButtonProps } from '../theme/chakra';
import { useRef } from 'react';

interface Props extends Omit<ButtonProps, 'onClick'> {
  /** Names the file that is asked for. */
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that asks for a file. */
export function FileButton({ label, accept, onFile, ...button }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onClick={() => input.current?.click()} />
      <input
        ref={input}
        type="file"
        hidden
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          // Cleared, so that the same file can be chosen again after it was mended.
          event.target.value = '';
          if (file !== undefined) onFile(file);
        }}
      />
    </>
  );
}
