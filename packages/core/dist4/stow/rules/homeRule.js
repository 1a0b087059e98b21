export {};
//# sourceMappingURL=homeRule.js.map