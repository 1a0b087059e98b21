import type { Kit, Member, Trip } from '@graft/core/trip';
import { useMemo } from 'react';
import type { KitRow } from './kitRows';
import { SCOPES } from './kitScopes';
import { PURPOSE_WORDS } from '../shared/words';

const NO_KITS: readonly Kit[] = [];

export interface KitRows {
  /** The scope, as far as there is one of that name; else everything. */
  readonly scope: string;
  /** The member whose things alone are shown. */
  readonly member: Member | undefined;
  readonly kits: readonly Kit[];
  readonly members: readonly Member[];
  readonly rows: readonly KitRow[];
  readonly filtered: boolean;
}

/**
 * The rows of the table.
 *
 * @param filter a text in the name, owner or purpose
 * @param only ids of the things to show, whatever the filter says
 */
export function useKitRows(
  trip: Trip,
  scope: string,
  filter: string,
  only: ReadonlySet<string> | undefined,
): KitRows {
  const member = trip.members.find((m) => m.id === scope);
  const known = member !== undefined || scope in SCOPES ? scope : 'all';
  const kits = known === 'all' || known === 'group' ? trip.kits : NO_KITS;
  const members = useMemo(
    () => (known === 'all' || known === 'personal' ? trip.members : member === undefined ? [] : [member]),
    [known, member, trip.members],
  );
  const needle = filter.trim().toLowerCase();
  const rows = useMemo((): readonly KitRow[] => {
    const shown = new Set(members.map((m) => m.id));
    const all: readonly KitRow[] = [
      ...kits.flatMap((k) => k.pieces),
      ...trip.personalThings.filter((t) => shown.has(t.memberId)),
    ];
    if (only !== undefined) return all.filter((r) => only.has(r.id));
    if (needle === '') return all;
    return all.filter((r) =>
      `${r.name} ${r.owner ?? ''} ${PURPOSE_WORDS[r.purpose]}`.toLowerCase().includes(needle),
    );
  }, [kits, members, trip.personalThings, needle, only]);

  return { scope: known, member, kits, members, rows, filtered: needle !== '' || only !== undefined };
}
