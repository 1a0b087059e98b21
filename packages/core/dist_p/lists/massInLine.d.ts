import { KG_PER_UNIT } from '../units/convert.js';
type Unit = keyof typeof KG_PER_UNIT;
export type MassInLine = {
    readonly ok: true;
    readonly massKg?: number;
    readonly rest: string;
} | {
    readonly ok: false;
    readonly error: string;
};
/**
 * @param count how many of it the line says: a mass of all of them is told apart from that of one
 * @param bareUnit the unit of a number alone at the end of the line, or undefined where it is part of the name
 */
export declare function takeMass(line: string, count: number, bareUnit: Unit | undefined): MassInLine;
export {};
