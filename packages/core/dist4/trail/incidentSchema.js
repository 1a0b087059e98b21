/** The shape of a note in the incident log, for form and API. */
import { CONSCIOUSNESS, VITAL_RANGES } from './incident.js';
import { id, oneOf, quantity, record, requiredMoment, requiredRecord, requiredText, text, } from '../schema/schemaParts.js';
export const incidentSchema = requiredRecord({
    at: requiredMoment(),
    place: text(200),
    memberId: id(),
    who: requiredText(120),
    seen: requiredText(4000),
    given: text(4000),
    vitals: record({
        pulsePerMin: quantity(...VITAL_RANGES.pulsePerMin, 'beats a minute'),
        breathsPerMin: quantity(...VITAL_RANGES.breathsPerMin, 'breaths a minute'),
        consciousness: oneOf(CONSCIOUSNESS),
        temperatureC: quantity(...VITAL_RANGES.temperatureC, '°C'),
        skin: text(120),
        pupils: text(120),
    }),
    corrects: id(),
});
//# sourceMappingURL=incidentSchema.js.map