/** Findings of a stow as they are told: those of one rule in one line, the gravest first. */
import { SEVERITIES } from './assessment.js';
export function findingGroups(findings) {
    const byRule = new Map();
    for (const f of findings)
        byRule.set(f.ruleId, [...(byRule.get(f.ruleId) ?? []), f]);
    return [...byRule]
        .map(([ruleId, list]) => ({ ruleId, severity: list[0].severity, findings: list }))
        .sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
}
/** What is said of a pack in a word or two: the same wherever a pack is named. */
export function stowState(a) {
    if (a.placed.length === 0)
        return 'not stowed';
    if (a.unplaced.length > 0)
        return `${a.unplaced.length} without place`;
    const groups = findingGroups(a.findings);
    const grave = groups.filter((g) => g.severity === 'fit' || g.severity === 'safety').length;
    if (grave > 0)
        return `${grave} to mend`;
    return groups.length > 0 ? `stowed, ${groups.length} to look at` : 'stowed';
}
//# sourceMappingURL=findingGroups.js.map