import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { XMLValidator } from 'fast-xml-parser';
import fc from 'fast-check';
import { preparationDates } from '../prepare/preparation.js';
import { campsOnTrack, placesOfFile, trackAsWritten, trackFromParts } from './trackFromPoints.js';
import { dayStretches } from '../route/legSlopes.js';
import { arbitraryTrip } from '../testing/arbitraryTrip.js';
import { handOver, lockPiece } from '../trip/changes.js';
import { adoptTrackWithCamps } from '../route/legChanges.js';
import { emptyTrip } from '../trip/emptyTrip.js';
import type { Trip } from '../trip/model.js';
import { carrierOf } from '../trip/queries.js';
import { tripCalendar } from './calendar.js';
import { parseGpx } from './gpx.js';
import { InvalidInputError } from '../schema/fieldError.js';
import { readCalendarEvents, takeCalendar, type CalendarTrip } from './readCalendar.js';
import { readShareCsv, shareCsv } from './shareCsv.js';
import { parseTripFile } from './tripFile.js';
import { tripGpx } from './writeGpx.js';
import { runs } from '../testing/runs.js';

const demo = (name: string): Trip =>
  parseTripFile(readFileSync(join(__dirname, `../../../../data/demo/${name}.graft.json`), 'utf8'));
const census = demo('corvane-census');
const hut = demo('hut-roof');

describe('the share as a table', () => {
  test('what was written is read as it was: carriers, locks, handovers with days and reasons', () => {
    const [piece] = hut.kits[0]!.pieces;
    const other = hut.members.find((m) => m.id !== carrierOf(hut, piece!.id, 1))!;
    const trip = handOver(
      lockPiece(hut, piece!.id, true),
      2,
      [{ pieceId: piece!.id, toMemberId: other.id }],
      'a sore back, "again"',
    );
    const read = readShareCsv(shareCsv(trip), { ...trip, share: [], handovers: [] });
    expect(read).toMatchObject({ kind: 'read', pieces: hut.share.length, handovers: 1 });
    const after = (read as { trip: Trip }).trip;
    expect([...after.share].sort((a, b) => (a.pieceId < b.pieceId ? -1 : 1))).toEqual(
      [...trip.share].sort((a, b) => (a.pieceId < b.pieceId ? -1 : 1)),
    );
    expect(after.handovers.map(({ id: _id, ...h }) => h)).toEqual(
      trip.handovers.map(({ id: _id, ...h }) => h),
    );
  });
  test('of any trip: every piece has the carrier it had, on every day', () =>
    fc.assert(
      fc.property(
        arbitraryTrip({ members: { min: 1, max: 3 }, pieces: { min: 0, max: 5 }, handovers: 3 }),
        (random) => {
          // A table knows carriers by name: people of one name cannot be told apart in it.
          const trip = { ...random, members: random.members.map((m) => ({ ...m, name: m.id })) };
          const read = readShareCsv(shareCsv(trip), { ...trip, share: [], handovers: [] });
          expect(read.kind).toBe('read');
          const after = (read as { trip: Trip }).trip;
          for (const piece of [...trip.kits.flatMap((k) => k.pieces), ...trip.personalThings])
            trip.legs.forEach((_leg, i) =>
              expect(carrierOf(after, piece.id, i + 1)).toBe(carrierOf(trip, piece.id, i + 1)),
            );
        },
      ),
      { numRuns: runs(60) },
    ));
  test('a spreadsheet’s semicolons and a changed carrier are taken; what is not named stays', () => {
    const [first, second] = hut.share;
    const to = hut.members.find((m) => m.id !== first!.memberId)!;
    const read = readShareCsv(`Carrier;Piece id\r\n${to.name.toUpperCase()};${first!.pieceId}\r\n`, hut);
    const after = (read as { trip: Trip }).trip;
    expect(carrierOf(after, first!.pieceId, 1)).toBe(to.id);
    expect(carrierOf(after, second!.pieceId, 1)).toBe(second!.memberId);
  });
  test('every bad line is named, and nothing is taken', () => {
    const [first] = hut.share;
    const text = [
      'Piece id,From day,Carrier,Locked',
      'ghost,1,,no',
      `${first!.pieceId},9,Nobody,maybe`,
      `${first!.pieceId},1,,no`,
      `${first!.pieceId},1,,no`,
    ].join('\n');
    expect(readShareCsv(text, hut)).toEqual({
      kind: 'errors',
      errors: [
        { line: 2, message: 'Piece id: expected the id of a piece of this trip, got "ghost"' },
        { line: 3, message: 'From day: expected a day of the trip, 1 to 3, got "9"' },
        { line: 3, message: 'Carrier: expected the name of a member, or nothing, got "Nobody"' },
        { line: 3, message: 'Locked: expected yes or no, got "maybe"' },
        {
          line: 5,
          message: `Piece id: expected a piece once a day, got "${first!.pieceId}" also on line 4`,
        },
      ],
    });
    expect(readShareCsv('Name,Weight\nTent,2', hut)).toMatchObject({
      errors: [
        { line: 1, message: 'expected a column "Piece id", got "Name", "Weight"' },
        { line: 1, message: 'expected a column "Carrier", got "Name", "Weight"' },
      ],
    });
  });
  test('a line that looks like a sum or a head is a line like any other: it is named', () => {
    for (const line of ['Total', 'GROUP', hut.members[0]!.name]) {
      const read = readShareCsv(`Piece id;Carrier\r\n${line};\r\n`, hut);
      if (read.kind !== 'errors') throw new Error('expected errors');
      expect(read.errors).toEqual([
        { line: 2, message: `Piece id: expected the id of a piece of this trip, got "${line}"` },
      ]);
    }
  });
});

