/** The public face: food, fuel and water. */
export * from './boiling.js';
export * from './energy.js';
export * from './foodMass.js';
export * from './fuelPlan.js';
export * from './landLarder.js';
export * from './mealPlan.js';
export * from './planMeals.js';
export * from './scented.js';
export * from './stoves.js';
export * from './waterPlan.js';
export { snackStretches } from './ownFood.js';
export { cookingWaterL } from './fuelPieces.js';
//# sourceMappingURL=index.js.map