import type { Member } from '../trip/model.js';

/** A school of setting carry limits: what it allows a member, and why in words. */
export interface LimitPolicy {
  readonly id: string;
  readonly name: string;
  readonly limitOf: (member: Member) => { readonly limitKg: number; readonly reason: string };
}
