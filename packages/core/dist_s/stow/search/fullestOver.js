/** Litres over on the fullest day: things join on the way, and every day's must go in. */
export function fullestOverL({ compartments, things }, c, mine) {
    const { zone } = compartments[c];
    if (zone === undefined || mine.length === 0)
        return 0;
    const days = things[mine[0]].byDayL.length;
    let most = 0;
    for (let d = 0; d < days; d += 1) {
        let sum = 0;
        for (const t of mine)
            sum += things[t].byDayL[d];
        if (sum > most)
            most = sum;
    }
    return Math.max(0, most - zone.volumeL);
}
//# sourceMappingURL=fullestOver.js.map