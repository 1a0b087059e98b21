/** What only this application's own pages send: a page of another site cannot without asking, and is not allowed to. */
export const OWN_PAGE_HEADER = 'x-graft-request';
