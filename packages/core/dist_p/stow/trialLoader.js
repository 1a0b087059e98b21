export class TrialLoader {
    fresh;
    loader;
    /** What was tried last, and what was kept, in loading order. */
    list = [];
    kept = [];
    constructor(
    /** Another loader of the compartment, with nothing in it. */
    fresh) {
        this.fresh = fresh;
        this.loader = fresh();
    }
    /**
     * Load a list.
     *
     * @param load puts one thing of it into a loader
     * @param isEnough asked after each thing; when it says so the rest is left
     * @returns whether all is loaded
     */
    try(list, load, isEnough) {
        const { loader } = this;
        const same = sameStart(this.list, list);
        const asKept = sameStart(this.kept, list);
        if (asKept > same) {
            loader.goBackToKept(asKept);
            this.list.length = 0;
            for (let i = 0; i < asKept; i += 1)
                this.list.push(this.kept[i]);
        }
        else {
            loader.rewind(same);
            this.list.length = same;
        }
        for (let i = this.list.length; i < list.length; i += 1) {
            if (isEnough?.() === true)
                return false;
            load(loader, list[i]);
            this.list.push(list[i]);
        }
        return isEnough?.() !== true;
    }
    /** The i-th thing of what was tried last lies where it would have been put like this. */
    isAt(i, put) {
        this.list[i] = put;
    }
    /** What was tried last is what later trials will mostly begin with. */
    keep() {
        this.loader.keep();
        this.kept = [...this.list];
    }
}
function sameStart(a, b) {
    const most = Math.min(a.length, b.length);
    for (let i = 0; i < most; i += 1) {
        const [p, q] = [a[i], b[i]];
        if (p.t !== q.t || p.turn !== q.turn || p.x !== q.x || p.y !== q.y)
            return i;
    }
    return most;
}
//# sourceMappingURL=trialLoader.js.map