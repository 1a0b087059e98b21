/** What of an evening's list is one member's to do, in lines. */
export function eveningWords({ members, joins, leaves }, { id, name }) {
    const mine = members.find((m) => m.member.id === id)?.movesUp ?? [];
    const names = (those) => those.map((t) => t.name).join(', ');
    const [top, above] = [mine.filter((t) => t.onTheWay), mine.filter((t) => !t.onTheWay)];
    return [
        ...(top.length === 0 ? [] : [`to the top for tomorrow: ${names(top)}`]),
        ...(above.length === 0 ? [] : [`above the later food: ${names(above)}`]),
        ...joins
            .filter((t) => t.who === name)
            .map((t) => `tomorrow you get ${t.name}${t.at === undefined ? '' : ` at ${t.at}`}`),
        ...leaves
            .filter((t) => t.who === name)
            .map((t) => `${t.name} is carried no further${t.at === undefined ? '' : `: it stays at ${t.at}`}`),
    ];
}
//# sourceMappingURL=eveningWords.js.map