/** The routes that an application has, as its routers know them. */
import type { Express } from 'express';

interface Layer {
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
  readonly handle: { readonly stack?: readonly Layer[] };
  /** Mounted at the root of where it stands. */
  readonly slash?: boolean;
  readonly matchers?: readonly ((path: string) => unknown)[];
}
/** Where each router is mounted; a router at an address that is not listed here is not found, and the count tells. */
const MOUNTS = [
  '/api/account',
  '/api/trips',
  '/api/invitations',
  '/stand-ins/forecast',
  '/api/library',
  '/api/scale',
  '/api/sheet',
  '/stand-ins/messages',
  '/stand-ins/scale',
];

/** @returns such as "GET /api/trips/:id" */
export function routesOf(app: Express): readonly string[] {
  const walk = (layers: readonly Layer[], base: string): readonly string[] =>
    layers.flatMap((layer) => {
      if (layer.route !== undefined) {
        const { path, methods } = layer.route;
        return Object.keys(methods).map((m) => `${m.toUpperCase()} ${base}${path === '/' ? '' : path}`);
      }
      if (layer.handle.stack === undefined) return [];
      // A router within another, at the same address.
      if (layer.slash === true) return walk(layer.handle.stack, base);
      const mount = MOUNTS.find((m) => layer.matchers?.some((match) => Boolean(match(m))));
      if (mount === undefined) throw new Error('a router is mounted where this test does not look');
      return walk(layer.handle.stack, mount);
    });
  return walk((app as unknown as { router: { stack: readonly Layer[] } }).router.stack, '');
}
