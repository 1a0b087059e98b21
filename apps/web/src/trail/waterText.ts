/** Less than is shown: neither too little nor left. */
export const NOTHING_L = 0.05;
export const litres = (l: number): string => `${l <= -NOTHING_L ? '−' : ''}${Math.abs(l).toFixed(1)} L`;
export const isShort = (l: number): boolean => l <= -NOTHING_L;
