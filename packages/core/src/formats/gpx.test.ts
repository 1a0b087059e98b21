import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { InvalidInputError } from '../schema/fieldError.js';
import { decodeXml, LARGEST_GPX_BYTES, parseGpx, type GpxFile, type GpxPoint } from './gpx.js';

const refusal = (text: string): string => {
  try {
    parseGpx(text);
  } catch (error) {
    if (error instanceof InvalidInputError) return error.message;
    throw error;
  }
  throw new Error('expected a refusal');
};
const pointsOf = (file: GpxFile): readonly GpxPoint[] => file.lines[0]!.segments.flat();
const pt = (lat: number, lon: number, inner = ''): string =>
  `<trkpt lat="${lat}" lon="${lon}">${inner}</trkpt>`;

describe('files as different writers write them', () => {
  test('GPX 1.1 with a default namespace, metadata, waypoints and two segments', () => {
    const gpx = parseGpx(`<?xml version="1.0" encoding="UTF-8"?>
      <gpx version="1.1" creator="a watch" xmlns="http://www.topografix.com/GPX/1/1">
        <metadata><name>All of it</name><time>2027-05-10T08:00:00Z</time></metadata>
        <wpt lat="57.1" lon="-17"><name>Spring &amp; trough</name><sym>Drinking Water</sym></wpt>
        <trk><name>Morning</name>
          <trkseg>${pt(57, -17, '<ele>100</ele><time>2027-05-10T08:00:00Z</time>')}${pt(57.001, -17, '<ele>101.5</ele>')}</trkseg>
          <trkseg>${pt(57.002, -17, '<ele>102</ele>')}${pt(57.003, -17, '<ele>103</ele>')}</trkseg><trkseg>${pt(57, -17)}</trkseg>
        </trk>
      </gpx>`);
    expect(gpx).toMatchObject({ name: 'Morning', lines: [{ kind: 'track', name: 'Morning' }] });
    // A segment of one point is no way.
    expect(gpx.lines[0]!.segments.map((s) => s.length)).toEqual([2, 2]);
    expect(pointsOf(gpx).map((p) => p.elevationM)).toEqual([100, 101.5, 102, 103]);
    expect(gpx.waypoints).toEqual([
      {
        latitudeDeg: 57.1,
        longitudeDeg: -17,
        elevationM: undefined,
        name: 'Spring & trough',
        symbol: 'Drinking Water',
        comment: '',
        description: '',
      },
    ]);
  });
  test('GPX 1.0 with speed and course beside the elevation', () => {
    const gpx = parseGpx(
      `<gpx version="1.0" creator="an old handheld" xmlns="http://www.topografix.com/GPX/1/0"><name>Old</name><trk><trkseg>
        ${pt(1, 2, '<ele>5</ele><course>12</course><speed>1.2</speed>')}${pt(1.001, 2)}</trkseg></trk></gpx>`,
    );
    expect(gpx.name).toBe('Old');
    expect(pointsOf(gpx).map((p) => p.elevationM)).toEqual([5, undefined]);
  });
  test('a prefix of its own, and extensions that repeat the names of GPX elements', () => {
    const gpx =
      parseGpx(`<g:gpx xmlns:g="http://www.topografix.com/GPX/1/1" xmlns:x="urn:other" version="1.1">
      <g:trk><g:name>Prefixed</g:name><g:extensions><x:name>not this</x:name></g:extensions><g:trkseg>
        <g:trkpt lat="1" lon="2"><g:ele>7</g:ele><g:extensions><x:ele>9999</x:ele><x:hr>120</x:hr><g:trkpt lat="5" lon="5"/></g:extensions></g:trkpt>
        <g:trkpt lat="1.001" lon="2"><g:ele><![CDATA[8]]></g:ele></g:trkpt>
      </g:trkseg></g:trk></g:gpx>`);
    expect(gpx.name).toBe('Prefixed');
    expect(pointsOf(gpx).map((p) => [p.latitudeDeg, p.elevationM])).toEqual([
      [1, 7],
      [1.001, 8],
    ]);
  });
  test('no namespace at all, a byte order mark, a comment, nonsense for an elevation', () => {
    const gpx = parseGpx(
      `\uFEFF<!-- made by hand --><gpx><trk><trkseg>${pt(1, 2, '<ele>-99999</ele>')}${pt(1.001, 2, '<ele>NaN</ele>')}</trkseg></trk></gpx>`,
    );
    expect(pointsOf(gpx).map((p) => p.elevationM)).toEqual([undefined, undefined]);
    expect(gpx.name).toBe('Track');
  });
  test('routes and tracks, each by itself', () => {
    const rte = '<rte><name>Planned</name><rtept lat="3" lon="4"/><rtept lat="3.1" lon="4"/></rte>';
    expect(parseGpx(`<gpx>${rte}</gpx>`)).toMatchObject({
      name: 'Planned',
      lines: [{ kind: 'route', segments: [[{ latitudeDeg: 3 }, {}]] }],
    });
    const both = parseGpx(`<gpx>${rte}<trk><trkseg>${pt(1, 2)}${pt(1.1, 2)}</trkseg></trk></gpx>`);
    expect(both.lines.map((l) => [l.kind, l.segments[0]![0]!.latitudeDeg])).toEqual([
      ['route', 3],
      ['track', 1],
    ]);
  });
  test('the demo’s own file', () => {
    const text = readFileSync(join(__dirname, '../../../../data/demo/corvane-plateau.gpx'), 'utf8');
    const done: number[] = [];
    const gpx = parseGpx(text, (share) => done.push(share));
    expect(gpx.name).toBe('Round of the Corvane Plateau');
    expect(pointsOf(gpx).length).toBeGreaterThan(1400);
    expect(done[done.length - 1]).toBe(1);
  });
});

