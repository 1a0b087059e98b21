/** Mean radius of the Earth, km (IUGG). */
export declare const EARTH_RADIUS_KM = 6371.0088;
/** Great-circle distance by the haversine formula, km (Sinnott 1984). */
export declare function haversineKm(a: {
    readonly latitudeDeg: number;
    readonly longitudeDeg: number;
}, b: {
    readonly latitudeDeg: number;
    readonly longitudeDeg: number;
}): number;
