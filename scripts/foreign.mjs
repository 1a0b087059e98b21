/**
 * npm run foreign: files as other programs write them, for the tests that read them. LibreOffice (Debian's
 * libreoffice-calc), python-icalendar (python3-icalendar), gpxpy (python3-gpxpy), gpsbabel and GDAL (gdal-bin), which
 * must be there, make them out of what is written here; all names are invented.
 */
import { mkdirSync, mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from './lib/paths.mjs';
import { main, step } from './lib/run.mjs';

/** A title and an empty line above the headers, a column "Owner" that says whose each thing is, a sum below. */
const OWNER = [
  ['Kit list for the Hollin weekend', '', '', '', ''],
  ['', '', '', '', ''],
  ['Item', 'Owner', 'Qty', 'Weight, g', 'Notes'],
  ['Sleeping bag', 'Ilse', '1', '1050', ''],
  ['Sleeping bag', 'Bram', '1', '1250.5', 'down'],
  ['Tent for 2', 'shared', '1', '2450', ''],
  ['Gas 230', 'all', '2', '380', ''],
  ['Rain jacket', 'Ilse', '1', '', ''],
  ['Zither', 'Bram', '1', '', ''],
  ['Socks', 'Tom', '3', '80', ''],
  ['Total', '', '', '5670.5', ''],
];
/** Two calendars in one file: whole days, hours over days, midnight to midnight, cancelled, without title, an evening. */
const CALENDARS = `
from datetime import date, datetime, timezone
from icalendar import Calendar, Event
import sys
def calendar(*events):
    c = Calendar(); c.add('prodid', '-//club//'); c.add('version', '2.0')
    for start, end, more in events:
        e = Event(); e.add('dtstart', start); e.add('dtend', end)
        for key, value in more.items(): e.add(key, value)
        c.add_component(e)
    return c.to_ical()
one = calendar(
    (date(2027, 6, 4), date(2027, 6, 7), {'summary': 'Whitsun on the moor', 'uid': 'a@club'}),
    (datetime(2027, 7, 2, 17, 30), datetime(2027, 7, 4, 15, 0), {'summary': 'Lake weekend', 'uid': 'b@club'}),
    (datetime(2027, 8, 1), datetime(2027, 8, 4), {'summary': 'Midnights', 'uid': 'c@club'}))
two = calendar(
    (date(2027, 9, 10), date(2027, 9, 20), {'summary': 'Called off', 'uid': 'd@club', 'status': 'CANCELLED'}),
    (date(2027, 10, 1), date(2027, 10, 3), {}),
    (datetime(2027, 5, 5, 19, tzinfo=timezone.utc), datetime(2027, 5, 5, 21, tzinfo=timezone.utc), {'summary': 'Evening talk', 'uid': 'e@club'}))
open(sys.argv[1], 'wb').write(one + two)
`;
/** Three days of a made-up walk: a gap in the second, heights, a route and places, as a program's own table. */
const WALK = `
import math, sys, gpxpy, gpxpy.gpx as g
def day(gpx, name, parts, height):
    track = g.GPXTrack(name=name); gpx.tracks.append(track)
    for a, b in parts:
        segment = g.GPXTrackSegment(); track.segments.append(segment)
        n = int((b - a) * 10)
        for i in range(n + 1):
            km = a + (b - a) * i / n
            segment.points.append(g.GPXTrackPoint(57 + km / 111.195, -17 + math.sin(km) / 200, elevation=height(km)))
gpx = g.GPX(); gpx.name = 'Three days'
hills = lambda km: 300 - 150 * math.cos(2 * math.pi * km / 6)
day(gpx, 'Day 1', [(0, 6)], hills); day(gpx, 'Day 2', [(6, 9), (10, 12)], hills); day(gpx, 'Day 3', [(12, 18)], hills)
for name, km, off, sym in [('Spring', 4, 0, 'Drinking Water'), ('B\u00e4ckhut', 12, 0, 'Lodge'), ('Far Tower', 9, 0.02, 'Tower')]:
    gpx.waypoints.append(g.GPXWaypoint(57 + km / 111.195, -17 + math.sin(km) / 200 + off, name=name, symbol=sym))
open(sys.argv[1], 'w', encoding='utf-8').write(gpx.to_xml())
`;
/** As gpsbabel writes a file of that: one format there and back, and the places alone. */
const BABEL = [
  ['walk-gpsbabel.gpx', ['-t', '-r', '-w']],
  ['places-gpsbabel.gpx', ['-w']],
];
/** The same list as text tables of five countries: separator, character set (76 is UTF-8, 1 Windows-1252), locale. */
const LOCALES = [
  ['de-DE', 59, 1],
  ['fr-FR', 59, 76],
  ['de-CH', 59, 1],
  ['sv-SE', 9, 76],
  ['en-US', 44, 76],
];
/** Weights are shown as each country groups them: "1.050,0", "1 050,0", "1’050.0", "1,050.0". */
const flatSheet = (rows) => {
  const cell = (text, column) =>
    column === 3 && /^[\d.]+$/.test(text)
      ? `<table:table-cell table:style-name="w" office:value-type="float" office:value="${text}"/>`
      : `<table:table-cell office:value-type="string"><text:p>${text}</text:p></table:table-cell>`;
  return `<?xml version="1.0" encoding="UTF-8"?>
<office:document xmlns:office="urn:oasis:names:tc:opendocument:xmlns:office:1.0" xmlns:style="urn:oasis:names:tc:opendocument:xmlns:style:1.0" xmlns:text="urn:oasis:names:tc:opendocument:xmlns:text:1.0" xmlns:table="urn:oasis:names:tc:opendocument:xmlns:table:1.0" xmlns:number="urn:oasis:names:tc:opendocument:xmlns:datastyle:1.0" office:version="1.3" office:mimetype="application/vnd.oasis.opendocument.spreadsheet">
<office:automatic-styles><number:number-style style:name="n"><number:number number:decimal-places="1" number:min-decimal-places="1" number:min-integer-digits="1" number:grouping="true"/></number:number-style><style:style style:name="w" style:family="table-cell" style:data-style-name="n"/></office:automatic-styles>
<office:body><office:spreadsheet><table:table table:name="List">${rows.map((row) => `<table:table-row>${row.map(cell).join('')}</table:table-row>`).join('')}</table:table></office:spreadsheet></office:body></office:document>`;
};
/** A profile of LibreOffice for somebody of that country. */
const profile = (folder, locale) => {
  const home = join(folder, locale);
  mkdirSync(join(home, 'user'), { recursive: true });
  writeFileSync(
    join(home, 'user/registrymodifications.xcu'),
    `<?xml version="1.0" encoding="UTF-8"?><oor:items xmlns:oor="http://openoffice.org/2001/registry"><item oor:path="/org.openoffice.Setup/L10N"><prop oor:name="ooSetupSystemLocale" oor:op="fuse"><value>${locale}</value></prop></item></oor:items>`,
  );
  return `-env:UserInstallation=file://${home}`;
};
const csv = (rows) => rows.map((row) => row.map((c) => `"${c}"`).join(',')).join('\n');

await main(async () => {
  const folder = mkdtempSync(join(tmpdir(), 'foreign-'));
  try {
    writeFileSync(join(folder, 'owner.csv'), csv(OWNER));
    for (const kind of ['xlsx', 'ods']) {
      // Commas, quotes, UTF-8, from the first row; numbers are numbers though quoted.
      const input = '--infilter=CSV:44,34,76,1,,0,false,true';
      const args = ['--headless', input, '--convert-to', kind, '--outdir', folder, join(folder, 'owner.csv')];
      await step(`LibreOffice: owner.${kind}`, 'soffice', args);
      renameSync(join(folder, `owner.${kind}`), join(ROOT, `packages/core/src/testing/files/owner.${kind}`));
    }
    writeFileSync(join(folder, 'list.fods'), flatSheet(OWNER));
    for (const [locale, separator, charset] of LOCALES) {
      // As shown, not as kept; no quotes but where they are needed.
      const filter = `csv:Text - txt - csv (StarCalc):${separator},34,${charset},1,,0,false,true`;
      await step(`LibreOffice: owner-${locale}.csv`, 'soffice', [
        '--headless',
        profile(folder, locale),
        '--convert-to',
        filter,
        '--outdir',
        folder,
        join(folder, 'list.fods'),
      ]);
      renameSync(join(folder, 'list.csv'), join(ROOT, `packages/core/src/testing/files/owner-${locale}.csv`));
    }
    await step('python-icalendar: club.ics', '/usr/bin/python3', [
      '-c',
      CALENDARS,
      join(ROOT, 'packages/core/src/testing/files/club.ics'),
    ]);
    const files = join(ROOT, 'packages/core/src/testing/files');
    const walk = join(files, 'walk-gpxpy.gpx');
    await step('gpxpy: walk-gpxpy.gpx', '/usr/bin/python3', ['-c', WALK, walk]);
    for (const [name, kinds] of BABEL) {
      const args = [...kinds, '-i', 'gpx', '-f', walk];
      const filters = ['-x', name.startsWith('places') ? 'nuketypes,tracks,routes' : 'simplify,count=120'];
      await step(`gpsbabel: ${name}`, 'gpsbabel', [
        ...args,
        ...filters,
        '-o',
        'gpx',
        '-F',
        join(files, name),
      ]);
    }
    const gdal = join(files, 'walk-gdal.gpx');
    rmSync(gdal, { force: true });
    await step('GDAL: walk-gdal.gpx', 'ogr2ogr', ['-f', 'GPX', gdal, walk, 'waypoints', 'tracks']);
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
  return 0;
});
