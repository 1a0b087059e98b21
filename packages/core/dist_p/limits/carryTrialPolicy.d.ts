/** Carry trial: evidence instead of a guess. */
import type { Member } from '../trip/model.js';
export declare const CARRY_TRIAL: {
    readonly id: 'carryTrial';
    readonly name: 'Carry trial';
    readonly about: 'Evidence: the load at which the member’s own trial walks lost comfort or pace. Used as soon as there is one.';
    readonly limitOf: (member: Member) => import("./limitPolicy.js").PolicyLimit | undefined;
};
