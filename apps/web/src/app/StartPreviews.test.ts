import { parseList } from '@graft/core/lists';
import { EXAMPLE_LISTS } from './StartPreviews';

test.each(['kg', 'lb'] as const)(
  'the example of a list in %s is read line by line, without a question',
  (unit) => {
    const { things, errors } = parseList(EXAMPLE_LISTS[unit], { members: ['Runa'] });
    expect(errors).toEqual([]);
    expect(things.map((t) => [t.list, t.count, t.name, t.massKg !== undefined])).toEqual([
      ['Together', 1, 'Tent, 2 people', true],
      ['Together', 3, 'Gas canisters', true],
      ['Together', 1, 'Water filter', false],
      ['Runa', 1, 'Sleeping bag', true],
      ['Runa', 2, 'Socks', false],
      ['Runa', 1, 'Rain jacket', true],
    ]);
  },
);
