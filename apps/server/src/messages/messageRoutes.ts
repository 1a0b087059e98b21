import { Router, type Request } from 'express';
import { array, boolean, object, string } from 'yup';
import { LONGEST_ADDRESS, MESSAGE_KINDS } from '@graft/core/sheet';
import { accountOf } from '../accounts/signedIn.js';
import { json, LARGEST } from '../http/body.js';
import type { Brakes } from '../http/brakes.js';
import { checked, noUnknown } from '../http/checked.js';
import type { Gate } from '../trips/gate.js';
import type { MessageStore, Sending } from './messageStore.js';

/** Minutes. */
const DAY = 24 * 60;
/** An account sends so many times a day: a server on the internet is no tool for unwanted mail. */
const MOST_SENDINGS = 200;

/** What an address names. */
interface OfMember {
  id: string;
  memberId: string;
}

export const addressRequest = object({
  address: string()
    .strict()
    .typeError('expected an address')
    .max(LONGEST_ADDRESS, `expected at most ${LONGEST_ADDRESS} characters`)
    .defined('expected an address, or an empty text to forget it'),
})
  .strict()
  .noUnknown(noUnknown);
export const sendRequest = object({
  kind: string()
    .strict()
    .oneOf([...MESSAGE_KINDS], `expected one of ${MESSAGE_KINDS.join(', ')}`)
    .required(`expected a kind: one of ${MESSAGE_KINDS.join(', ')}`),
  memberIds: array(string().strict().max(64).required('expected ids of members'))
    .strict()
    .min(1, 'expected at least 1 member')
    .max(200, 'expected at most 200 members')
    .required('expected a list of ids of members'),
  anew: boolean().strict().typeError('expected true or false'),
})
  .strict()
  .noUnknown(noUnknown);

/**
 * Messages to a trip's members; mounted under a trip's address.
 *
 * @param publicUrl where members find the application, when that is not where the leader's browser finds it
 */
export function messageRoutes(
  store: MessageStore,
  may: Gate,
  brakes: Brakes,
  publicUrl: string | undefined,
): Router {
  const router = Router({ mergeParams: true });
  const me = accountOf;
  const originOf = (req: Request): string => publicUrl ?? `${req.protocol}://${req.get('host') ?? ''}`;

  router.get('/:id/messages', async (req, res) => {
    res.json(await store.list(req.params.id, me(res).id));
  });
  router.post('/:id/messages', may('full'), json(LARGEST.form), async (req, res) => {
    const account = me(res);
    const sending = checked<Sending>(sendRequest, req.body);
    await brakes.allow(
      { what: 'messages', who: account.id, most: MOST_SENDINGS },
      DAY,
      'Too many messages were sent from this account today. Links can be copied and sent by hand.',
    );
    res.json(
      await store.send(
        req.params.id,
        account.id,
        { ...sending, memberIds: [...new Set(sending.memberIds)] },
        originOf(req),
      ),
    );
  });
  router.put(
    '/:id/messages/addresses/:memberId',
    may<OfMember>('full'),
    json(LARGEST.form),
    async (req, res) => {
      const account = me(res);
      const { address } = checked<{ address: string }>(addressRequest, req.body);
      await store.setAddress(req.params.id, account.id, req.params.memberId, address.trim());
      res.status(204).end();
    },
  );
  return router;
}
