/** The public face of Graft's core. */
export * from './carriage/bodyMechanics.js';
export * from './carriage/centreOfGravity.js';
export * from './carriage/liftingIndex.js';
export * from './carriage/packingSchool.js';
export * from './formats/apiContract.js';
export * from './formats/fieldError.js';
export * from './formats/tripFile.js';
export { canisterErrors, thingErrors } from './formats/tripReferences.js';
export * from './formats/tripJsonSchema.js';
export {
  FIELD_SCHEMAS,
  ITEM_SCHEMAS,
  TRIP_FILE_FORMAT,
  TRIP_FILE_VERSION,
  WEIGH_IN_RANGES,
  isTimeZone,
} from './formats/tripSchema.js';
export { isIsoDate, UUID_PATTERN } from './formats/schemaParts.js';
export * from './formats/calendar.js';
export * from './formats/csvTable.js';
export {
  CSV_FIELDS,
  guessMapping,
  guessOptions,
  thingsCsv,
  type CsvField,
  type CsvMapping,
  type CsvOptions,
} from './formats/thingsCsv.js';
export * from './formats/readThings.js';
export * from './formats/gpx.js';
export * from './formats/readCalendar.js';
export * from './formats/shareCsv.js';
export { tripGpx } from './formats/writeGpx.js';
export { upgradeTrip1, upgradeTrip2 } from './formats/upgradeTripFile.js';
export * from './larder/boiling.js';
export * from './larder/energy.js';
export * from './larder/foodMass.js';
export * from './larder/fuelPlan.js';
export * from './larder/landLarder.js';
export * from './larder/mealPlan.js';
export * from './larder/planMeals.js';
export * from './larder/scented.js';
export * from './larder/stoves.js';
export * from './larder/waterPlan.js';
export { snackStretches } from './larder/ownFood.js';
export { cookingWaterL } from './larder/fuelPieces.js';
export * from './library/libraryModel.js';
export * from './library/librarySchema.js';
export * from './library/starterLibrary.js';
export * from './limits/carryLimit.js';
export * from './limits/limitHistory.js';
export * from './limits/limitPolicy.js';
export * from './limits/policies.js';
export * from './limits/shareOfBodyWeight.js';
export * from './limits/trialFit.js';
export * from './party/groupNeeds.js';
export * from './prepare/preparation.js';
export * from './prepare/trainingLadder.js';
export * from './route/dayLength.js';
export * from './route/daylight.js';
export * from './route/effort.js';
export * from './route/legSlopes.js';
export * from './route/pandolf.js';
export * from './route/profile.js';
export * from './route/trackFromPoints.js';
export * from './route/walkingTime.js';
export * from './route/waterStretches.js';
export * from './weather/lapse.js';
export * from './weather/mergeForecast.js';
export { COMPANION_WORDS } from './lists/completeness.js';
export { WANTED_TWICE } from './lists/doubles.js';
export * from './lists/finding.js';
export * from './lists/guessFacts.js';
export * from './lists/kitChecks.js';
export * from './lists/kitTemplates.js';
export { unusedInARow, UNUSED_TRIPS } from './lists/leaveBehind.js';
export * from './lists/massRange.js';
export * from './lists/moveThing.js';
export * from './lists/partySplit.js';
export * from './lists/pasteList.js';
export * from './lists/takeFromLibrary.js';
export * from './lists/takeRows.js';
export { arrange } from './lists/timely.js';
export * from './lists/tripFacts.js';
export * from './lists/weighing.js';
export * from './load/memberLoad.js';
export * from './load/thingOnDay.js';
export * from './share/bound.js';
export * from './share/carrierEffects.js';
export * from './share/problem.js';
export * from './share/fairness.js';
export * from './share/carriedWork.js';
export * from './share/cures.js';
export * from './share/handovers.js';
export * from './share/whatIf.js';
export * from './share/planReshare.js';
export * from './share/reshare.js';
export * from './share/shareProgram.js';
export * from './share/solveShare.js';
export * from './share/shareFigures.js';
export * from './stow/assessStow.js';
export * from './stow/placementRules.js';
export * from './stow/planStow.js';
export * from './stow/stowProblem.js';
export * from './stow/assessment.js';
export * from './stow/layout.js';
export * from './stow/loadingSteps.js';
export * from './stow/packGeometry.js';
export * from './stow/placeAt.js';
export * from './stow/practice.js';
export * from './stow/rideCheck.js';
export * from './stow/stowMoves.js';
export * from './stow/reach.js';
export * from './stow/sections.js';
export * from './stow/solids.js';
export * from './stow/stowBounds.js';
export * from './stow/stowRules.js';
export * from './stow/zoneKinds.js';
export * from './report/planReport.js';
export * from './sheet/marks.js';
export * from './sheet/memberSheet.js';
export * from './sheet/messages.js';
export * from './sheet/partySheet.js';
export * from './sheet/sheetChanges.js';
export * from './sheet/sheetDrawing.js';
export * from './sheet/sheetMarkSchema.js';
export * from './sheet/sheetProgress.js';
export * from './sheet/toldComfort.js';
export * from './stow/restow.js';
export * from './trail/asWalked.js';
export * from './trail/incident.js';
export * from './trail/loadSteps.js';
export * from './trail/roleKit.js';
export * from './trail/scentedRound.js';
export * from './trail/sideTrip.js';
export * from './trail/waterAhead.js';
export * from './trail/weighIn.js';
export * from './formats/incidentSchema.js';
export * from './debrief/chores.js';
export * from './debrief/outings.js';
export * from './debrief/plannedActual.js';
export * from './debrief/provisions.js';
export * from './debrief/recordChanges.js';
export * from './debrief/suggestions.js';
export * from './debrief/tripRecord.js';
export * from './trip/changes.js';
export * from './trip/edits.js';
export * from './trip/customPack.js';
export * from './trip/duplicateTrip.js';
export * from './trip/emptyTrip.js';
export * from './trip/houseRuleTexts.js';
export * from './trip/kitParts.js';
export * from './trip/larderModel.js';
export * from './trip/legChanges.js';
export * from './trip/model.js';
export * from './trip/packCatalogue.js';
export * from './trip/partyChanges.js';
export * from './trip/queries.js';
export * from './trip/recordModel.js';
export * from './trip/templates.js';
export * from './trip/thingRanges.js';
export * from './units/convert.js';
export * from './units/dayText.js';
export * from './units/format.js';
export * from './units/isoDate.js';
export * from './units/parse.js';
export * from './units/shapeText.js';
