/** Who carries what, as a table: a line a piece for the departure, and one for each handover. Out, and in again. */
import { isSameName } from '../trip/names.js';
import { handOver, replaceShare } from '../trip/changes.js';
import { allPieces, carrierOf, isPersonal, movableThings } from '../trip/queries.js';
import { readCsvTable, writeCsvTable } from './csvTable.js';
const HEADERS = ['Piece id', 'Kit', 'Piece', 'Mass kg', 'From day', 'Carrier', 'Locked', 'Why'];
const NEEDED = ['Piece id', 'Carrier'];
const LONGEST_REASON = 200;
export function shareCsv(trip) {
    const name = new Map(trip.members.map((m) => [m.id, m.name]));
    const locked = new Set(trip.share.filter((a) => a.locked).map((a) => a.pieceId));
    const lists = [
        ...trip.kits,
        // What is somebody's own and may be carried by others stands under its owner.
        ...trip.members.map((m) => ({
            name: m.name,
            pieces: movableThings(trip).filter((t) => t.memberId === m.id),
        })),
    ];
    const lines = lists.flatMap((kit) => kit.pieces.flatMap((piece) => {
        // What changes hands before the first step is so from the departure on; the last word of a day counts.
        const later = new Map(trip.handovers.filter((h) => h.pieceId === piece.id && h.day > 1).map((h) => [h.day, h.reason]));
        return [[1, ''], ...later].map(([day, why]) => {
            const carrier = carrierOf(trip, piece.id, day);
            const isLocked = day === 1 && locked.has(piece.id);
            const row = [
                piece.id,
                kit.name,
                piece.name,
                piece.massKg,
                day,
                carrier === undefined ? '' : name.get(carrier),
                isLocked ? 'yes' : 'no',
                why,
            ];
            return { day, row };
        });
    }));
    return writeCsvTable(HEADERS, lines.sort((a, b) => a.day - b.day).map((l) => l.row));
}
/**
 * Read a table of shares into a trip. Pieces are known by their id, members by their name; an empty carrier is nobody.
 * Pieces that the table does not name stay with whoever has them at the departure; handovers are those of the table.
 *
 * @param text of a CSV file with any of the usual separators
 */
export function readShareCsv(text, trip) {
    const table = readCsvTable(text);
    const errors = [...table.errors];
    const column = (header) => table.headers.findIndex((h) => isSameName(h, header));
    for (const header of NEEDED)
        if (column(header) < 0)
            errors.push({
                line: 1,
                message: `expected a column "${header}", got ${table.headers.map((h) => `"${h}"`).join(', ') || 'nothing'}`,
            });
    if (errors.length > 0)
        return { kind: 'errors', errors };
    const lines = readLines(table, column, trip, errors);
    if (errors.length > 0)
        return { kind: 'errors', errors };
    return { kind: 'read', ...taken(trip, lines) };
}
function readLines(table, column, trip, errors) {
    const stowed = trip.personalThings.filter((t) => !t.worn);
    const pieces = new Map([...allPieces(trip), ...stowed].map((p) => [p.id, p]));
    const seen = new Map();
    return table.rows.flatMap((row, i) => {
        const line = table.lines[i];
        const cell = (header) => (row[column(header)] ?? '').trim();
        const before = errors.length;
        const say = (message) => void errors.push({ line, message });
        const piece = pieces.get(cell('Piece id'));
        if (piece === undefined)
            say(`Piece id: expected the id of a piece of this trip, got "${cell('Piece id')}"`);
        const days = trip.legs.length;
        const day = cell('From day') === '' ? 1 : Number(cell('From day'));
        if (!Number.isInteger(day) || day < 1 || day > days)
            say(`From day: expected a day of the trip, 1 to ${days}, got "${cell('From day')}"`);
        const carrier = memberNamed(trip, cell('Carrier'));
        if (carrier === 'unknown')
            say(`Carrier: expected the name of a member, or nothing, got "${cell('Carrier')}"`);
        const locked = cell('Locked').toLowerCase();
        if (!['', 'yes', 'no'].includes(locked))
            say(`Locked: expected yes or no, got "${cell('Locked')}"`);
        const why = cell('Why');
        if (why.length > LONGEST_REASON)
            say(`Why: expected at most ${LONGEST_REASON} characters, got ${why.length}`);
        const key = `${cell('Piece id')} ${day}`;
        const first = seen.get(key);
        if (first !== undefined)
            say(`Piece id: expected a piece once a day, got "${cell('Piece id')}" also on line ${first}`);
        seen.set(key, line);
        if (errors.length > before || piece === undefined || carrier === 'unknown')
            return [];
        return [{ line, piece, day, memberId: carrier?.id, locked: locked === 'yes', why }];
    });
}
function memberNamed(trip, name) {
    if (name === '')
        return undefined;
    return trip.members.find((m) => isSameName(m.name, name)) ?? 'unknown';
}
function taken(trip, lines) {
    const departure = lines.filter((l) => l.day === 1);
    const named = new Set(departure.map((l) => l.piece.id));
    const share = [
        ...trip.share.filter((a) => !named.has(a.pieceId)),
        ...departure.flatMap(({ piece, memberId, locked }) => memberId === undefined ? [] : [{ pieceId: piece.id, memberId, locked }]),
    ];
    // Without a carrier a piece is with nobody, but what is somebody's own is with its owner unless that is said.
    const isLeft = (l) => l.memberId === undefined && isPersonal(l.piece);
    const later = lines.filter((l) => l.day > 1 || isLeft(l)).sort((a, b) => a.day - b.day);
    const withShare = replaceShare(trip, share);
    const after = later.reduce((t, { piece, day, memberId, why }) => handOver(t, day, [{ pieceId: piece.id, ...(memberId === undefined ? {} : { toMemberId: memberId }) }], why === '' ? 'from a table' : why), withShare);
    return { trip: after, pieces: departure.length, handovers: lines.length - departure.length };
}
//# sourceMappingURL=shareCsv.js.map