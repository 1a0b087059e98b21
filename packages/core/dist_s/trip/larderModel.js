/**
 * The larder's part of the trip model: meals by cook group and day, snacks, fuel, pick-ups on the way.
 * Grams and kilocalories for food (as labels say them), litres, kilograms for vessels, °C.
 */
export const MEAL_KINDS = ['breakfast', 'lunch', 'dinner'];
/** Carried with its water in it, or dried: water is added in camp. */
export const DISH_FORMS = ['wet', 'dried'];
export const STOVE_KINDS = ['gasBurner', 'gasExchanger', 'liquid', 'alcohol', 'solid'];
export const PICKUP_KINDS = ['resupply', 'cache'];
export const PARCELS = ['day', 'meal'];
export const WINDS = ['sheltered', 'breezy', 'windy'];
export const TREATMENTS = ['none', 'filter', 'tablets', 'boil'];
/** What a trip starts with: no snacks planned yet, the other values common practice or Graft's own. */
export const DEFAULT_LARDER = {
    spareDay: false,
    parcels: 'day',
    snackGPerDay: 0,
    snackKcalPerG: 4.6,
    snackCapKg: 0.9,
    hotDrinkL: 0.5,
    startWaterC: 8,
    snow: false,
    wind: 'breezy',
    fuelReserve: 0.15,
    treatment: 'filter',
    cookWaterPieces: false,
    cookWaterL: 2,
};
//# sourceMappingURL=larderModel.js.map