describe('the way as GPX', () => {
  const text = tripGpx(census)!;
  const file = parseGpx(text);
  const track = trackAsWritten(file.lines[0]!)!;
  test('it is well-formed, and its track is the trip’s', () => {
    expect(XMLValidator.validate(text)).toBe(true);
    expect(file.name).toBe(census.track!.name);
    expect(track).toEqual(census.track);
  });
  test('water and other places come back with name, kind, how sure they are, and within 50 m of where they were', () => {
    const back = placesOfFile(track, file.waypoints, Infinity).onTheWay;
    expect(back.map((w) => [w.name, w.kind, w.reliance])).toEqual(
      census.waypoints.map((w) => [w.name, w.kind, w.reliance]),
    );
    // The stored track is thinned to a point every 50 m or so, and its corners are cut a little.
    back.forEach((w, i) => expect(Math.abs(w.atKm - census.waypoints[i]!.atKm)).toBeLessThan(0.08));
  });
  test('the camps end the days again; one camp too few leaves the days as they are spread', () => {
    const camps = campsOnTrack(track, file.waypoints);
    expect(camps).toHaveLength(census.legs.length - 1);
    const adopted = adoptTrackWithCamps(emptyTrip('t', 'T', '2027-05-10', census.legs.length), track, camps);
    dayStretches(adopted).forEach((s, i) =>
      expect(Math.abs(s.toKm - dayStretches(census)[i]!.toKm)).toBeLessThan(0.08),
    );
    const few = adoptTrackWithCamps(
      emptyTrip('t', 'T', '2027-05-10', census.legs.length),
      track,
      camps.slice(1),
    );
    expect(few.dayMarksKm![0]).toBeCloseTo(track.distanceKm.at(-1)! / census.legs.length, 1);
  });
  test('names that are markup are only names; a trip without a track has no file', () => {
    const odd = {
      ...census,
      waypoints: [{ ...census.waypoints[0]!, name: 'Spring <&> "well"', note: ']]>' }],
    };
    expect(parseGpx(tripGpx(odd)!).waypoints[0]!.name).toBe('Spring <&> "well"');
    expect(tripGpx(hut)).toBeUndefined();
  });
});

/** What is likely the trip. */
const readTripCalendar = (text: string): CalendarTrip => readCalendarEvents(text).events[0]!;

