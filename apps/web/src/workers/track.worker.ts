import { expose } from 'comlink';
import {
  campsOnTrack,
  LARGEST_GPX_BYTES,
  parseGpx,
  tooLarge,
  trackFromPoints,
  waypointsOnTrack,
} from '@graft/core/formats';
import { InvalidInputError, type FieldError } from '@graft/core/schema';
import type { Track, Waypoint } from '@graft/core/trip';

/** Reading is this share of the work; smoothing is the rest. */
const READING_SHARE = 0.8;

export interface ReadTrack {
  readonly track: Track;
  readonly waypoints: readonly Waypoint[];
  /** Where the file's camps lie along the track. */
  readonly campsKm: readonly number[];
  readonly points: number;
  readonly segments: number;
}
export type TrackAnswer = ReadTrack | { readonly errors: readonly FieldError[] };

const reader = {
  /** Errors are part of the answer: an error class does not survive the way between threads. */
  async read(file: File, onProgress: (done: number) => void): Promise<TrackAnswer> {
    try {
      if (file.size > LARGEST_GPX_BYTES) return { errors: [{ path: '', message: tooLarge(file.size) }] };
      const gpx = parseGpx(await file.text(), (done) => onProgress(done * READING_SHARE));
      const track = trackFromPoints(gpx.name, gpx.points);
      if (track === undefined) {
        return {
          errors: [{ path: '', message: 'expected a track that gets somewhere, got points at one place' }],
        };
      }
      const waypoints = waypointsOnTrack(track, gpx.waypoints);
      const campsKm = campsOnTrack(track, gpx.waypoints);
      return { track, waypoints, campsKm, points: gpx.points.length, segments: gpx.segments };
    } catch (error) {
      if (error instanceof InvalidInputError) return { errors: error.errors };
      throw error;
    }
  },
};

export type TrackReader = typeof reader;
expose(reader);
