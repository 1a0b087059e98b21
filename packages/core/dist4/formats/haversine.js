/** Mean radius of the Earth, km (IUGG). */
export const EARTH_RADIUS_KM = 6371.0088;
/** Great-circle distance by the haversine formula, km (Sinnott 1984). */
export function haversineKm(a, b) {
    const rad = Math.PI / 180;
    const [dLat, dLon] = [(b.latitudeDeg - a.latitudeDeg) * rad, (b.longitudeDeg - a.longitudeDeg) * rad];
    const h = Math.sin(dLat / 2) ** 2 +
        Math.cos(a.latitudeDeg * rad) * Math.cos(b.latitudeDeg * rad) * Math.sin(dLon / 2) ** 2;
    return 2 * EARTH_RADIUS_KM * Math.asin(Math.min(1, Math.sqrt(h)));
}
//# sourceMappingURL=haversine.js.map