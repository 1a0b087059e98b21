/**
 * Reading GPX 1.0 and 1.1 (Topografix schemas): tracks of any number of segments, else routes, and waypoints, whatever
 * the writer's prefixes and extensions. A document type is refused before anything in it is read, so that entities
 * never expand; unknown elements are passed over.
 */
import { cut } from '../units/repeated.js';
import { SaxesParser } from 'saxes';
import { InvalidInputError } from '../schema/fieldError.js';

export interface GpxPoint {
  readonly latitudeDeg: number;
  readonly longitudeDeg: number;
  readonly elevationM: number | undefined;
}
export interface GpxWaypoint extends GpxPoint {
  readonly name: string;
  /** What the writer calls its kind or symbol. */
  readonly symbol: string;
  /** The writer's comment; empty when there is none. */
  readonly comment: string;
}
export interface GpxFile {
  readonly name: string;
  /** Points of all tracks in file order; of all routes when there is no track. */
  readonly points: readonly GpxPoint[];
  readonly segments: number;
  readonly waypoints: readonly GpxWaypoint[];
}

/** The largest GPX file that is read, bytes. */
export const LARGEST_GPX_BYTES = 40_000_000;
export const MOST_GPX_POINTS = 500_000;
const NAMESPACES = ['http://www.topografix.com/GPX/1/0', 'http://www.topografix.com/GPX/1/1', ''];
/** How much text is read between two reports of progress. */
const CHUNK = 262_144;

class Refused extends Error {}

/**
 * @param text the file's text
 * @param onProgress called with the share read so far, from 0 to 1
 * @throws InvalidInputError that says what is wrong, with the line
 */
export function parseGpx(text: string, onProgress?: (done: number) => void): GpxFile {
  const reader = new GpxReader();
  try {
    if (text.length > LARGEST_GPX_BYTES) throw new Refused(tooLarge(text.length));
    const clean = text.replace(/^\uFEFF/, '');
    for (let at = 0; at < clean.length; at += CHUNK) {
      reader.write(clean.slice(at, at + CHUNK));
      onProgress?.(Math.min(1, (at + CHUNK) / clean.length));
    }
    return reader.finish();
  } catch (error) {
    if (!(error instanceof Refused)) throw error;
    throw new InvalidInputError([{ path: '', message: error.message }]);
  }
}

/** The words for a file over the limit; for whoever can tell its size before reading it. */
export function tooLarge(bytes: number): string {
  const mb = (n: number): string => `${(n / 1e6).toFixed(0)} MB`;
  return `expected a GPX file of at most ${mb(LARGEST_GPX_BYTES)}, got ${mb(bytes)}`;
}

/** No GPX file nests a third as deep, with extensions of extensions. */
const DEEPEST = 60;

class GpxReader {
  private readonly parser = new SaxesParser({ xmlns: true, position: true });
  private readonly path: string[] = [];
  private readonly track: GpxPoint[] = [];
  private readonly route: GpxPoint[] = [];
  private readonly waypoints: GpxWaypoint[] = [];
  private readonly names = { gpx: '', trk: '', rte: '' };
  private segments = 0;
  private text = '';
  private point: OpenPoint | undefined;

  constructor() {
    const { parser } = this;
    parser.on('doctype', () => {
      throw new Refused('expected a GPX file without a document type declaration (<!DOCTYPE …>), got one');
    });
    parser.on('error', (error) => {
      // The library's words come with line and column in front.
      throw new Refused(
        `expected well-formed XML: ${error.message.replace(/^[^:]*:(\d+):(\d+): /, 'line $1: ')}`,
      );
    });
    parser.on('opentag', (tag) => this.open(tag.local, tag.uri, tag.attributes));
    parser.on('text', (text) => (this.text += text));
    parser.on('cdata', (text) => (this.text += text));
    parser.on('closetag', (tag) => this.close(tag.local, tag.uri));
  }

  write(chunk: string): void {
    this.parser.write(chunk);
  }

