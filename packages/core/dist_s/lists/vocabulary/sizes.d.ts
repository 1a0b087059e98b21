/** Figures in a name that its mass goes with: people, litres, grams of gas, metres, mAh, an area, days; pieces of a set. */
export declare const SIZE_KINDS: readonly ['person', 'l', 'g', 'm', 'mah', 'area', 'days', 'n'];
export type SizeKind = (typeof SIZE_KINDS)[number];
export type Sizes = {
    readonly [K in SizeKind]?: number;
};
export declare const isGas: (line: string) => boolean;
/** Ounces in a name that are what a vessel holds or what is in a canister, and no mass of the thing; undefined if none are. */
export declare function ouncesOfSize(name: string): {
    readonly text: string;
    readonly size: Sizes;
} | undefined;
/** Sizes in a name, and the name without them. */
export declare function takeSizes(name: string): {
    readonly sizes: Sizes;
    readonly rest: string;
};
