/**
 * The core's folders, lowest floor first: each may rest on lower floors only. docs/architecture.md draws them, and
 * docs/adding.md says where new things go.
 */
export const CORE_FLOORS = [
  ['units'],
  ['trip'],
  ['carriage', 'weather', 'party', 'schema'],
  ['limits', 'library'],
  ['load', 'prepare'],
  ['route', 'stow'],
  ['larder'],
  ['lists', 'share'],
  ['trail', 'formats', 'report'],
  ['workbook'],
  ['debrief'],
  ['sheet'],
  ['api'],
];

const TESTS = '(\\.test\\.ts$|/testing/)';
const floorRules = CORE_FLOORS.map((floor, i) => ({
  name: `core-floor-${floor.join('-')}`,
  severity: 'error',
  from: { path: `^packages/core/src/(${floor.join('|')})/`, pathNot: TESTS },
  to: {
    path: `^packages/core/src/(?!(${CORE_FLOORS.slice(0, i).flat().concat('$1').join('|')})/)`,
  },
}));

/** Arrows run one way: web, server and command line to core; nothing back, no circles. */
export default {
  forbidden: [
    {
      name: 'no-circles',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'core-is-alone',
      severity: 'error',
      from: { path: '^packages/core' },
      to: { path: '^(apps|e2e|scripts)/' },
    },
    ...floorRules,
    {
      name: 'core-folder-without-a-floor',
      severity: 'error',
      from: { path: `^packages/core/src/(?!(${CORE_FLOORS.flat().join('|')}|testing)/)` },
      to: {},
    },
    {
      name: 'core-by-the-file-inside',
      severity: 'error',
      from: { path: '^packages/core/src' },
      to: { path: '^packages/core/src/[^/]+/index\\.ts$' },
    },
    {
      name: 'core-has-no-io',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-knows-no-framework',
      severity: 'error',
      from: { path: '^packages/core/src', pathNot: '(\\.test\\.ts$|/testing/)' },
      to: {
        path: 'node_modules',
        pathNot:
          'node_modules/(yup|ics|ical\\.js|saxes|fast-xml-parser|suncalc|papaparse|minisearch|@e965/xlsx|@types)/',
      },
    },
    {
      name: 'web-and-server-are-apart',
      severity: 'error',
      from: { path: '^apps/web' },
      to: { path: '^apps/(server|cli)' },
    },
    {
      name: 'server-and-web-are-apart',
      severity: 'error',
      from: { path: '^apps/(server|cli)' },
      to: { path: '^apps/web' },
    },
    {
      name: 'only-by-the-public-face',
      severity: 'error',
      from: { path: '^(apps|e2e)/' },
      to: { path: '^packages/core/src' },
    },
    {
      name: 'stations-are-apart',
      severity: 'error',
      from: {
        path: '^apps/web/src/(account|brief|people|kit|larder|library|shares|packs|sheet|sheets|trips)/',
      },
      to: {
        path: '^apps/web/src/(account|brief|people|kit|larder|library|shares|packs|sheet|sheets|trips|app)/',
        pathNot: '^apps/web/src/$1/',
      },
    },
    {
      name: 'nothing-ships-tests',
      severity: 'error',
      from: { pathNot: '(\\.test\\.tsx?$|/testing/|^e2e/)' },
      to: { path: '(\\.test\\.tsx?$|/testing/)' },
    },
    // Vite answers what ends in ?url: the address of a built file. ✖ is a sentence on screen that has "import" in it.
    {
      name: 'no-unknown',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true, pathNot: '(\\?url|^✖)$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '(^|/)(dist|dist-types|results)/' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['types', 'import', 'default'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.d.ts'],
    },
  },
};
