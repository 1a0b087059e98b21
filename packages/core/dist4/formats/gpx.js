/**
 * Reading GPX 1.0 and 1.1 (Topografix schemas): tracks with their segments, routes, and waypoints, whatever the writer's
 * prefixes and extensions. A document type is refused before anything in it is read, so that entities
 * never expand; unknown elements are passed over.
 */
import { utf16Of } from './codePages.js';
import { cut } from '../units/repeated.js';
import { SaxesParser } from 'saxes';
import { InvalidInputError } from '../schema/fieldError.js';
/** The largest GPX file that is read, bytes. */
export const LARGEST_GPX_BYTES = 40_000_000;
export const MOST_GPX_POINTS = 500_000;
/** As the schemas have it, and as some programs write it: https, with a slash behind, in small letters, or not at all. */
const NAMESPACE = /^(?:https?:\/\/www\.topografix\.com\/gpx\/1\/[01]\/?)?$/i;
/** What Graft writes beyond the schema stands in a namespace of its own. */
export const OWN_NAMESPACE = 'urn:graft:gpx';
/** How much text is read between two reports of progress. */
const CHUNK = 262_144;
class Refused extends Error {
}
/**
 * @param text the file's text
 * @param onProgress called with the share read so far, from 0 to 1
 * @throws InvalidInputError that says what is wrong, with the line
 */
