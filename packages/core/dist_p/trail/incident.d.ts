/**
 * A note in the incident log: what happened to whom, what was seen and done, vital signs. For the leaders, and for the
 * professionals they hand it to; notes are never changed, a later one corrects an earlier one. A record, not advice.
 */
/** Levels of consciousness (AVPU scale; from memory). */
export declare const CONSCIOUSNESS: readonly ['alert', 'voice', 'pain', 'unresponsive'];
export type Consciousness = (typeof CONSCIOUSNESS)[number];
export interface VitalSigns {
    readonly pulsePerMin?: number;
    readonly breathsPerMin?: number;
    readonly consciousness?: Consciousness;
    readonly temperatureC?: number;
    readonly skin?: string;
    readonly pupils?: string;
}
export interface IncidentNote {
    /** Local date and time at the place, YYYY-MM-DDTHH:MM. */
    readonly at: string;
    /** Where. */
    readonly place?: string;
    /** Whom it is about. */
    readonly memberId?: string;
    readonly who: string;
    readonly seen: string;
    readonly given?: string;
    readonly vitals?: VitalSigns;
    /** The note that this one corrects. */
    readonly corrects?: string;
}
/** A note as it is kept. */
export interface KeptIncident extends IncidentNote {
    readonly id: string;
    readonly writtenAt: string;
    readonly writtenBy: string;
}
/** What instruments and fingers can count; outside of it a digit slipped. */
export declare const VITAL_RANGES: {
    readonly pulsePerMin: readonly [0, 300];
    readonly breathsPerMin: readonly [0, 100];
    readonly temperatureC: readonly [20, 45];
};
