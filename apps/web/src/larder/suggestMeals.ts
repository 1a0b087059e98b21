/** Loaded when meals are suggested. */
export { groupParty, planMeals } from '@graft/core/lists';
