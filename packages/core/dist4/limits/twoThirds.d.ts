/**
 * @param share share of body weight at the reference body mass, from 0 to 1
 * @param bodyMassKg more than 0
 * @returns the limit, kg
 */
export declare function twoThirdsLimitKg(share: number, bodyMassKg: number): number;
export declare const TWO_THIRDS: {
    readonly id: 'twoThirds';
    readonly name: 'Two-thirds scaling';
    readonly about: 'Strength grows with muscle cross-section: heavier people carry a smaller share of their weight, lighter ones a larger.';
    readonly limitOf: (member: import("../trip/model.js").Member) => import("./limitPolicy.js").PolicyLimit;
};
