const MAIN_KINDS = ['bottom', 'core', 'outer', 'top'];
/** Whether a zone is part of the main compartment, where things can lie left, right or across. */
export function isMainZone(kind) {
    return MAIN_KINDS.includes(kind);
}
//# sourceMappingURL=zoneKinds.js.map