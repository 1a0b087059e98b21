export {};
//# sourceMappingURL=cureCandidate.js.map