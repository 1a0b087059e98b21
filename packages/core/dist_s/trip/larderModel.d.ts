/**
 * The larder's part of the trip model: meals by cook group and day, snacks, fuel, pick-ups on the way.
 * Grams and kilocalories for food (as labels say them), litres, kilograms for vessels, °C.
 */
export declare const MEAL_KINDS: readonly ['breakfast', 'lunch', 'dinner'];
export type MealKind = (typeof MEAL_KINDS)[number];
/** Carried with its water in it, or dried: water is added in camp. */
export declare const DISH_FORMS: readonly ['wet', 'dried'];
export type DishForm = (typeof DISH_FORMS)[number];
/** One serving of something to eat. */
export interface Dish {
    readonly name: string;
    readonly form: DishForm;
    /** As carried, without packaging. */
    readonly gPerServing: number;
    readonly kcalPerServing: number;
    /** Packaging that is left after eating, grams a serving. */
    readonly packagingG: number;
    /** Packed volume a serving, litres. */
    readonly volumeL: number;
    /** Water brought to the boil a serving, litres; 0 for cold food. */
    readonly boilL: number;
    /** What a serving fills of a pot while it cooks, litres; 0 when nothing is cooked in the pot. */
    readonly potL: number;
}
/** A dish on a day for a cook group: one serving a member. */
export interface Meal {
    readonly id: string;
    readonly day: number;
    readonly kind: MealKind;
    readonly groupId: string;
    readonly dish: Dish;
}
export declare const STOVE_KINDS: readonly ['gasBurner', 'gasExchanger', 'liquid', 'alcohol', 'solid'];
export type StoveKind = (typeof STOVE_KINDS)[number];
/** A canister or bottle of fuel for a cook group. */
export interface Canister {
    readonly id: string;
    readonly groupId: string;
    readonly name: string;
    /** Fuel in it when full, kg. */
    readonly netKg: number;
    /** The empty vessel, kg. */
    readonly tareKg: number;
    /** A partial one as weighed, vessel and fuel, kg; full when absent. */
    readonly grossKg?: number;
}
export declare const PICKUP_KINDS: readonly ['resupply', 'cache'];
/** Where food joins on the way: a shop, a boat, a box buried beforehand. */
export interface Pickup {
    readonly id: string;
    readonly day: number;
    readonly kind: (typeof PICKUP_KINDS)[number];
    readonly name: string;
    /** Canisters that are not needed before it join here too. */
    readonly fuel: boolean;
    /** Packaging of what was eaten before it stays here. */
    readonly takesWaste: boolean;
}
export declare const PARCELS: readonly ['day', 'meal'];
export declare const WINDS: readonly ['sheltered', 'breezy', 'windy'];
export type Wind = (typeof WINDS)[number];
export declare const TREATMENTS: readonly ['none', 'filter', 'tablets', 'boil'];
export type Treatment = (typeof TREATMENTS)[number];
/** The trip's choices for food, fuel and water. */
export interface Larder {
    /** Food for one more day than planned, carried to the end. */
    readonly spareDay: boolean;
    /** A cook group's food is shared by the day (dinner and next breakfast together) or by the meal. */
    readonly parcels: (typeof PARCELS)[number];
    /** Snacks a person eats a day, grams; 0 while none are planned. */
    readonly snackGPerDay: number;
    readonly snackKcalPerG: number;
    /** The most snacks a person carries at once, kg. */
    readonly snackCapKg: number;
    /** Hot drinks a person a day, litres boiled. */
    readonly hotDrinkL: number;
    /** Temperature of the water that goes into the pot, °C. */
    readonly startWaterC: number;
    /** Water is melted from snow. */
    readonly snow: boolean;
    readonly wind: Wind;
    /** Fuel beyond the need, as a share of it. */
    readonly fuelReserve: number;
    readonly treatment: Treatment;
    /** Cooking water for a dry camp is shared as pieces; otherwise it is part of each member's camp water. */
    readonly cookWaterPieces: boolean;
    /** Cooking water at a dry camp, litres a person. */
    readonly cookWaterL: number;
}
/** What a trip starts with: no snacks planned yet, the other values common practice or Graft's own. */
export declare const DEFAULT_LARDER: Larder;
