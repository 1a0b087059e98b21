/** Whoever carries messages: a service behind the protocol of docs/message-service.md, or a mail server. */
import { createTransport } from 'nodemailer';
import { boolean, object, string } from 'yup';
import { MESSAGE_STATES, type MessageChannel, type MessageState } from '@graft/core/sheet';
import { mailable } from '../accounts/email.js';
import { ApiError } from '../http/apiError.js';
import { outsideService } from '../http/outsideService.js';
import { htmlOf } from './htmlPart.js';
import { standInHeaders } from '../http/standInKey.js';

export interface Outgoing {
  readonly channel: MessageChannel;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}
/** What came of a message, as far as is known. */
interface Carried {
  readonly state: MessageState;
  readonly reason?: string;
}
export interface Messenger {
  readonly info: () => Promise<{ readonly name: string; readonly simulated: boolean }>;
  /** @returns its id with the service, where that can be asked about it later */
  readonly send: (message: Outgoing, accountId: string) => Promise<Carried & { readonly serviceId?: string }>;
  readonly stateOf: (serviceId: string) => Promise<Carried>;
}

const service = outsideService('message service', 'Links can be copied and sent by hand.', 8000);
/** Statuses that say that a message is not wanted as it is. */
const REFUSALS = new Set([400, 404, 409, 410, 413, 422]);
/** What the mail library calls a refused recipient or sender, and refused words. */
const OF_ONE_MESSAGE = new Set(['EENVELOPE', 'EMESSAGE']);

const infoSchema = object({
  name: string().strict().min(1).max(200).required(),
  simulated: boolean().strict().required(),
});
const sentSchema = object({ id: string().strict().min(1).max(200).required() });
const stateSchema = object({
  state: string()
    .strict()
    .oneOf([...MESSAGE_STATES])
    .required(),
  reason: string().strict().max(500),
});

/**
 * @param url `http(s)://…/path` where the service's `/v1` is, or `smtp(s)://user:password@host:port`
 * @param key of the simulated service that ships with the application; undefined for a real one
 */
export function messengerOf(url: string, from: string, key?: string): Messenger {
  return /^smtps?:/.test(url) ? mailServer(url, from) : messageService(url, key);
}

function messageService(url: string, key?: string): Messenger {
  return {
    info: () => service.read(`${url}/v1`, infoSchema, standInHeaders(key)),
    send: async (message, accountId) => {
      const answer = await service.ask(`${url}/v1/messages`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', ...standInHeaders(key, accountId) },
        body: JSON.stringify(message),
      });
      // What is wrong with one message is no fault of the service: the next one may go.
      if (REFUSALS.has(answer.status)) return { state: 'failed', reason: `refused with ${answer.status}` };
      if (!answer.ok) throw service.unavailable(`answered with status ${answer.status}`);
      const body: unknown = await answer.json();
      if (!sentSchema.isValidSync(body)) throw service.unavailable('answered with something else');
      return { state: 'sent', serviceId: body.id };
    },
    stateOf: (id) =>
      service.read<Carried>(`${url}/v1/messages/${encodeURIComponent(id)}`, stateSchema, standInHeaders(key)),
  };
}

/** A mail server takes mail, and is not asked again: bounces come to the sender's own mailbox. */
function mailServer(url: string, from: string): Messenger {
  const transport = createTransport({ url, connectionTimeout: 8000, greetingTimeout: 8000 }, { from });
  return {
    info: () => Promise.resolve({ name: `mail server ${new URL(url).hostname}`, simulated: false }),
    send: async ({ channel, to, subject, text }) => {
      if (channel !== 'mail') return { state: 'failed', reason: 'this server only carries mail' };
      try {
        await transport.sendMail({ to: mailable(to), subject, text, html: htmlOf(text) });
      } catch (error) {
        const { code, responseCode, response } = error as {
          code?: string;
          responseCode?: number;
          response?: string;
        };
        // Refused for what it is or whom it is for: the next one may go. Anything else is no fault of the message.
        if (OF_ONE_MESSAGE.has(code ?? ''))
          return {
            state: 'failed',
            reason: (response ?? `refused with ${responseCode ?? code}`).slice(0, 500),
          };
        throw service.unavailable('(a mail server) cannot be reached or does not let us in');
      }
      return { state: 'sent' };
    },
    stateOf: () => Promise.reject(new ApiError(404, 'notFound', 'A mail server is not asked again.')),
  };
}
