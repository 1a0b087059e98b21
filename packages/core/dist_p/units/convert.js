/** Exact conversion factors to SI-based units (NIST Special Publication 811, appendix B). */
export const KG_PER_LB = 0.45359237;
export const KG_PER_OZ = 0.028349523125;
/** Of the units in which things are weighed. */
export const KG_PER_UNIT = { kg: 1, g: 0.001, lb: KG_PER_LB, oz: KG_PER_OZ };
export const CM_PER_IN = 2.54;
export const L_PER_CU_IN = 0.016387064;
export const L_PER_CU_FT = 12 ** 3 * L_PER_CU_IN;
export const L_PER_US_FL_OZ = 0.0295735295625;
export const L_PER_US_QT = 0.946352946;
export const KM_PER_MI = 1.609344;
export const M_PER_FT = 0.3048;
/** Avoirdupois stone: 14 lb (NIST SP 811 gives the pound; the stone is 14 of them by statute). */
export const KG_PER_STONE = 14 * KG_PER_LB;
//# sourceMappingURL=convert.js.map