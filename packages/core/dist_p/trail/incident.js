/**
 * A note in the incident log: what happened to whom, what was seen and done, vital signs. For the leaders, and for the
 * professionals they hand it to; notes are never changed, a later one corrects an earlier one. A record, not advice.
 */
/** Levels of consciousness (AVPU scale; from memory). */
export const CONSCIOUSNESS = ['alert', 'voice', 'pain', 'unresponsive'];
/** What instruments and fingers can count; outside of it a digit slipped. */
export const VITAL_RANGES = {
    pulsePerMin: [0, 300],
    breathsPerMin: [0, 100],
    temperatureC: [20, 45],
};
//# sourceMappingURL=incident.js.map