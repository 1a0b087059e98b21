import type { FoodStorage, Ground, HouseRules, PackingSchoolId, Trip, TripStyle } from './model.js';
interface Template {
    readonly name: string;
    readonly about: string;
    readonly days: number;
    readonly ground: Ground;
    readonly waterL: number;
    readonly longestDayH: number;
    readonly packingSchool: PackingSchoolId;
    readonly foodStorage: FoodStorage;
    readonly houseRules: Partial<HouseRules>;
}
export declare const TEMPLATES: Readonly<Record<TripStyle, Template>>;
/** A new trip of a style. */
export declare function tripFromTemplate(id: string, name: string, startDate: string, style: TripStyle, days: number): Trip;
export {};