  finish(): GpxFile {
    this.parser.close();
    const points = this.track.length > 0 ? this.track : this.route;
    if (points.length < 2) {
      throw new Refused(
        `expected a track or route of at least 2 points, got ${points.length === 0 ? 'none' : 'one'}`,
      );
    }
    return {
      name: (this.names.trk || this.names.rte || this.names.gpx || 'Track').trim().slice(0, 120),
      points,
      segments: Math.max(1, this.segments),
      waypoints: this.waypoints,
    };
  }

  private open(
    local: string,
    uri: string,
    attributes: Readonly<Record<string, { readonly value: string }>>,
  ): void {
    if (this.path.length === 0 && (local !== 'gpx' || !NAMESPACES.includes(uri))) {
      throw new Refused(`expected a GPX file, whose root element is <gpx>, got <${cut(local)}>`);
    }
    if (this.path.length >= DEEPEST)
      throw new Refused(`expected elements in one another at most ${DEEPEST} deep, got more`);
    // Extensions may repeat the names of GPX elements in a namespace of their own.
    this.path.push(NAMESPACES.includes(uri) ? local : '');
    this.text = '';
    if (!POINTS.includes(local) || this.path.includes('extensions') || !NAMESPACES.includes(uri)) return;
    const number = (name: string, most: number): number => {
      const raw = attributes[name]?.value ?? '';
      const value = raw.trim() === '' ? NaN : Number(raw);
      if (!Number.isFinite(value) || Math.abs(value) > most) {
        throw new Refused(
          `line ${this.parser.line}: expected ${name} as degrees from −${most} to ${most}, got "${cut(raw)}"`,
        );
      }
      return value;
    };
    this.point = {
      lat: number('lat', 90),
      lon: number('lon', 180),
      ele: undefined,
      name: '',
      symbol: '',
      comment: '',
    };
    if (this.track.length + this.route.length >= MOST_GPX_POINTS)
      throw new Refused(`expected at most ${MOST_GPX_POINTS.toLocaleString('en')} points, got more`);
  }

  private close(local: string, uri: string): void {
    const name = NAMESPACES.includes(uri) ? local : '';
    this.path.pop();
    const parent = this.path[this.path.length - 1];
    const text = this.text.trim();
    this.text = '';
    if (name === 'trkseg') this.segments += 1;
    if (name === 'name' && (parent === 'trk' || parent === 'rte')) this.names[parent] ||= text;
    if (name === 'name' && (parent === 'metadata' || parent === 'gpx')) this.names.gpx ||= text;
    if (this.point === undefined) return;
    if (parent !== undefined && POINTS.includes(parent)) tellPoint(this.point, name, text);
    if (!POINTS.includes(name)) return;
    const { lat, lon, ele, ...words } = this.point;
    const place = { latitudeDeg: lat, longitudeDeg: lon, elevationM: ele };
    if (name === 'trkpt') this.track.push(place);
    else if (name === 'rtept') this.route.push(place);
    else this.waypoints.push({ ...place, ...words });
    this.point = undefined;
  }
}

const POINTS: readonly string[] = ['trkpt', 'rtept', 'wpt'];

interface OpenPoint {
  readonly lat: number;
  readonly lon: number;
  ele: number | undefined;
  name: string;
  symbol: string;
  comment: string;
}

/** What an element within a point says of it. */
function tellPoint(point: OpenPoint, name: string, text: string): void {
  switch (name) {
    case 'ele': {
      const ele = text === '' ? NaN : Number(text);
      // Instruments without a fix write nonsense here; such a point has no elevation.
      point.ele = Number.isFinite(ele) && ele > -500 && ele < 9000 ? ele : undefined;
      break;
    }
    case 'name':
      point.name = text.slice(0, 120);
      break;
    case 'sym':
    case 'type':
      point.symbol ||= text;
      break;
    case 'cmt':
      point.comment = text;
      break;
    default:
  }
}