describe('namespaces and encodings as they are met', () => {
  test.each([
    'https://www.topografix.com/GPX/1/1',
    'http://www.topografix.com/GPX/1/1/',
    'http://www.topografix.com/gpx/1/0',
  ])('%s', (uri) => {
    expect(
      parseGpx(`<gpx xmlns="${uri}"><trk><trkseg>${pt(1, 2)}${pt(1.1, 2)}</trkseg></trk></gpx>`).lines,
    ).toHaveLength(1);
  });
  test('places alone are a file of places', () => {
    expect(parseGpx('<gpx><wpt lat="1" lon="2"><name>Spring</name></wpt></gpx>')).toMatchObject({
      lines: [],
      waypoints: [{ name: 'Spring' }],
    });
  });
  const xml = (encoding: string): string =>
    `<?xml version="1.0" encoding="${encoding}"?><gpx><name>Bäckstuga</name></gpx>`;
  test.each([
    ['ISO-8859-1', Buffer.from(xml('ISO-8859-1'), 'latin1')],
    ['windows-1252', Buffer.from(xml('windows-1252'), 'latin1')],
    ['UTF-8', Buffer.from(xml('UTF-8'), 'utf8')],
    ['UTF-16', Buffer.from(`\uFEFF${xml('UTF-16')}`, 'utf16le')],
    ['nothing said', Buffer.from('<gpx><name>Bäckstuga</name></gpx>', 'utf8')],
  ])('%s', (_name, bytes) => expect(decodeXml(bytes)).toContain('Bäckstuga'));
  test('an encoding that is none is named', () => {
    expect(() => decodeXml(Buffer.from(xml('klingon')))).toThrow(/expected a text encoding .*got "klingon"/);
  });
});

describe('files that are refused', () => {
  test.each([
    [
      'an entity bomb',
      `<?xml version="1.0"?><!DOCTYPE gpx [<!ENTITY a "aaaaaaaaaa"><!ENTITY b "&a;&a;&a;&a;&a;&a;&a;&a;">]><gpx><trk><name>&b;</name></trk></gpx>`,
      'expected a GPX file without a document type declaration (<!DOCTYPE …>), got one',
    ],
    [
      'an entity from a file of the reader’s machine',
      `<!DOCTYPE gpx [<!ENTITY x SYSTEM "file:///etc/passwd">]><gpx><trk><name>&x;</name></trk></gpx>`,
      'expected a GPX file without a document type declaration (<!DOCTYPE …>), got one',
    ],
    [
      'another kind of XML',
      '<html><body/></html>',
      'expected a GPX file, whose root element is <gpx>, got <html>',
    ],
    [
      'a gpx of another namespace',
      '<gpx xmlns="urn:other"/>',
      'expected a GPX file, whose root element is <gpx>, got <gpx>',
    ],
    ['nothing at all', '<gpx/>', 'expected a track or route of at least 2 points, got none'],
    [
      'one point',
      `<gpx><trk><trkseg>${pt(1, 2)}</trkseg></trk></gpx>`,
      'expected a track or route of at least 2 points, got one',
    ],
    [
      'a latitude that is none',
      `<gpx>\n<trk><trkseg>${pt(91, 2)}</trkseg></trk></gpx>`,
      'line 2: expected lat as degrees from −90 to 90, got "91"',
    ],
    [
      'a missing longitude',
      '<gpx><trk><trkseg><trkpt lat="1"/></trkseg></trk></gpx>',
      'line 1: expected lon as degrees from −180 to 180, got ""',
    ],
  ])('%s', (_what, text, message) => expect(refusal(text)).toBe(message));
  test.each([
    '',
    'lat,lon\n1,2',
    '{"type":"FeatureCollection"}',
    '<gpx><trk></gpx>',
    '<gpx>&undefined;</gpx>',
  ])('no well-formed XML: %j', (text) =>
    expect(refusal(text)).toMatch(/^expected (well-formed XML|a GPX file|a track)/),
  );
  test('200 MB, before anything in it is read', () => {
    const huge = { length: 200_000_000 } as unknown as string;
    expect(refusal(huge)).toBe(`expected a GPX file of at most ${LARGEST_GPX_BYTES / 1e6} MB, got 200 MB`);
  });
  test('elements nested deeper than any GPX has them', () => {
    const deep = '<a>'.repeat(20_000) + '</a>'.repeat(20_000);
    expect(refusal(`<gpx xmlns="http://www.topografix.com/GPX/1/1">${deep}</gpx>`)).toBe(
      'expected elements in one another at most 60 deep, got more',
    );
  });
});
