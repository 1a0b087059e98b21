import { Router } from 'express';
import { array, lazy, number, object, string, type AnySchema } from 'yup';
import { InvalidInputError, libraryEntryErrors, libraryEntrySchema, type LibraryEdit } from '@graft/core';
import { accountOf, signedIn } from '../accounts/signedIn.js';
import { json, LARGEST } from '../http/body.js';
import { checked, noUnknown } from '../http/checked.js';
import type { LibraryStore } from './libraryStore.js';

const MOST_EDITS = 3000;

const edit = lazy((value: unknown) => {
  const kind = typeof value === 'object' && value !== null ? (value as { kind?: unknown }).kind : undefined;
  if (kind === 'put') {
    return object({
      kind: string().required(),
      entry: libraryEntrySchema as unknown as AnySchema,
    }).noUnknown(noUnknown);
  }
  return object({
    kind: string()
      .strict()
      .oneOf(['put', 'remove'], 'expected one of put, remove')
      .required('expected a kind: put or remove'),
    id: string()
      .strict()
      .max(64, 'expected an id of at most 64 characters')
      .required('expected the id of an entry'),
  }).noUnknown(noUnknown);
});

const editRequest = object({
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
      editRequest,
      req.body,
    );
    const errors = edits.flatMap((e, i) =>
      e.kind === 'put' ? libraryEntryErrors(e.entry, `edits[${i}].entry`) : [],
    );
    if (errors.length > 0) throw new InvalidInputError(errors);
    res.json({ version: await store.edit(accountOf(res).id, version, edits) });
  });

  return router;
}
