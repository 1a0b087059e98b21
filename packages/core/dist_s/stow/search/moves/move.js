/** Put a thing somewhere; undefined when it is there. */
export function place({ search }, t, c, xCm, yCm, turn) {
    return search.isThere(t, c, xCm, yCm, turn) ? undefined : search.state.put(t, c, xCm, yCm, turn);
}
//# sourceMappingURL=move.js.map