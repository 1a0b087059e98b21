import { Router } from 'express';
import { array, lazy, mixed, number, object, string } from 'yup';
import { LIBRARY_ENTRY_SCHEMAS, libraryEntryErrors, type LibraryEdit } from '@graft/core/library';
import { MOST_ERRORS, type FieldError } from '@graft/core/schema';
import { accountOf, signedIn } from '../accounts/signedIn.js';
import { json, LARGEST } from '../http/body.js';
import { checked, noUnknown, refuse } from '../http/checked.js';
import type { LibraryStore } from './libraryStore.js';

const MOST_EDITS = 3000;

/** Made once: making a schema takes longer than checking an edit by it. An entry is checked by its own, below. */
const PUT = object({
  kind: string().required(),
  entry: mixed().meta({ choices: LIBRARY_ENTRY_SCHEMAS }).required('expected an entry'),
}).noUnknown(noUnknown);
const REMOVE = object({
  kind: string()
    .strict()
    .oneOf(['put', 'remove'], 'expected one of put, remove')
    .required('expected a kind: put or remove'),
  id: string()
    .strict()
    .max(64, 'expected an id of at most 64 characters')
    .required('expected the id of an entry'),
}).noUnknown(noUnknown);
const edit = lazy((value: unknown) => {
  const kind = typeof value === 'object' && value !== null ? (value as { kind?: unknown }).kind : undefined;
  return kind === 'put' ? PUT : REMOVE;
}).meta({ choices: [PUT, REMOVE] });

export const libraryEditRequest = object({
  version: number()
    .strict()
    .typeError('expected a version number')
    .integer('expected a whole version number')
    .required('expected the version the change is based on'),
  edits: array(edit)
    .strict()
    .min(1, 'expected at least 1 edit')
    .max(MOST_EDITS, `expected at most ${MOST_EDITS} edits`)
    .required('expected a list of edits'),
})
  .strict()
  .noUnknown(noUnknown);

export function libraryRoutes(store: LibraryStore): Router {
  const router = Router();
  router.use(signedIn);

  router.get('/', async (_req, res) => {
    res.json(await store.get(accountOf(res).id));
  });

  router.post('/edits', json(LARGEST.edits), async (req, res) => {
    const { version, edits } = checked<{ version: number; edits: readonly LibraryEdit[] }>(
      libraryEditRequest,
      req.body,
    );
    const errors: FieldError[] = [];
    for (const [i, e] of edits.entries()) {
      if (e.kind === 'put') errors.push(...libraryEntryErrors(e.entry, `edits[${i}].entry`));
      if (errors.length >= MOST_ERRORS) break;
    }
    refuse(errors);
    res.json({ version: await store.edit(accountOf(res).id, version, edits) });
  });

  return router;
}
