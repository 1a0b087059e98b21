import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { climbBetween, trackLengthKm } from '../route/profile.js';
import { decodeXml, parseGpx, type GpxFile } from './gpx.js';
import { placesOfFile, trackFromParts } from './trackFromPoints.js';
import { gapsKm, pointsOf, suggestedOrder, trackEndsKm, trackPieces } from './trackPieces.js';

/** Files of other programs; `npm run foreign` makes them anew: gpxpy 1.5, gpsbabel 1.8, GDAL 3.6 of Debian 12. */
const read = (name: string): GpxFile =>
  parseGpx(decodeXml(readFileSync(join(__dirname, '../testing/files', name))));

// Three days of 6 km each but for a kilometre that nobody recorded in the second; hills of 300 m, six of them half.
describe.each(['walk-gpxpy.gpx', 'walk-gdal.gpx'])('%s', (name) => {
  const file = read(name);
  const pieces = trackPieces(file);
  test('three tracks, the second in two parts with a gap between', () => {
    expect(pieces.map((p) => p.name)).toEqual(['Day 1', 'Day 2, part 1', 'Day 2, part 2', 'Day 3']);
    const uses = suggestedOrder(pieces);
    expect(uses.map((u) => u.id)).toEqual(['1.1', '2.1', '2.2', '3.1']);
    const gaps = gapsKm(pieces, uses);
    expect(gaps.map((km) => km > 0.2)).toEqual([false, true, false]);
    expect(gaps[1]).toBeGreaterThan(0.99);
    expect(trackFromParts('T', pointsOf(pieces, uses))!.gapsBefore).toHaveLength(1);
    expect(trackEndsKm(pieces, uses, 17.4).map((km) => Math.round(km))).toEqual([6, 11]);
  });
  test('its places are on the way or beside it, with their names as they were written', () => {
    const track = trackFromParts('T', pointsOf(pieces, suggestedOrder(pieces)))!;
    const { onTheWay, beside } = placesOfFile(track, file.waypoints, 300);
    expect(onTheWay.map((p) => [p.name, p.kind])).toEqual([
      ['Spring', 'water'],
      ['Bäckhut', 'shelter'],
    ]);
    expect(beside.map((p) => [p.name, p.awayKm > 0.5])).toEqual([['Far Tower', true]]);
    expect(placesOfFile(track, file.waypoints, 1).onTheWay).toHaveLength(1);
  });
});

test('heights of gpxpy: the climb of the hills, without what lies in the gap', () => {
  const pieces = trackPieces(read('walk-gpxpy.gpx'));
  const track = trackFromParts('T', pointsOf(pieces, suggestedOrder(pieces)))!;
  // Up 300 m in each of three periods; of the second the part from km 9 (the top) to 10 is down and not recorded.
  const { climbM, descentM } = climbBetween(track, 0, trackLengthKm(track));
  expect(Math.abs(climbM / 900 - 1)).toBeLessThan(0.03);
  // Over the gap the hill falls by 150 (1 − cos 60°).
  expect(Math.abs(descentM / (900 - 75) - 1)).toBeLessThan(0.03);
});

test('gpsbabel, thinned: tracks as they are; places alone are a file of places', () => {
  const pieces = trackPieces(read('walk-gpsbabel.gpx'));
  expect(pieces.map((p) => p.name.slice(0, 5))).toContain('Day 1');
  expect(pieces.reduce((sum, p) => sum + p.lengthKm, 0)).toBeGreaterThan(17);
  const places = read('places-gpsbabel.gpx');
  expect(places.lines).toEqual([]);
  expect(places.waypoints.map((w) => w.name)).toEqual(['Spring', 'Bäckhut', 'Far Tower']);
});
