/** How every thing stood when the state of a search was last looked at. */
import type { Rest } from '../loaderMemory.js';
import type { CompartmentView } from './compartmentView.js';

export class ThingStands {
  readonly heights: Float64Array;
  readonly troubles: Float64Array;
  readonly zones: Int16Array;
  readonly rests: (Rest | undefined)[];

  /** @param count of things */
  constructor(count: number) {
    this.heights = new Float64Array(count);
    this.troubles = new Float64Array(count);
    this.zones = new Int16Array(count);
    this.rests = Array.from({ length: count }, () => undefined);
  }

  /** Note what is seen in a compartment. */
  see({ things, stands }: CompartmentView): void {
    if (stands === undefined) return;
    for (let i = 0; i < things.length; i += 1) {
      const t = things[i]!;
      this.zones[t] = stands.zoneOf(i);
      this.heights[t] = stands.heightOf(i);
      this.troubles[t] = stands.troubleOf(i);
      this.rests[t] = stands.restOf(i);
    }
  }
}
