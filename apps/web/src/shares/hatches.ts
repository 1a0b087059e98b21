import { paint } from '../theme/system';

/** Hatches tell parts of a beam apart without colour. */
export const WATER_HATCH = `repeating-linear-gradient(0deg, ${paint('beam.water')} 0 3px, ${paint('beam.own')} 3px 4px)`;
export const OVERLOAD_HATCH = `repeating-linear-gradient(45deg, ${paint('overload')} 0 4px, transparent 4px 8px)`;
