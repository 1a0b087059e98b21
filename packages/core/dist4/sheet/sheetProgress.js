import { memberById } from '../trip/queries.js';
import { answersOf } from './answers.js';
import { isMarked, markKey, standing } from './marks.js';
import { sheetThings } from './memberSheet.js';
export const REPORT_KINDS = ['weight', 'problem', 'veto'];
/** Measured and planned weights that differ by less are the same, kg: the last digit of a kitchen scale. */
export const SAME_WEIGHT_KG = 0.005;
export function sheetProgress(trip, memberId, marks) {
    const things = sheetThings(trip, memberById(trip, memberId), undefined);
    const byId = new Map(things.map((t) => [t.id, t]));
    const state = standing(marks);
    const says = (kind, t) => isMarked(state, { kind, thingId: t.id });
    const due = things.filter((t) => t.from !== undefined);
    const disputed = new Set([...state.values()].filter((s) => s.others.length > 0).map((s) => s.mark.thingId ?? ''));
    return {
        things: things.length,
        packed: things.filter((t) => says('packed', t)).length,
        due: due.length,
        received: due.filter((t) => says('received', t)).length,
        knowsSafety: isMarked(state, { kind: 'safety' }),
        unconfirmed: things
            .filter((t) => !says('packed', t) && !(t.from !== undefined && says('received', t)))
            .map((t) => t.name),
        conflicts: things.filter((t) => disputed.has(t.id)).map((t) => t.name),
        answers: answersOf(marks),
        reports: [...state.values()]
            .flatMap((s) => reportOf(s, byId, state))
            .sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0)),
    };
}
function reportOf({ mark, others, heads }, things, state) {
    const kind = REPORT_KINDS.find((k) => k === mark.kind);
    if (kind === undefined || mark.value === '')
        return [];
    const thing = mark.thingId === undefined ? undefined : things.get(mark.thingId);
    const settled = kind === 'weight' &&
        others.length === 0 &&
        (thing === undefined || Math.abs(thing.massKg - Number(mark.value)) < SAME_WEIGHT_KG);
    if (settled)
        return [];
    const answered = state.get(markKey({ kind: 'answer', thingId: mark.thingId }));
    const answer = answered?.mark.value;
    return [
        {
            kind,
            thingId: mark.thingId,
            thing,
            value: mark.value,
            others: others.map((o) => o.value),
            at: mark.at,
            heads,
            answer: typeof answer === 'string' && answer !== '' ? answer : undefined,
            answerHeads: answered?.heads ?? [],
        },
    ];
}
//# sourceMappingURL=sheetProgress.js.map