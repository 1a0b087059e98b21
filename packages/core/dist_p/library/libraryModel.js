export const THING_USES = ['each', 'group'];
export const LIBRARY_KINDS = ['thing', 'kit', 'dish'];
/** Play edits on a library's entries: a put replaces the entry with the same id or adds it at the end. */
export function applyLibraryEdits(entries, edits) {
    // A map keeps the order in which its keys came, and an entry that is put again keeps its place.
    const list = new Map(entries.map((e) => [e.id, e]));
    for (const edit of edits) {
        if (edit.kind === 'remove')
            list.delete(edit.id);
        else
            list.set(edit.entry.id, edit.entry);
    }
    return [...list.values()];
}
//# sourceMappingURL=libraryModel.js.map