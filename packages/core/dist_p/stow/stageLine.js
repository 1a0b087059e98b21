/**
 * The stages of a loader, by how many things are in: the line that is in use, one that was kept to go back to, and room
 * to write on beside that.
 */
/** Taken once: a lookup on a global is not free everywhere. */
const { min } = Math;
export class StageLine {
    fresh;
    /** Later ones than `count` are of no meaning: they are written over. */
    stages;
    kept = [];
    spare = [];
    inUse = 0;
    /**
     * @param empty the stage with nothing in it
     * @param fresh makes another to write on
     */
    constructor(empty, fresh) {
        this.fresh = fresh;
        this.stages = [empty];
    }
    /** How many things are in. */
    get count() {
        return this.inUse;
    }
    /** The stage with so many things in it. */
    at(count) {
        return this.stages[count];
    }
    /** Something of all that are in use, by how many things are in. */
    all(of) {
        const list = [];
        for (let i = 0; i <= this.inUse; i += 1)
            list.push(of(this.stages[i]));
        return list;
    }
    get last() {
        return this.stages[this.inUse];
    }
    /** A stage to write one thing more on; it is in use once that is added. */
    next() {
        const { stages, kept, spare } = this;
        const count = this.inUse + 1;
        let stage = stages[count];
        if (stage === undefined || stage === kept[count]) {
            stage = spare[count] ?? this.fresh();
            spare[count] = stage;
            stages[count] = stage;
        }
        return stage;
    }
    added() {
        this.inUse += 1;
    }
    /** Take out all but the first so many. */
    rewind(count) {
        this.inUse = min(count, this.inUse);
    }
    /** What is in now can be gone back to, whatever is loaded instead. */
    keep() {
        const { stages, kept, spare } = this;
        for (let i = 1; i <= this.inUse; i += 1) {
            if (stages[i] === kept[i])
                continue;
            spare[i] = kept[i];
            kept[i] = stages[i];
        }
    }
    /** The first so many that were in when it was last kept are in, and nothing else. */
    goBackToKept(count) {
        for (let i = 1; i <= count; i += 1)
            this.stages[i] = this.kept[i];
        this.inUse = count;
    }
}
//# sourceMappingURL=stageLine.js.map