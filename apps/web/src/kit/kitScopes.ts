/** What the table shows: all, the group's, everybody's own, or one member's. */
export const SCOPES = { all: 'Everything', group: 'Group kit', personal: 'All personal things' } as const;

/** The ways by which things come in. */
export const ADDING = {
  propose: 'By template',
  library: 'From library',
  paste: 'Paste a list',
  csv: 'CSV',
} as const;
export type Adding = keyof typeof ADDING;
