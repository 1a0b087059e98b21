export {};
//# sourceMappingURL=stowThing.js.map