/** What goes to the address of an account, or of one that is to be: links that are used once. */
import { LessThan, type DataSource } from 'typeorm';
import type { Logger } from 'pino';
import { MailTokenRow, type NewAccountRow } from '../database/entities.js';
import type { Messenger } from '../messages/messenger.js';
import { DAY_MS, HOUR_MS } from '../time.js';
import { newToken, tokenHash } from './tokens.js';

export class AccountMail {
  /**
   * @param origin where the application is, such as "https://graft.example.org": never what a request says of it, since
   *   whoever asks for a link to somebody else's address would say where that leads
   */
  constructor(
    private readonly source: DataSource,
    private readonly messenger: Messenger,
    private readonly origin: string,
    private readonly logger: Pick<Logger, 'error'>,
  ) {}

  /** To whoever wants an account: a link that makes it. */
  async confirm(newAccount: NewAccountRow): Promise<void> {
    const token = await this.keep({ userId: null, newAccount }, DAY_MS);
    this.send(newAccount.email, {
      subject: 'Graft: finish your account',
      text: [
        `${newAccount.name}, this link makes your Graft account. It works for a day, once:`,
        `${this.origin}/confirm#${token}`,
        'If you did not ask for an account, do nothing: there will be none.',
      ],
    });
  }

  /** To whoever wants an account and has one. */
  known(email: string): void {
    this.send(email, {
      subject: 'Graft: you have an account',
      text: [
        'Somebody asked for a Graft account with this address, which has one already. If that was you, sign in here; a forgotten password can be set anew from there:',
        `${this.origin}/`,
        'If it was not you, do nothing: nothing has changed.',
      ],
    });
  }

  /** To whoever forgot their password. */
  async reset(userId: string, email: string): Promise<void> {
    const token = await this.keep({ userId, newAccount: null }, HOUR_MS);
    this.send(email, {
      subject: 'Graft: set a new password',
      text: [
        'With this link you set a new password for your Graft account. It works for an hour, once, and signs you out everywhere else:',
        `${this.origin}/reset#${token}`,
        'If you did not ask for it, do nothing: your password stays as it is.',
      ],
    });
  }

  private async keep(row: Pick<MailTokenRow, 'userId' | 'newAccount'>, lastsMs: number): Promise<string> {
    const token = newToken();
    const now = Date.now();
    await this.source.manager.delete(MailTokenRow, { expiresAt: LessThan(new Date(now)) });
    await this.source.manager.insert(MailTokenRow, {
      tokenHash: tokenHash(token),
      expiresAt: new Date(now + lastsMs),
      ...row,
    });
    return token;
  }

  /** Nobody waits for it: how long it takes would tell who has an account. */
  private send(to: string, { subject, text }: { subject: string; text: readonly string[] }): void {
    this.messenger.send({ channel: 'mail', to, subject, text: text.join('\n\n') }, '').then(
      ({ state, reason }) => {
        if (state === 'failed') this.logger.error({ reason }, 'a mail about an account was refused');
      },
      (error: unknown) => this.logger.error({ err: error }, 'a mail about an account could not be sent'),
    );
  }
}
