/** `npm run test:deep` tries all cases; `npm test` a part of them. */
export const IS_DEEP = process.env['GRAFT_TEST_DEEP'] === '1';
