import { expose } from 'comlink';
import {
  campsOnTrack,
  decodeXml,
  LARGEST_GPX_BYTES,
  parseGpx,
  placesOfFile,
  pointsOf,
  suggestedOrder,
  tooLarge,
  trackAsWritten,
  trackEndsKm,
  trackFromParts,
  trackPieces,
  type GpxFile,
  type PieceUse,
  type PlacesOfFile,
  type TrackPiece,
} from '@graft/core/formats';
import { trackLengthKm } from '@graft/core/route';
import { InvalidInputError, type FieldError } from '@graft/core/schema';
import type { Track } from '@graft/core/trip';

/** Reading is this share of the work; smoothing is the rest. */
const READING_SHARE = 0.8;
/** Points of a piece that is only drawn. */
const OUTLINE_POINTS = 200;

export interface ReadTrack {
  readonly kind: 'track';
  readonly track: Track;
  readonly places: PlacesOfFile;
  /** Where the file's camps lie along the track, or where its tracks end. */
  readonly campsKm: readonly number[];
  readonly points: number;
  /** What the file holds, with so many points as a drawing needs, and what of it the track was made of. */
  readonly pieces: readonly TrackPiece[];
  readonly uses: readonly PieceUse[];
}
/** A file of places alone. */
export interface ReadPlaces {
  readonly kind: 'places';
  readonly places: PlacesOfFile;
}
export type TrackAnswer = ReadTrack | ReadPlaces | { readonly errors: readonly FieldError[] };

export interface TrackAsk {
  /** The pieces to take, in their order; the suggested ones when absent. */
  readonly uses?: readonly PieceUse[];
  /** The track that is there, for a file of places. */
  readonly track?: Track;
  /** Places to take at most. */
  readonly mostPlaces: number;
}

const refused = (message: string): { readonly errors: readonly FieldError[] } => ({
  errors: [{ path: '', message }],
});

function made(gpx: GpxFile, { uses: chosen, track: there, mostPlaces }: TrackAsk): TrackAnswer {
  if (gpx.lines.length === 0) {
    return there === undefined
      ? refused('expected a track or route, got places alone: they can be added once there is a track')
      : { kind: 'places', places: placesOfFile(there, gpx.waypoints, mostPlaces) };
  }
  const pieces = trackPieces(gpx);
  const uses = chosen ?? suggestedOrder(pieces);
  const [line] = gpx.lines;
  const own = gpx.lines.length === 1 ? trackAsWritten(line!) : undefined;
  const track = own ?? trackFromParts(gpx.name, pointsOf(pieces, uses));
  if (track === undefined) return refused('expected a track that gets somewhere, got points at one place');
  const camps = campsOnTrack(track, gpx.waypoints);
  const outlines = pieces.map((piece) => ({ ...piece, points: outline(piece.points) }));
  return {
    kind: 'track',
    track,
    places: placesOfFile(track, gpx.waypoints, mostPlaces),
    campsKm: own !== undefined || camps.length > 0 ? camps : trackEndsKm(pieces, uses, trackLengthKm(track)),
    points: pieces.reduce((sum, p) => sum + p.points.length, 0),
    pieces: own === undefined ? outlines : outlines.slice(0, 1),
    uses,
  };
}

/** Some of the points, the first and the last among them. */
function outline<T>(points: readonly T[]): readonly T[] {
  const step = Math.max(1, Math.ceil(points.length / OUTLINE_POINTS));
  return points.filter((_p, i) => i % step === 0 || i === points.length - 1);
}

const reader = {
  /** Errors are part of the answer: an error class does not survive the way between threads. */
  async read(file: File, ask: TrackAsk, onProgress: (done: number) => void): Promise<TrackAnswer> {
    try {
      if (file.size > LARGEST_GPX_BYTES) return refused(tooLarge(file.size));
      const text = decodeXml(new Uint8Array(await file.arrayBuffer()));
      return made(
        parseGpx(text, (done) => onProgress(done * READING_SHARE)),
        ask,
      );
    } catch (error) {
      if (error instanceof InvalidInputError) return { errors: error.errors };
      throw error;
    }
  },
};

export type TrackReader = typeof reader;
expose(reader);
