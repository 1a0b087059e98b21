import react from '@vitejs/plugin-react';
import { build, defineConfig, type BuildOptions, type Plugin, type Rolldown } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { KEPT } from './vite.kept';
import { look } from './vite.look';

/** The program, which a small file at the top of the page loads. */
const START = '/src/start.tsx';

/** Pages beside an open trip; and what else stands in one: each is loaded when it is asked for. */
const PAGES_BESIDE = [
  '/src/account/AccountPage.tsx',
  '/src/account/InvitationPage.tsx',
  '/src/account/MailLinkPage.tsx',
  '/src/welcome/WelcomePage.tsx',
  '/src/library/LibraryPage.tsx',
];
const SHELL = '/src/app/TripShell.tsx';
const STATIONS = [
  'brief/Brief',
  'people/People',
  'kit/Kit',
  'larder/Larder',
  'shares/Shares',
  'packs/Packs',
  'sheets/Sheets',
  'debrief/Debrief',
].map((name) => `/src/${name}Station.tsx`);
/** Where a trip opens on the way, at once and all of it. */
const TODAY = ['/src/trail/TrailStation.tsx', '/src/trail/TodayView.tsx'];
/** What so many stations stand on comes in one file too. */
const COMMON = 7;
const IN_A_TRIP =
  /\/src\/(?:\w+\/\w+Station|app\/(?:StartPage|OverTheStation|StationFigures|BarDialogs)|\w+\/Print\w+|trail\/(?:\w+View|HappenedWizard))\.tsx$/;

/**
 * Says to the bundler what it cannot know: a page is never loaded without the program, a station never without the shell
 * of its trip. What they share then comes in one file each, not in a hundred small ones.
 */
const standsOn: Plugin = {
  name: 'stands-on',
  apply: 'build',
  transform(code, id) {
    if (IN_A_TRIP.test(id)) return { code: `import '${SHELL}';\n${code}`, map: null };
    if ([SHELL, ...PAGES_BESIDE].some((page) => id.endsWith(page)))
      return { code: `import '${START}';\n${code}`, map: null };
    return null;
  },
};

const asChunk = (file: Rolldown.OutputAsset | Rolldown.OutputChunk): readonly Rolldown.OutputChunk[] =>
  file.type === 'chunk' ? [file] : [];
/** The built file that a module is in, and all that it cannot do without. */
function filesBehind(chunks: readonly Rolldown.OutputChunk[], path: string): ReadonlySet<string> {
  const imports = new Map(chunks.map((chunk) => [chunk.fileName, chunk.imports]));
  const first = chunks.find(({ moduleIds }) => moduleIds.some((id) => id.endsWith(path)));
  if (first === undefined) throw new Error(`No file of the build has ${path} in it.`);
  const files = new Set([first.fileName]);
  for (const file of files) for (const other of imports.get(file) ?? []) files.add(other);
  return files;
}

/** The page names the files of the program, so that they are on their way before the first of them has run. */
const startAhead: Plugin = {
  name: 'start-ahead',
  apply: 'build',
  transformIndexHtml: {
    order: 'post',
    handler(html, { bundle = {} }) {
      const chunks = Object.values(bundle).flatMap(asChunk);
      const files = filesBehind(chunks, START);
      return [...files]
        .filter((file) => !html.includes(file))
        .map((file) => ({
          tag: 'link',
          attrs: { rel: 'modulepreload', crossorigin: true, href: `/${file}` },
          injectTo: 'head' as const,
        }));
    },
  },
};

