/** What Graft knows of things by their names; large, so it is loaded when the table is there. */
export { gatherChecks, kitCheckSteps, nameThing } from '@graft/core/lists';
