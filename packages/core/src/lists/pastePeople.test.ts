import { aMember, aTrip } from '../testing/smallTrip.js';
import { tripErrors } from '../formats/tripFile.js';
import { readPeople, takePeople } from './pastePeople.js';

describe('people that are pasted', () => {
  test.each([
    ['Ilse 62', [{ name: 'Ilse', bodyMassKg: 62 }]],
    ['Ilse, 62 kg', [{ name: 'Ilse', bodyMassKg: 62 }]],
    ['Ilse: 62,5', [{ name: 'Ilse', bodyMassKg: 62.5 }]],
    ['Ilse (62kg)', [{ name: 'Ilse', bodyMassKg: 62 }]],
    ['Ilse - 62', [{ name: 'Ilse', bodyMassKg: 62 }]],
    ['Ilse\t62\t9', [{ name: 'Ilse', bodyMassKg: 62, ageYears: 9 }]],
    ['Wren 9 years 31 kg', [{ name: 'Wren', bodyMassKg: 31, ageYears: 9 }]],
    ['Tam 180 lbs', [{ name: 'Tam', bodyMassKg: 81.6 }]],
    ['Tam 12 st', [{ name: 'Tam', bodyMassKg: 76.2 }]],
    [
      '1. Ilse 62\n2) Tam 80\n- Noor\n\n',
      [{ name: 'Ilse', bodyMassKg: 62 }, { name: 'Tam', bodyMassKg: 80 }, { name: 'Noor' }],
    ],
    ['Name\tWeight\r\nÅse-Marie van Dijk\t58.4\r\n', [{ name: 'Åse-Marie van Dijk', bodyMassKg: 58.4 }]],
    ['Member 3', [{ name: 'Member 3' }]],
    ['Guide 2, 80 kg', [{ name: 'Guide 2', bodyMassKg: 80 }]],
    ['Ilse\t172\t62', [{ name: 'Ilse', bodyMassKg: 62, statureCm: 172 }]],
    ['Ilse 62 kg 1,72 m', [{ name: 'Ilse', bodyMassKg: 62, statureCm: 172 }]],
    ['Big Tam 140', [{ name: 'Big Tam', bodyMassKg: 140 }]],
    ['62', []],
    ['', []],
  ])('%j', (text, people) => expect(readPeople(text, 'kg')).toEqual(people));
  test('bare figures are in the unit that is shown', () => {
    expect(readPeople('Tam 180', 'lb')).toEqual([{ name: 'Tam', bodyMassKg: 81.6 }]);
    expect(readPeople('Tam 180', 'kg')).toEqual([{ name: 'Tam', bodyMassKg: 180 }]);
  });
  test('whoever is there gets what is said, others are added; the one that waits for a name gets the first new one', () => {
    const trip = aTrip([aMember('a', { name: 'Ada' }), aMember('new', { name: 'Member 2' })], []);
    const next = takePeople(trip, readPeople('ada 55\nBen 80\nCleo 9 years 30 kg', 'kg'), 'new');
    expect(next.members.map((m) => [m.id, m.name, m.bodyMassKg, m.ageBand])).toEqual([
      ['a', 'ada', 55, 'adult'],
      ['new', 'Ben', 80, 'adult'],
      [expect.any(String), 'Cleo', 30, 'under18'],
    ]);
    expect(tripErrors(next)).toEqual([]);
  });
});
