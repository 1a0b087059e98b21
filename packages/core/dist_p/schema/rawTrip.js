export const isRaw = (value) => typeof value === 'object' && value !== null && !Array.isArray(value);
export function entries(owner, key, base) {
    const value = owner[key];
    if (!Array.isArray(value))
        return [];
    return value.flatMap((item, i) => (isRaw(item) ? [{ item, path: `${base}${key}[${i}]` }] : []));
}
/** Ids of a list, with an error for each that stands twice. */
function uniqueIds(list, key, what, errors) {
    const seen = new Map();
    for (const { item, path } of list) {
        const id = item[key];
        if (typeof id !== 'string')
            continue;
        const first = seen.get(id);
        if (first !== undefined) {
            errors.push({
                path: `${path}.${key}`,
                message: `expected a ${what} not used before, got "${id}", also at ${first}`,
            });
        }
        else {
            seen.set(id, path);
        }
    }
    return new Set(seen.keys());
}
/** A raw trip while its references are checked: errors are gathered in the order in which they are found. */
export class RawTrip {
    trip;
    base;
    errors = [];
    lists = new Map();
    days;
    members;
    packs;
    pieces;
    personal;
    /** Pieces and personal things. */
    things;
    groupKinds;
    constructor(trip, 
    /** Path prefix of the errors, such as "trip.". */
    base) {
        this.trip = trip;
        this.base = base;
        this.days = this.of('legs').length;
        this.members = this.of('members');
        this.packs = this.of('packs');
        this.pieces = this.of('kits').flatMap((kit) => entries(kit.item, 'pieces', `${kit.path}.`));
        this.personal = this.of('personalThings');
        this.things = [...this.pieces, ...this.personal];
        this.groupKinds = new Map(this.of('groups').map((g) => [g.item['id'], g.item['kind']]));
    }
    /** The entries of a list; made once, since several checks go over it. */
    of(key) {
        let list = this.lists.get(key);
        if (list === undefined) {
            list = entries(this.trip, key, this.base);
            this.lists.set(key, list);
        }
        return list;
    }
    refuse(path, message) {
        this.errors.push({ path, message });
    }
    take(errors) {
        this.errors.push(...errors);
    }
    /** Ids of a list, with an error for each that stands twice. */
    unique(list, key, what) {
        return uniqueIds(list, key, what, this.errors);
    }
    /** Refuse an id that none of the known ones is; what is no text is the schema's to refuse. */
    expectKnown(known, value, path, what) {
        if (typeof value === 'string' && !known.has(value))
            this.refuse(path, `expected the id of a ${what} of this trip, got "${value}"`);
    }
    /** The same for a field of each entry of a list. */
    expectAll(list, key, known, what) {
        for (const { item, path } of list)
            this.expectKnown(known, item[key], `${path}.${key}`, what);
    }
    /** The same for each id of a list in a field. */
    expectEach({ item, path }, key, known, what) {
        const ids = item[key];
        if (Array.isArray(ids))
            ids.forEach((id, i) => this.expectKnown(known, id, `${path}.${key}[${i}]`, what));
    }
}
export function idsOf(list) {
    return new Set(list.map((e) => e.item['id']).filter((id) => typeof id === 'string'));
}
//# sourceMappingURL=rawTrip.js.map