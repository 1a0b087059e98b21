/** Kinds of columns, and what every part of a trip has. */
import { Column, PrimaryColumn } from 'typeorm';

export const ID = { type: 'varchar', length: 64 } as const;
export const WORD = { type: 'varchar', length: 32 } as const;
export const NAME = { type: 'varchar', length: 200 } as const;
export const NUMBER = { type: 'double' } as const;
export const OPTIONAL_NUMBER = { type: 'double', nullable: true } as const;
export const OPTIONAL_ID = { ...ID, nullable: true } as const;
export const FLAG = { type: 'boolean' } as const;
export const DATA = { type: 'simple-json' } as const;
export const OPTIONAL_DATA = { type: 'simple-json', nullable: true } as const;
export const OPTIONAL_DATE = { type: 'char', length: 10, nullable: true } as const;
export const USER_ID = { type: 'char', length: 36 } as const;
export const MOMENT = { type: 'datetime', precision: 3 } as const;
/** SHA-256 in hexadecimal: what is kept of a token. */
export const HASH = { type: 'char', length: 64 } as const;

/** Simple JSON in a column that holds more than the 64 kB of a text. */
export const BIG_DATA = {
  type: 'longtext',
  transformer: {
    to: (value: unknown): string | null =>
      value === null || value === undefined ? null : JSON.stringify(value),
    from: (text: string | null): unknown => (text === null ? null : JSON.parse(text)),
  },
} as const;

/** What every part of a trip has: the trip it belongs to, and its place in its list. */
export abstract class TripPart {
  @PrimaryColumn({ type: 'char', length: 36, name: 'trip_id' }) tripId: string;
  @Column({ type: 'int' }) position: number;
}
