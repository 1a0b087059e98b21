import { starterLibrary } from '../library/starterLibrary.js';
import { aMember, aThing, aTrip } from '../testing/smallTrip.js';
import type { PersonalThing, Supply, Thing, Trip } from '../trip/model.js';
import { completenessFindings } from './completeness.js';
import { essentialFindings } from './essentials.js';
import { proposeKit } from './kitTemplates.js';
import { suppliedFindings } from './supplied.js';

const own = (thing: Thing): PersonalThing => ({ ...thing, memberId: 'ada', worn: false });
const supply = (name: string, state: Supply['state'] = 'sure'): Supply => ({
  id: name.slice(0, 40),
  name,
  state,
});
const at = (supplies: readonly Supply[], style: Trip['style'] = 'hut'): Trip => ({
  ...aTrip(
    [aMember('ada'), aMember('ben')],
    [
      aThing('burner', { name: 'Burner', purpose: 'stove', needs: ['gas'] }),
      aThing('big pot', { name: 'Big pot', purpose: 'pot' }),
    ],
    [
      own(aThing('bag', { name: 'Sleeping bag, three seasons', purpose: 'sleepingBag' })),
      own(aThing('liner', { name: 'Sleeping bag liner', purpose: 'sleepingBag' })),
      own(aThing('jacket', { name: 'Down jacket', purpose: 'warmLayer', needed: 'stop' })),
      own(aThing('aid', { name: 'First aid', purpose: 'firstAid' })),
    ],
    3,
  ),
  style,
  supplies,
});
const stay = (trip: Trip): readonly string[] =>
  suppliedFindings(trip, starterLibrary()).flatMap((f) => [...f.thingIds]);

test('blankets there leave the sleeping bag at home, not the liner; a kitchen leaves stove and pot', () => {
  expect(stay(at([supply('Wool blankets')]))).toEqual(['bag']);
  expect(stay(at([supply('Kitchen with gas, up the stairs')]))).toEqual(['burner', 'big pot']);
  expect(stay(at([supply('Stove')]))).toEqual(['burner']);
  const [finding] = suppliedFindings(at([supply('Duvets')]), starterLibrary());
  expect(finding).toMatchObject({
    weight: 'should',
    what: 'Sleeping bag, three seasons can stay: ada',
    why: 'the destination has it: Duvets',
  });
  const after = finding!.cures[0]!.apply(at([supply('Duvets')]));
  expect(after.personalThings.map((t) => t.id)).not.toContain('bag');
});

test('what is to be asked, no good, or unknown leaves nothing; safety kit and what is used on the way always come', () => {
  expect(stay(at([supply('Blankets', 'ask'), supply('Stove', 'bringOwn')]))).toEqual([]);
  expect(stay(at([supply('A view of the sea')]))).toEqual([]);
  expect(stay(at([supply('First aid kit'), supply('Jackets')]))).toEqual([]);
});

test('on the way to a place that is reached later the bag may still be wanted: only said', () => {
  const [finding] = suppliedFindings(at([supply('Blankets')], 'camp'), starterLibrary());
  expect(finding).toMatchObject({ weight: 'could' });
  expect(finding!.why).toContain('keep what is wanted on the way there');
});

test('in huts it is neither proposed nor missed', () => {
  const bare = (supplies: readonly Supply[], style: Trip['style'] = 'hut'): Trip => ({
    ...at(supplies, style),
    personalThings: [],
  });
  const proposed = (trip: Trip): boolean =>
    proposeKit(trip, starterLibrary()).some(
      (p) => /^Sleeping bag(, |$)/.test(p.entry.name) && !/liner/.test(p.entry.name),
    );
  expect(proposed(bare([]))).toBe(true);
  expect(proposed(bare([supply('Blankets', 'ask')]))).toBe(true);
  expect(proposed(bare([supply('Blankets')]))).toBe(false);
  expect(proposed(bare([supply('Blankets')], 'camp'))).toBe(true);
  const withoutGas = (trip: Trip): boolean =>
    completenessFindings(trip, starterLibrary()).some((f) => f.id.startsWith('incomplete/gas'));
  expect(withoutGas(at([]))).toBe(true);
  expect(withoutGas(at([supply('Gas bottles')]))).toBe(false);
  expect(withoutGas(at([supply('Gas bottles')], 'camp'))).toBe(true);
  const hungry = (trip: Trip): boolean =>
    essentialFindings(trip, starterLibrary()).some((f) => f.id === 'essential/food');
  expect(hungry(at([]))).toBe(true);
  expect(hungry(at([supply('Half board')]))).toBe(false);
});
