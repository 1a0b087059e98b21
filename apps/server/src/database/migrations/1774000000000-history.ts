import type { QueryRunner } from 'typeorm';
import { Additions, ofTrip, ofUser, type NewColumn, type NewTable } from './steps.js';

/** Who does not come and whose medicines all may know of; who changed what, counts of attempts, tokens that go by mail, browsers that are known, and a number by which other servers find new marks. */
export class History1774000000000 extends Additions {
  readonly name = 'History1774000000000';
  protected readonly tables: readonly NewTable[] = [
    [
      'trip_changes',
      `\`trip_id\` char(36) NOT NULL, \`version\` int NOT NULL, \`made_at\` datetime(3) NOT NULL,
       \`made_by\` varchar(200) NOT NULL, \`what\` text NOT NULL, \`back\` mediumblob NULL,
       PRIMARY KEY (\`trip_id\`, \`version\`), INDEX \`ix_trip_changes_made_at\` (\`made_at\`), ${ofTrip('trip_changes')}`,
    ],
    [
      'attempts',
      `\`counted\` char(64) NOT NULL, \`hits\` int NOT NULL, \`until\` datetime(3) NOT NULL,
       PRIMARY KEY (\`counted\`), INDEX \`ix_attempts_until\` (\`until\`)`,
    ],
    [
      'mail_tokens',
      `\`token_hash\` char(64) NOT NULL, \`user_id\` char(36) NULL, \`new_account\` longtext NULL,
       \`expires_at\` datetime(3) NOT NULL,
       PRIMARY KEY (\`token_hash\`), INDEX \`ix_mail_tokens_user\` (\`user_id\`), ${ofUser('mail_tokens')}`,
    ],
    [
      'known_browsers',
      `\`token_hash\` char(64) NOT NULL, \`user_id\` char(36) NOT NULL, \`expires_at\` datetime(3) NOT NULL,
       PRIMARY KEY (\`token_hash\`), INDEX \`ix_known_browsers_user\` (\`user_id\`), ${ofUser('known_browsers')}`,
    ],
  ];
  protected readonly columns: readonly NewColumn[] = [
    ['trips', 'not_coming', 'longtext'],
    ['members', 'medicines_for_all', 'tinyint'],
  ];

  override async up(runner: QueryRunner): Promise<void> {
    await super.up(runner);
    await runner.query(
      'ALTER TABLE `sheet_marks` ADD COLUMN IF NOT EXISTS `seq` bigint UNSIGNED NOT NULL AUTO_INCREMENT, ADD UNIQUE INDEX IF NOT EXISTS `ix_sheet_marks_seq` (`seq`)',
    );
  }

  override async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE `sheet_marks` DROP COLUMN IF EXISTS `seq`');
    await super.down(runner);
  }
}