/** The router names its components for those who look for mistakes; so named, what nobody uses of them stays in. */
const leanRouter: Plugin = {
  name: 'lean-router',
  apply: 'build',
  transform(code, id) {
    if (!/\/react-router\/dist\/.*\.mjs$/.test(id)) return null;
    const lean = code
      .replaceAll(/^\w+\.displayName = ".*";$/gm, '')
      .replaceAll(/^(var \w+ = )(\w+\.(?:createContext|forwardRef|memo)\()/gm, '$1/* @__PURE__ */ $2');
    return { code: lean, map: null };
  },
};

/** What both passes of the build have in common. */
const PLUGINS = [react(), standsOn, leanRouter, ...look];
const BUILD = {
  target: 'es2022',
  rolldownOptions: {
    // The component library's recipes are data: what is not used of them is left out.
    treeshake: {
      manualPureFunctions: ['defineConfig', 'defineRecipe', 'defineSlotRecipe', 'createAnatomy'],
    },
  },
} satisfies BuildOptions;

/**
 * The program and the shell of a trip come in one file each: a phone takes as long to ask for a small file as to read it.
 * What they are made of is known once all that nobody uses has been left out, so that is done first.
 *
 * @returns the file that a module goes into; null leaves it to the bundler
 */
async function filesByModule(): Promise<FileOf> {
  const first = await build({
    root: import.meta.dirname,
    configFile: false,
    logLevel: 'error',
    plugins: PLUGINS,
    build: { ...BUILD, write: false, minify: false },
  });
  const chunks = [first]
    .flat()
    .flatMap((result) => ('output' in result ? result.output : []))
    .flatMap(asChunk);
  const modulesOf = (path: string): ReadonlySet<string> => {
    const files = filesBehind(chunks, path);
    return new Set(chunks.filter((c) => files.has(c.fileName)).flatMap((c) => c.moduleIds));
  };
  const before = modulesOf('/src/main.ts');
  const program = modulesOf(START);
  const shell = modulesOf(SHELL);
  // What other pages stand on is not behind a trip's shell.
  const pages = PAGES_BESIDE.map((path) => modulesOf(path));
  const stations = STATIONS.map((path) => modulesOf(path));
  const today = TODAY.map((path) => modulesOf(path));
  return (id) => {
    if (before.has(id)) return null;
    const isToday = today.some((modules) => modules.has(id));
    if (program.has(id)) return 'program';
    const besides = stations.filter((modules) => modules.has(id)).length;
    const isCommon = besides + (isToday ? 1 : 0) >= COMMON || shell.has(id);
    if (pages.some((modules) => modules.has(id))) return isCommon || isToday ? 'parts' : null;
    if (isToday && besides === 0 && !isCommon) return 'today';
    return isCommon || isToday ? 'shell' : null;
  };
}

type FileOf = (id: string) => string | null;
let fileOf: FileOf = () => null;
const inFewFiles: Plugin = {
  name: 'in-few-files',
  apply: 'build',
  async buildStart() {
    fileOf = await filesByModule();
  },
};

/** The solver of linear programs is the largest file, bytes. */
const LARGEST_FILE = 4_000_000;
/** What nobody needs without a network: the demo's data. */
const NOT_KEPT = 'assets/*.graft-*.json';

export default defineConfig({
  plugins: [
    ...PLUGINS,
    inFewFiles,
    startAhead,
    // The leader's program opens without a network, with its engines. A new version waits until nobody uses the old one
    // or somebody takes it: a page never finds files of another version than its own.
    VitePWA({
      filename: 'sw.js',
      scope: '/',
      injectRegister: false,
      includeManifestIcons: false,
      manifest: {
        name: 'Graft',
        short_name: 'Graft',
        description: 'Shares a party’s kit by carry limits and plans what rides where in each pack.',
        start_url: '/trips',
        scope: '/',
        display: 'standalone',
        background_color: '#ece9e1',
        theme_color: '#1f3a31',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        ...KEPT,
        cacheId: 'graft-leader',
        maximumFileSizeToCacheInBytes: LARGEST_FILE,
        globPatterns: ['index.html', '*.svg', '*.png', 'assets/*.{js,css,woff2,wasm}'],
        globIgnores: [NOT_KEPT],
        navigateFallback: '/index.html',
        // Answers of the server and members' sheets are no pages of this program.
        navigateFallbackDenylist: [/^\/(api|s|stand-ins)\//],
      },
    }),
  ],
  worker: { format: 'es' },
  build: {
    ...BUILD,
    manifest: true,
    // The program is about 160 kB compressed.
    chunkSizeWarningLimit: 700,
    rolldownOptions: {
      ...BUILD.rolldownOptions,
      output: {
        codeSplitting: { groups: [{ name: (id) => fileOf(id) }], includeDependenciesRecursively: false },
      },
    },
  },
});
