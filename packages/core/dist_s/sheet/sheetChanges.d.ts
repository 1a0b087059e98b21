import type { MemberSheet } from './memberSheet.js';
export declare function sheetChanges(before: MemberSheet, after: MemberSheet): readonly string[];