export function parseGpx(text, onProgress) {
    const reader = new GpxReader();
    try {
        if (text.length > LARGEST_GPX_BYTES)
            throw new Refused(tooLarge(text.length));
        const clean = text.replace(/^\uFEFF/, '');
        for (let at = 0; at < clean.length; at += CHUNK) {
            reader.write(clean.slice(at, at + CHUNK));
            onProgress?.(Math.min(1, (at + CHUNK) / clean.length));
        }
        return reader.finish();
    }
    catch (error) {
        if (!(error instanceof Refused))
            throw error;
        throw new InvalidInputError([{ path: '', message: error.message }]);
    }
}
/** The words for a file over the limit; for whoever can tell its size before reading it. */
export function tooLarge(bytes) {
    const mb = (n) => `${(n / 1e6).toFixed(0)} MB`;
    return `expected a GPX file of at most ${mb(LARGEST_GPX_BYTES)}, got ${mb(bytes)}`;
}
/** No GPX file nests a third as deep, with extensions of extensions. */
const DEEPEST = 60;
class GpxReader {
    parser = new SaxesParser({ xmlns: true, position: true });
    path = [];
    lines = [];
    waypoints = [];
    name = '';
    points = 0;
    text = '';
    point;
    constructor() {
        const { parser } = this;
        parser.on('doctype', () => {
            throw new Refused('expected a GPX file without a document type declaration (<!DOCTYPE …>), got one');
        });
        parser.on('error', (error) => {
            // The library's words come with line and column in front.
            throw new Refused(`expected well-formed XML: ${error.message.replace(/^[^:]*:(\d+):(\d+): /, 'line $1: ')}`);
        });
        parser.on('opentag', (tag) => this.open(tag.local, tag.uri, tag.attributes));
        parser.on('text', (text) => (this.text += text));
        parser.on('cdata', (text) => (this.text += text));
        parser.on('closetag', (tag) => this.close(tag.local, tag.uri));
    }
    write(chunk) {
        this.parser.write(chunk);
    }
    finish() {
        this.parser.close();
        const lines = this.lines.flatMap(({ kind, name, segments, distancesKm }) => {
            const filled = segments.filter((segment) => segment.length > 1);
            if (filled.length === 0)
                return [];
            const isWhole = distancesKm?.length === filled.reduce((sum, segment) => sum + segment.length, 0);
            return [{ kind, name: name.slice(0, 120), segments: filled, ...(isWhole ? { distancesKm } : {}) }];
        });
        if (lines.length === 0 && this.waypoints.length === 0) {
            const one = this.points === 0 ? 'none' : 'one';
            throw new Refused(`expected a track or route of at least 2 points, got ${one}`);
        }
        const name = lines.map((l) => l.name).find((n) => n !== '') ?? this.name;
        return { name: (name || 'Track').trim().slice(0, 120), lines, waypoints: this.waypoints };
    }
    open(local, uri, attributes) {
        if (this.path.length === 0 && (local !== 'gpx' || !NAMESPACE.test(uri))) {
            throw new Refused(`expected a GPX file, whose root element is <gpx>, got <${cut(local)}>`);
        }
        if (this.path.length >= DEEPEST)
            throw new Refused(`expected elements in one another at most ${DEEPEST} deep, got more`);
        // Extensions may repeat the names of GPX elements in a namespace of their own.
        this.path.push(NAMESPACE.test(uri) ? local : '');
        this.text = '';
        if (this.path.includes('extensions') || !NAMESPACE.test(uri))
            return;
        if (local === 'trk' || local === 'rte')
            this.lines.push({
                kind: local === 'trk' ? 'track' : 'route',
                name: '',
                segments: local === 'rte' ? [[]] : [],
            });
        if (local === 'trkseg')
            this.lines.at(-1)?.segments.push([]);
        if (!POINTS.includes(local))
            return;
        const number = (name, most) => {
            const raw = attributes[name]?.value ?? '';
            const value = raw.trim() === '' ? NaN : Number(raw);
            if (!Number.isFinite(value) || Math.abs(value) > most) {
                throw new Refused(`line ${this.parser.line}: expected ${name} as degrees from −${most} to ${most}, got "${cut(raw)}"`);
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
            description: '',
        };
        if (this.points >= MOST_GPX_POINTS)
            throw new Refused(`expected at most ${MOST_GPX_POINTS.toLocaleString('en')} points, got more`);
    }
    close(local, uri) {
        const name = NAMESPACE.test(uri) ? local : '';
        this.path.pop();
        const parent = this.path[this.path.length - 1];
        const text = this.text.trim();
        this.text = '';
        const line = this.lines.at(-1);
        if (uri === OWN_NAMESPACE)
            this.closeOwn(local, text);
        if (name === 'name' && (parent === 'trk' || parent === 'rte') && line !== undefined)
            line.name ||= text;
        if (name === 'name' && (parent === 'metadata' || parent === 'gpx'))
            this.name ||= text;
        if (this.point === undefined)
            return;
        if (parent !== undefined && POINTS.includes(parent))
            tellPoint(this.point, name, text);
        if (!POINTS.includes(name))
            return;
        const { lat, lon, ele, ...words } = this.point;
        const place = { latitudeDeg: lat, longitudeDeg: lon, elevationM: ele };
        if (name === 'wpt')
            this.waypoints.push({ ...place, ...words });
        else {
            this.points += 1;
            // A point of a track outside of any segment begins one.
            if (line?.segments.length === 0)
                line.segments.push([]);
            line?.segments.at(-1).push(place);
        }
        this.point = undefined;
    }
    /** What Graft has written of its own. */
    closeOwn(local, text) {
        const line = this.lines.at(-1);
        if (local === 'distancesKm' && line !== undefined && this.point === undefined)
            line.distancesKm = readDistances(text);
        const value = Number(text);
        if (this.point === undefined || text === '' || !Number.isFinite(value) || value < 0)
            return;
        if (local === 'atKm')
            this.point.atKm = value;
        if (local === 'cacheL')
            this.point.cacheL = value;
    }
}
/** Distances that begin at 0 and never fall; undefined for anything else. */
function readDistances(text) {
    const km = text.split(/\s+/).map(Number);
    const isRising = km.every((v, i) => Number.isFinite(v) && v >= (km[i - 1] ?? 0));
    return isRising && km[0] === 0 ? km : undefined;
}
const POINTS = ['trkpt', 'rtept', 'wpt'];
/** What an element within a point says of it. */
function tellPoint(point, name, text) {
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
        case 'desc':
            point.description = text.slice(0, 500);
            break;
        default:
    }
}
/**
 * The text of an XML file by its byte order mark or its declaration: UTF-8 and UTF-16, ISO-8859-1 and its kin.
 *
 * @throws InvalidInputError where the declared encoding is none that is known
 */
export function decodeXml(bytes) {
    const start = new TextDecoder('latin1').decode(bytes.subarray(0, 200));
    const declared = /^[^<]*<\?xml[^>]*\bencoding\s*=\s*["']([\w.:-]+)["']/i.exec(start)?.[1];
    try {
        return new TextDecoder(utf16Of(bytes) ?? declared ?? 'utf-8').decode(bytes);
    }
    catch {
        const message = `expected a text encoding such as UTF-8 or ISO-8859-1, got "${cut(declared ?? '')}"`;
        throw new InvalidInputError([{ path: '', message }]);
    }
}
//# sourceMappingURL=gpx.js.map