describe('dates out of a calendar', () => {
  const written = (trip: Trip): string =>
    tripCalendar({ trip, preparation: preparationDates(trip), writtenAt: new Date('2027-01-01T00:00:00Z') });
  test('what was written is read: name, first day, days', () => {
    expect(readTripCalendar(written(census))).toEqual({
      name: census.name,
      startDate: census.startDate,
      days: census.legs.length,
    });
  });
  test('of another program’s calendar the longest event of whole days is the trip', () => {
    const event = (uid: string, name: string, from: string, to: string): string =>
      `BEGIN:VEVENT\r\nUID:${uid}\r\nDTSTAMP:20270101T000000Z\r\nSUMMARY:${name}\r\nDTSTART${from}\r\nDTEND${to}\r\nEND:VEVENT\r\n`;
    const text = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x\r\n${event('a', 'A talk', ':20270601T180000Z', ':20270609T200000Z')}${event('b', 'A day', ';VALUE=DATE:20270501', ';VALUE=DATE:20270502')}${event('c', 'On the moor', ';VALUE=DATE:20270710', ';VALUE=DATE:20270713')}END:VCALENDAR\r\n`;
    expect(readTripCalendar(text)).toEqual({ name: 'On the moor', startDate: '2027-07-10', days: 3 });
  });
  test('days are put in at the end, none are taken out', () => {
    const longer = takeCalendar(hut, { name: 'x', startDate: '2028-01-05', days: 5 });
    expect(longer.startDate).toBe('2028-01-05');
    expect(longer.legs).toHaveLength(5);
    expect(longer.legs.slice(0, 3)).toEqual(hut.legs);
    expect(takeCalendar(hut, { name: 'x', startDate: '2028-01-05', days: 1 }).legs).toEqual(hut.legs);
  });
  test.each([
    ['', /expected an iCalendar file/],
    ['Name,Weight', /expected an iCalendar file/],
    ['BEGIN:VCARD\r\nEND:VCARD\r\n', /expected an iCalendar file \(BEGIN:VCALENDAR\)/],
    ['BEGIN:VCALENDAR\r\nVERSION:2.0\r\nEND:VCALENDAR\r\n', /an event of one day or more, got none/],
    [
      'BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:a\r\nDTSTART;VALUE=DATE:20270101\r\nDTEND;VALUE=DATE:20280101\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n',
      /expected a trip of 1 to 60 days, got 365/,
    ],
  ])('%j is refused', (text, message) => expect(() => readTripCalendar(text)).toThrow(message));
});

describe('what other programs write', () => {
  // Two calendars in one file, by python-icalendar (Debian); scripts/foreign.mjs says what is in them.
  const club = readFileSync(join(__dirname, '../testing/files/club.ics'), 'utf8');
  test('all events of two calendars in one file, whole days first; hours are the days they touch, midnight is none', () => {
    const { events, isSure, cancelled, unreadable } = readCalendarEvents(club);
    expect(events.map((e) => [e.name, e.startDate, e.days])).toEqual([
      ['Whitsun on the moor', '2027-06-04', 3],
      ['', '2027-10-01', 2],
      ['Lake weekend', '2027-07-02', 3],
      ['Midnights', '2027-08-01', 3],
      ['Evening talk', '2027-05-05', 1],
    ]);
    expect([isSure, cancelled, unreadable]).toEqual([false, 1, 0]);
  });
  test('one broken event takes nothing from the others', () => {
    const broken = club.replace('DTSTART;VALUE=DATE:20270604', 'DTSTART;VALUE=DATE:soon');
    for (const odd of ['', 'x', '2027', '20271399', '99999999', '2027-06-04T25:99'])
      expect(readCalendarEvents(club.replace('20270604', odd)).events.length).toBeGreaterThanOrEqual(4);
    const { events, unreadable } = readCalendarEvents(broken);
    expect([events.length + unreadable, unreadable]).toEqual([5, 1]);
    expect(readCalendarEvents(club.replaceAll(/^DTEND.*\r\n/gm, '')).events.every((e) => e.days === 1)).toBe(
      true,
    );
    expect(readCalendarEvents(club.replaceAll(/^UID.*\r\n/gm, '')).events).toHaveLength(5);
  });
  test('cut anywhere, a calendar is read or refused in words', () => {
    for (let at = 0; at < club.length; at += 37) {
      const told = (): unknown => readCalendarEvents(club.slice(0, at));
      try {
        told();
      } catch (error) {
        expect(error).toBeInstanceOf(InvalidInputError);
      }
    }
  });
});

describe('what other programs leave out', () => {
  const days = (lines: string): string =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', lines, 'END:VEVENT', 'END:VCALENDAR'].join('\r\n');

  test('an event without a UID, a title or an end is still a trip', () => {
    expect(readTripCalendar(days('DTSTART;VALUE=DATE:20270510\r\nDTEND;VALUE=DATE:20270514'))).toEqual({
      name: '',
      startDate: '2027-05-10',
      days: 4,
    });
    expect(readTripCalendar(days('SUMMARY:Walk\r\nDTSTART;VALUE=DATE:20270510'))).toMatchObject({
      name: 'Walk',
      days: 1,
    });
  });
});

describe('a GPX that knows no heights', () => {
  const base = emptyTrip('walk', 'Walk', '2027-05-10', 2);
  const typed: Trip = {
    ...base,
    legs: base.legs.map((leg) => ({ ...leg, climbM: 640, descentM: 510, campElevationM: 900 })),
  };
  test.each([
    ['none', () => undefined],
    ['all the same', () => 0],
    ['all the same, above the sea', () => 412.5],
  ])('%s: the climb that was typed stays', (_what, heightOf) => {
    const track = trackFromParts('Way', [
      Array.from({ length: 200 }, (_v, i) => ({
        latitudeDeg: 47 + i / 1000,
        longitudeDeg: 9,
        elevationM: heightOf(),
      })),
    ])!;
    expect(track.elevationM).toBeUndefined();
    const adopted = adoptTrackWithCamps(typed, track, []);
    expect(adopted.legs.map((l) => [l.climbM, l.descentM, l.campElevationM])).toEqual(
      typed.legs.map((l) => [l.climbM, l.descentM, l.campElevationM]),
    );
    expect(adopted.legs[0]!.distanceKm).toBeGreaterThan(5);
    expect(adopted.legs[0]!.hours).toBeGreaterThan(640 / 600);
  });
});
