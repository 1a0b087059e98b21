import { BLOCKS } from '../neighbours.js';
/** How many must come out before the i-th loaded thing. */
export function quickCover(loader) {
    const n = loader.loaded;
    /** Over how many of its columns each other thing lies, by thing, once it has been asked for. */
    const rows = [];
    const seen = new Uint8Array(n);
    const todo = [];
    return (start) => {
        seen.fill(0);
        seen[start] = 1;
        todo.length = 0;
        todo.push(start);
        let found = 0;
        for (let at = todo.pop(); at !== undefined; at = todo.pop()) {
            const least = BLOCKS * loader.columnsOf(at);
            const row = (rows[at] ??= loader.coversOf(at));
            for (let j = at + 1; j < n; j += 1) {
                if (seen[j] === 0 && row[j] >= least && row[j] > 0) {
                    seen[j] = 1;
                    found += 1;
                    todo.push(j);
                }
            }
        }
        return found;
    };
}
//# sourceMappingURL=quickCover.js.map