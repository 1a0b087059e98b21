import { incidentSchema } from './incidentSchema.js';
import { schemaErrors } from '../schema/checkSchema.js';

const note = { at: '2027-05-12T11:20', who: 'Wren', seen: 'Turned the left ankle on wet rock; swelling.' };
const errors = (value: unknown): readonly string[] =>
  schemaErrors(incidentSchema, value).map((e) => `${e.path}: ${e.message}`);

test('when, who and what was seen are enough; all else is welcome', () => {
  expect(errors(note)).toEqual([]);
  expect(
    errors({
      ...note,
      memberId: 'wren',
      place: 'Below the stair',
      given: 'Cold pack, bandage',
      vitals: {
        pulsePerMin: 84,
        breathsPerMin: 16,
        consciousness: 'alert',
        temperatureC: 36.8,
        skin: 'warm',
      },
      corrects: '0b0b0c5e-2f4b-4b2e-9a52-8a7a2f0f5a11',
    }),
  ).toEqual([]);
});
test('what is wrong is named with what was expected', () =>
  expect(
    errors({
      at: '2027-02-30T11:20',
      seen: '',
      vitals: { pulsePerMin: 840, consciousness: 'sleepy' },
      diagnosis: 'sprain',
    }),
  ).toEqual(
    expect.arrayContaining([
      'at: expected a local date and time such as "2027-05-10T07:45", got "2027-02-30T11:20"',
      'who: expected a text of 1 to 120 characters, got nothing',
      'seen: expected a text of 1 to 4000 characters, got ""',
      'vitals.pulsePerMin: expected a number from 0 to 300 beats a minute, got 840',
      'vitals.consciousness: expected one of alert, voice, pain, unresponsive, got "sleepy"',
      ': has a field that is not part of the format: diagnosis',
    ]),
  ));
