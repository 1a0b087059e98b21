/**
 * The simulated message service behind the protocol of docs/message-service.md: keeps in memory what it is given, and
 * shows each account what was sent in its name. Nothing leaves this machine.
 */
import { randomUUID } from 'node:crypto';
import { Router } from 'express';
import { object, string } from 'yup';
import { LONGEST_ADDRESS, MESSAGE_CHANNELS, type MessageState } from '@graft/core/sheet';
import { accountOf, signedIn } from '../accounts/signedIn.js';
import { ApiError } from '../http/apiError.js';
import { json } from '../http/body.js';
import { checked, noUnknown } from '../http/checked.js';
import { askedFor, forOurselves } from '../http/standInKey.js';
import { escaped, linked } from './htmlPart.js';
import type { Outgoing } from './messenger.js';

/** A message is on its way for so long. */
const ON_ITS_WAY_MS = 800;
const MOST_KEPT = 500;
/** Bytes. */
const LARGEST_MESSAGE = 64_000;

const text = (longest: number) => string().strict().min(1).max(longest).required();
const messageRequest = object({
  channel: string()
    .strict()
    .oneOf([...MESSAGE_CHANNELS])
    .required(),
  to: text(LONGEST_ADDRESS),
  subject: text(300),
  text: text(20_000),
})
  .strict()
  .noUnknown(noUnknown);

interface Kept extends Outgoing {
  readonly id: string;
  readonly at: number;
  readonly accountId: string;
}

/** @param key of the application that it ships with; undefined where it serves whoever asks */
export function messageService(key?: string, now: () => number = Date.now): Router {
  const kept = new Map<string, Kept>();
  /** Addresses with "bounce" in them do not exist. */
  const stateOf = ({ at, to }: Kept): { state: MessageState; reason?: string } => {
    if (now() - at < ON_ITS_WAY_MS) return { state: 'sent' };
    return to.includes('bounce') ? { state: 'failed', reason: 'no such address' } : { state: 'delivered' };
  };
  const router = Router();
  router.get('/v1', forOurselves(key), (_req, res) => {
    res.json({ name: 'Simulated outbox', simulated: true });
  });
  router.post('/v1/messages', forOurselves(key), json(LARGEST_MESSAGE), (req, res) => {
    const message = checked<Outgoing>(messageRequest, req.body);
    const id = randomUUID();
    kept.set(id, { ...message, id, at: now(), accountId: askedFor(req) });
    const [oldest] = kept.keys();
    if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest);
    res.status(201).json({ id });
  });
  router.get('/v1/messages/:id', forOurselves<{ id: string }>(key), (req, res) => {
    const message = kept.get(req.params.id);
    if (message === undefined) throw new ApiError(404, 'notFound', 'There is no such message.');
    res.json(stateOf(message));
  });
  // Not part of a real service's protocol: what members find in their mail.
  router.get('/', signedIn, (_req, res) => {
    const mine = accountOf(res).id;
    const list = [...kept.values()].filter((m) => m.accountId === mine).reverse();
    res.type('html').send(page(list.map((m) => ({ ...m, ...stateOf(m) }))));
  });
  return router;
}

function page(messages: readonly (Kept & { readonly state: MessageState })[]): string {
  const items = messages.map(
    (m) => `<article>
<h2>${escaped(m.subject)}</h2>
<p>to ${escaped(m.to)}, ${m.channel === 'mail' ? 'by mail' : 'by text message'}, ${m.state}, ${new Date(m.at).toISOString().slice(0, 16).replace('T', ' ')} UTC</p>
<pre>${linked(escaped(m.text))}</pre>
</article>`,
  );
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width">
<meta name="referrer" content="no-referrer"><title>Simulated outbox · Graft</title>
<style>
body { font: 16px/1.4 sans-serif; max-width: 44rem; margin: 2rem auto; padding: 0 1rem; color: #152822; background: #efece4 }
article { border-top: 1px solid #857f70; padding: .5rem 0 }
h1 { font-size: 1.5rem } h2 { font-size: 1.125rem; margin: .5rem 0 0 } p { margin: .25rem 0; color: #4b473f }
pre { font: inherit; white-space: pre-wrap; overflow-wrap: anywhere; background: #f7f5f0; padding: .75rem; margin: .5rem 0 }
a { color: #1f3a31 }
</style></head><body>
<h1>Simulated outbox</h1>
<p>What Graft has sent for you since it was started. Nothing left this machine: docs/message-service.md says how a real service takes its place.</p>
${items.join('\n') || '<p>Nothing was sent yet.</p>'}
</body></html>
`;
}
