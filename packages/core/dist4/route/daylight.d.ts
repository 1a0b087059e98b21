export type Daylight = {
    readonly kind: 'usual';
    readonly sunrise: Date;
    readonly sunset: Date;
    /** Civil twilight: the sun 6° below the horizon; absent in white nights. */
    readonly dawn: Date | undefined;
    readonly dusk: Date | undefined;
    readonly hours: number;
} | {
    readonly kind: 'alwaysUp' | 'alwaysDown';
    readonly hours: 24 | 0;
};
/**
 * @param isoDate YYYY-MM-DD, the local date
 * @param latitudeDeg north positive
 * @param longitudeDeg east positive
 */
export declare function daylight(isoDate: string, latitudeDeg: number, longitudeDeg: number): Daylight;
/** Hours since local midnight of an instant in a time zone, from 0 to 24. */
export declare function localHour(instant: Date, timeZone: string): number;
/** "05:09" for 5.15 hours; hours beyond midnight go on from 00:00. */
export declare function clock(hours: number): string;
/** Hours of "HH:MM". */
export declare function clockHours(text: string): number;
