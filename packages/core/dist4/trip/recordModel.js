/**
 * The record's part of the trip model: what was weighed before leaving, what happened on the way, how it felt, and what
 * was used. The plan stays as it was planned; what the record says is laid over it by `trail/asWalked.ts`.
 */
/** What two buddies look at on each other before setting off (common practice, no source). */
export const BUDDY_CHECKS = [
    'standsAlone',
    'closed',
    'guarded',
    'even',
    'water',
    'rainGear',
    'firstAid',
    'whistle',
    'beltFirst',
    'armsFree',
];
export const EVENT_KINDS = [
    'notEaten',
    'eatenLater',
    'water',
    'canisterEmpty',
    'wetFly',
    'left',
    'sentHome',
    'broken',
    'bought',
    'tired',
    'hurt',
    'ill',
    'well',
    'gone',
];
export const EVENT_MOMENTS = ['morning', 'evening'];
export const BODY_PLACES = [
    'neck',
    'shoulders',
    'upperBack',
    'lowerBack',
    'hips',
    'hands',
    'knees',
    'ankles',
    'feet',
];
/** The marks of comfort as they are chosen from, best first. */
export const COMFORT_CHOICES = Array.from({ length: 10 }, (_v, i) => 10 - i);
export const THING_FATES = ['used', 'unused', 'broke', 'lost'];
//# sourceMappingURL=recordModel.js.map