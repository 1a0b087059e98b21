export {};
//# sourceMappingURL=stowPlan.js.map