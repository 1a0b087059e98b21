/**
 * @param latitudeDeg north positive, −90 to 90
 * @param isoDate the day before the night
 * @param elevationM height of the camp above the sea
 * @returns °C
 */
export declare function seasonNightC(latitudeDeg: number, isoDate: string, elevationM: number): number;
