import { formatMass } from '../units/format.js';
import { parseQuantity } from '../units/parse.js';
export function formatDaySpan({ fromDay, toDay }) {
    if (fromDay === undefined)
        return toDay === undefined ? '' : `to ${toDay}`;
    if (toDay === undefined)
        return `from ${fromDay}`;
    return fromDay === toDay ? `${fromDay}` : `${fromDay}–${toDay}`;
}
/** Read what `formatDaySpan` writes; nothing means the whole trip. A hyphen may stand for the dash. */
export function parseDaySpan(text) {
    const cleaned = text.trim().toLowerCase();
    if (cleaned === '')
        return { ok: true, span: {} };
    const open = /^(from|to)\s*(\d{1,3})$/.exec(cleaned);
    if (open !== null)
        return { ok: true, span: open[1] === 'from' ? { fromDay: Number(open[2]) } : { toDay: Number(open[2]) } };
    const both = /^(\d{1,3})(?:\s*[-–]\s*(\d{1,3}))?$/.exec(cleaned);
    if (both === null)
        return { ok: false, error: `expected days such as "2", "1–3", "from 4" or "to 5", got "${text}"` };
    return { ok: true, span: { fromDay: Number(both[1]), toDay: Number(both[2] ?? both[1]) } };
}
export function formatUse(use) {
    if (use === undefined)
        return '';
    const days = formatDaySpan(use);
    return use.residueKg === 0 ? days : `${days}, ${formatMass(use.residueKg)} left`;
}
/** Read what `formatUse` writes; nothing means that the thing is not used up. A bare residue is in kg. */
export function parseUse(text) {
    if (text.trim() === '')
        return { ok: true, use: undefined };
    const fail = {
        ok: false,
        error: `expected days of use such as "2", "1–3" or "1–6, 0.15 kg left", got "${text}"`,
    };
    const [days, residue, ...more] = text.split(/,\s+/);
    const parsed = parseDaySpan(days ?? '');
    if (more.length > 0 || !parsed.ok)
        return fail;
    const { fromDay, toDay } = parsed.span;
    if (fromDay === undefined || toDay === undefined)
        return fail;
    if (residue === undefined)
        return { ok: true, use: { fromDay, toDay, residueKg: 0 } };
    const left = parseQuantity(residue.replace(/\s*left\s*$/i, ''), 'mass', 'kg');
    return left.ok ? { ok: true, use: { fromDay, toDay, residueKg: left.value } } : fail;
}
//# sourceMappingURL=dayText.js.map