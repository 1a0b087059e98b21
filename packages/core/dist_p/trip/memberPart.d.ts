import { type PartsOf } from './derived.js';
import type { Member, Trip } from './model.js';
export type MemberFields = 'legs' | 'members' | 'packs' | 'personalThings' | 'kits' | 'share' | 'handovers' | 'limitPolicy' | 'fairness' | 'houseRules' | 'packingSchool' | 'stows';
export declare function partsOfMember(trip: Trip, member: Member): PartsOf<MemberFields>;
