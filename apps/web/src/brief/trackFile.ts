/** Loaded when a track is saved. */
export { tripGpx } from '@graft/core/formats';
