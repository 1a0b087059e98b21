/** The public face: the way, its times and its water. */
export * from './dayLength.js';
export * from './daylight.js';
export * from './effort.js';
export * from './legSlopes.js';
export * from './profile.js';
export * from './walkingTime.js';
export * from './waterCache.js';
export * from './waterStretches.js';
export * from './legChanges.js';
//# sourceMappingURL=index.js.map