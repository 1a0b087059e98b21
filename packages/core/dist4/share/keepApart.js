/** For each bundle, those that must not ride with it; once for every rule that says so. */
export function apartFrom(problem) {
    const lists = problem.bundles.map(() => []);
    for (const rule of problem.apart) {
        for (const b of rule)
            for (const other of rule)
                if (b !== other)
                    lists[b].push(other);
    }
    return lists;
}
/** How many rules are broken. */
export function apartBroken(lists, carrierOf) {
    let twice = 0;
    lists.forEach((others, b) => {
        for (const other of others)
            if (carrierOf[other] === carrierOf[b])
                twice += 1;
    });
    return twice / 2;
}
/** By how much giving bundle b to a carrier, and bundle `back` (if not negative) the other way, would change that. */
export function apartChange(lists, carrierOf, b, to, back) {
    let change = 0;
    const from = carrierOf[b];
    for (const other of lists[b]) {
        if (other === back)
            continue;
        const m = carrierOf[other];
        if (m === to)
            change += 1;
        else if (m === from)
            change -= 1;
    }
    if (back < 0)
        return change;
    for (const other of lists[back]) {
        if (other === b)
            continue;
        const m = carrierOf[other];
        if (m === from)
            change += 1;
        else if (m === to)
            change -= 1;
    }
    return change;
}
//# sourceMappingURL=keepApart.js.map