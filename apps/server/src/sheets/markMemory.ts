/**
 * What members have told, as it was last known here. Marks are only ever added: whatever is remembered is part of what
 * the database keeps, and is all of it while the database counts as many.
 */
import { LRUCache } from 'lru-cache';
import type { KeptMark } from '@graft/core/sheet';

/** Of how many members. */
const MOST_MEMBERS = 2000;

export class MarkMemory {
  private readonly lists = new LRUCache<string, readonly KeptMark[]>({ max: MOST_MEMBERS });

  /**
   * @param link of the member: by its token, since another member may get the same id
   * @param count marks of this member in the database; undefined when what is remembered is less
   */
  get(link: string, count: number): readonly KeptMark[] | undefined {
    const marks = this.lists.get(link);
    return marks?.length === count ? marks : undefined;
  }

  /**
   * @param link as above
   * @param marks of this member, which the database keeps, in the order in which they came
   */
  put(link: string, marks: readonly KeptMark[]): void {
    this.lists.set(link, marks);
  }
}
