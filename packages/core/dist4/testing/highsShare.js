/** The sharing problem as a linear program for HiGHS: an outside reference for the solver and its bound. */
import loadHighs from 'highs';
let highs;
/** The solver, loaded once: a module of several megabytes. */
function loaded() {
    // The package's types describe an ES module; what is loaded is the function itself.
    highs ??= loadHighs();
    return highs;
}
/**
 * The variables of a program's optimum.
 *
 * @throws Error when it has none
 */
export async function solveProgram(program) {
    const solver = await loaded();
    const solution = solver.solve(program, { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
    if (solution.Status !== 'Optimal')
        throw new Error(`expected an optimum, got ${solution.Status}`);
    return { columns: solution.Columns, objective: solution.ObjectiveValue };
}
/**
 * The smallest largest ratio by HiGHS: min λ with each bundle carried once by an allowed carrier, every load at most
 * λ·limit, every pack's volume kept, and pieces to be kept apart kept apart.
 *
 * @param integer whole bundles (the true optimum) or divisible ones (the relaxation)
 * @returns λ, or undefined when the program is infeasible
 */
export async function highsLargestRatio(problem, integer) {
    const solver = await loaded();
    const rows = [];
    const name = (b, m) => `x_${b}_${m}`;
    problem.bundles.forEach((bundle, b) => {
        rows.push(`${bundle.allowed.map((m) => name(b, m)).join(' + ')} = 1`);
    });
    problem.carriers.forEach((carrier, m) => {
        for (let d = 0; d < problem.dayCount; d += 1) {
            const sum = (of) => problem.bundles
                .flatMap((bundle, b) => bundle.allowed.includes(m) && of(b) !== 0 ? [`+ ${of(b)} ${name(b, m)}`] : [])
                .join(' ');
            rows.push(`${sum((b) => problem.bundles[b].massKg[d])} - ${carrier.limitKg[d]} lambda <= ${-carrier.baseKg[d]}`);
            const volumes = sum((b) => problem.bundles[b].volumeL[d]);
            if (volumes !== '')
                rows.push(`${volumes} <= ${carrier.freeVolumeL[d]}`);
        }
    });
    for (const list of problem.apart) {
        problem.carriers.forEach((_carrier, m) => {
            const together = list.filter((b) => problem.bundles[b].allowed.includes(m));
            if (together.length > 1)
                rows.push(`${together.map((b) => name(b, m)).join(' + ')} <= 1`);
        });
    }
    const variables = problem.bundles.flatMap((bundle, b) => bundle.allowed.map((m) => name(b, m)));
    const text = [
        'Minimize',
        ' obj: lambda',
        'Subject To',
        ...rows.map((row, i) => ` r${i}: ${row}`),
        'Bounds',
        ...variables.map((v) => ` 0 <= ${v} <= 1`),
        ...(integer ? ['Binary', ...variables.map((v) => ` ${v}`)] : []),
        'End',
    ].join('\n');
    const solution = solver.solve(text, { mip_rel_gap: 0, mip_abs_gap: 1e-9 });
    return solution.Status === 'Optimal' ? solution.ObjectiveValue : undefined;
}
//# sourceMappingURL=highsShare.js.map