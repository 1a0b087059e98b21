/** Exact conversion factors to SI-based units (NIST Special Publication 811, appendix B). */
export declare const KG_PER_LB = 0.45359237;
export declare const KG_PER_OZ = 0.028349523125;
/** Of the units in which things are weighed. */
export declare const KG_PER_UNIT: {
    readonly kg: 1;
    readonly g: 0.001;
    readonly lb: 0.45359237;
    readonly oz: 0.028349523125;
};
export declare const CM_PER_IN = 2.54;
export declare const L_PER_CU_IN = 0.016387064;
export declare const L_PER_CU_FT: number;
export declare const L_PER_US_FL_OZ = 0.0295735295625;
export declare const L_PER_US_QT = 0.946352946;
export declare const KM_PER_MI = 1.609344;
export declare const M_PER_FT = 0.3048;
/** Avoirdupois stone: 14 lb (NIST SP 811 gives the pound; the stone is 14 of them by statute). */
export declare const KG_PER_STONE: number;
