import { readCsvTable } from './csvTable.js';
import { decimalDoubt, guessMapping, guessOptions } from './guessTable.js';

const of = (text: string) => {
  const table = readCsvTable(text, {});
  const mapping = guessMapping(table, []);
  const options = guessOptions(table, mapping);
  return {
    decimal: options.decimal,
    unit: options.massUnit,
    doubt: decimalDoubt(table, mapping, options.massUnit),
  };
};

describe('masses that can be read two ways', () => {
  test('what such things weigh is the judge: grams in thousands, kilograms with three decimals', () => {
    expect(of('Name;Gewicht g\nZelt;2.450\nSchlafsack;1.100\nTent for two;2.300\n')).toMatchObject({
      decimal: ',',
      doubt: undefined,
    });
    expect(of('Name;Mass kg\nTent for two;2.450\nSleeping bag;1.100\n')).toMatchObject({
      decimal: '.',
      doubt: undefined,
    });
    expect(of('Name;Mass kg\nTent for two;2,450\nSleeping bag;1,100\n')).toMatchObject({
      decimal: ',',
      doubt: undefined,
    });
    expect(of('Name,Mass g\n"Tent for two","2,450"\n"Sleeping bag","1,100"\n')).toMatchObject({
      decimal: '.',
      doubt: undefined,
    });
  });
  test('a cell that can be read in one way decides for all', () => {
    expect(of('Name;Mass kg\nZither;2,450\nOboe;0,35\n')).toMatchObject({ decimal: ',', doubt: undefined });
  });
  test('where names are not known it is asked, with both readings', () => {
    expect(of('Name;Mass kg\nZither;2,450\nOboe;1,250\n').doubt).toEqual({
      text: '2,450',
      withPoint: 2450,
      withComma: 2.45,
    });
    expect(of('Name;Mass g\nZither;2.450\n').doubt).toEqual({
      text: '2.450',
      withPoint: 2.45,
      withComma: 2450,
    });
  });
});
