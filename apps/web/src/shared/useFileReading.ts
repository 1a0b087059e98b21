import { useState } from 'react';
import { InvalidInputError, type FieldError } from '@graft/core/schema';

/** The largest file of text that is read, bytes: no table or calendar of a trip is nearly as long. */
const LARGEST_BYTES = 2_000_000;

export interface FileReading {
  /** What became of the file that was read last; empty before, and when it was refused. */
  readonly told: string;
  /** Why it was refused. */
  readonly errors: readonly FieldError[];
  readonly read: (file: File) => void;
}

/**
 * Files of text that are taken whole or not at all.
 *
 * @param take takes a text and says what became of it, or throws an InvalidInputError and has changed nothing
 */
export function useFileReading(
  take: (text: string, fileName: string) => string | Promise<string>,
): FileReading {
  const [told, setTold] = useState('');
  const [errors, setErrors] = useState<readonly FieldError[]>([]);
  const read = async (file: File): Promise<void> => {
    setTold('');
    setErrors([]);
    try {
      if (file.size > LARGEST_BYTES)
        throw new InvalidInputError([
          {
            path: file.name,
            message: `expected at most ${LARGEST_BYTES / 1e6} MB, got ${(file.size / 1e6).toFixed(1)} MB`,
          },
        ]);
      const { decodeText } = await import('./textFile');
      setTold(await take(decodeText(new Uint8Array(await file.arrayBuffer())), file.name));
    } catch (error) {
      // Whatever it is, whoever chose the file is told.
      setErrors(
        error instanceof InvalidInputError
          ? error.errors
          : [{ path: file.name, message: `Graft cannot read this file: ${String(error)}` }],
      );
    }
  };
  return { told, errors, read: (file) => void read(file) };
}
