/** Marks of members as the database has them. */
import type { KeptMark, MarkValue } from '@graft/core/sheet';
import type { SheetMarkRow } from '../database/entities.js';

/** What is asked for by a plain statement: mapping rows takes longer than reading them. */
export const MARK_COLUMNS = 'id, kind, thing_id AS thingId, value, at, replaces, by_leader AS byLeader';
/** So asked for. */
export type StoredMark = Pick<SheetMarkRow, 'id' | 'kind' | 'thingId' | 'at'> & {
  readonly value: string;
  readonly replaces: string;
  readonly byLeader: number;
};

export function asMark({ id, kind, thingId, value, at, replaces, byLeader }: StoredMark): KeptMark {
  return {
    id,
    kind,
    ...(thingId === null ? {} : { thingId }),
    value: JSON.parse(value) as MarkValue,
    at,
    replaces: JSON.parse(replaces) as readonly string[],
    byLeader: Boolean(byLeader),
  };
}
