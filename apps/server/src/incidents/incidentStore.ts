/**
 * The incident log of a trip: notes that are added and never changed, with who wrote them and when. For those who lead
 * the trip in full; whoever may only look at the plan, and members with their sheets, learn nothing of it.
 */
import type { DataSource } from 'typeorm';
import type { IncidentNote, KeptIncident } from '@graft/core/trail';
import { IncidentRow } from '../database/entities.js';
import { inTransaction } from '../database/transaction.js';
import { ApiError } from '../http/apiError.js';
import { access } from '../trips/access.js';

/** No trip has so many: something writes in a circle. */
const MOST_NOTES = 500;

function asKept({
  id,
  writtenAt,
  writtenBy,
  data,
}: Pick<IncidentRow, 'id' | 'writtenAt' | 'writtenBy' | 'data'>): KeptIncident {
  return { ...data, id, writtenAt: writtenAt.toISOString(), writtenBy };
}

export class IncidentStore {
  constructor(private readonly source: DataSource) {}

  /** All notes, oldest first. */
  async list(tripId: string, userId: string): Promise<readonly KeptIncident[]> {
    await access(this.source.manager, tripId, userId, 'full');
    return this.kept(tripId);
  }

  /** All notes of a trip, for its owner's export; who asks has been made sure of. */
  async kept(tripId: string): Promise<readonly KeptIncident[]> {
    const rows = await this.source.manager.find(IncidentRow, {
      where: { tripId },
      order: { writtenAt: 'ASC', id: 'ASC' },
    });
    return rows.map(asKept);
  }

  /**
   * Add a note. The same note sent twice, after an answer that got lost, is kept once.
   *
   * @param id a random UUID of the note, given by who writes it
   */
  async add(
    tripId: string,
    author: { readonly id: string; readonly name: string },
    id: string,
    note: IncidentNote,
  ): Promise<KeptIncident> {
    return inTransaction(this.source, async (manager) => {
      await access(manager, tripId, author.id, 'full');
      const again = await manager.findOneBy(IncidentRow, { tripId, id });
      if (again !== null) return asKept(again);
      if (
        note.corrects !== undefined &&
        !(await manager.existsBy(IncidentRow, { tripId, id: note.corrects }))
      )
        throw new ApiError(
          400,
          'invalid',
          'The note that this one corrects is not in the log; nothing was saved.',
          [
            {
              path: 'note.corrects',
              message: `expected the id of a note of this log, got "${note.corrects}"`,
            },
          ],
        );
      if ((await manager.countBy(IncidentRow, { tripId })) >= MOST_NOTES)
        throw new ApiError(400, 'invalid', `The log is full: expected at most ${MOST_NOTES} notes.`);
      const row = { tripId, id, writtenAt: new Date(), writtenBy: author.name, data: note };
      await manager.insert(IncidentRow, { ...row, data: note as never });
      return asKept(row);
    });
  }
}
