import { decodeText } from './csvTable.js';

/** The same short tables in the code pages of Windows, DOS and the Mac, as Python's codecs write them. */
const TABLES: readonly (readonly [text: string, pages: Readonly<Record<string, string>>])[] = [
  [
    'Gegenstand;Gewicht\nKocher für Jörg;350\nÄpfel, Größe M;900\n',
    {
      cp850:
        '476567656e7374616e643b476577696368740a4b6f6368657220668172204a9472673b3335300a8e7066656c2c20477294e165204d3b3930300a',
      mac: '476567656e7374616e643b476577696368740a4b6f6368657220669f72204a9a72673b3335300a807066656c2c2047729aa765204d3b3930300a',
      cp1252:
        '476567656e7374616e643b476577696368740a4b6f636865722066fc72204af672673b3335300ac47066656c2c204772f6df65204d3b3930300a',
    },
  ],
  [
    'Objet;Poids\nRéchaud à gaz;350\nCôté gauche, ça va;20\n',
    {
      cp850:
        '4f626a65743b506f6964730a5282636861756420852067617a3b3335300a43937482206761756368652c2087612076613b32300a',
      mac: '4f626a65743b506f6964730a528e636861756420882067617a3b3335300a4399748e206761756368652c208d612076613b32300a',
      cp1252:
        '4f626a65743b506f6964730a52e9636861756420e02067617a3b3335300a43f474e9206761756368652c20e7612076613b32300a',
    },
  ],
  [
    'Ting;Vekt\nSovepose til Bjørn;1100\nKjøkkensåpe;90\nÅse;1\n',
    {
      cp850:
        '54696e673b56656b740a536f7665706f73652074696c20426a9b726e3b313130300a4b6a9b6b6b656e738670653b39300a8f73653b310a',
      mac: '54696e673b56656b740a536f7665706f73652074696c20426abf726e3b313130300a4b6abf6b6b656e738c70653b39300a8173653b310a',
      cp1252:
        '54696e673b56656b740a536f7665706f73652074696c20426af8726e3b313130300a4b6af86b6b656e73e570653b39300ac573653b310a',
    },
  ],
  [
    'Cosa;Peso\nTienda de campaña;2300\nJabón de Iñaki;80\n',
    {
      cp850:
        '436f73613b5065736f0a5469656e64612064652063616d7061a4613b323330300a4a6162a26e2064652049a4616b693b38300a',
      mac: '436f73613b5065736f0a5469656e64612064652063616d706196613b323330300a4a6162976e206465204996616b693b38300a',
      cp1252:
        '436f73613b5065736f0a5469656e64612064652063616d7061f1613b323330300a4a6162f36e2064652049f1616b693b38300a',
    },
  ],
];

const cases = TABLES.flatMap(([text, pages]) =>
  Object.entries(pages).map(([page, hex]) => [page, text, hex] as const),
);

test.each(cases)('%s: %j', (_page, text, hex) => expect(decodeText(Buffer.from(hex, 'hex'))).toBe(text));

test('signs that Windows writes among words stay what they are', () => {
  const text = 'Messer „klein“ – 80 g\nTemperatur 5°\nPreis 3 €\n';
  const hex =
    '4d657373657220846b6c65696e9320962038302067 0a54656d70657261747572203 5b0 0a507265697320332080 0a'.replace(
      /\s/g,
      '',
    );
  expect(decodeText(Buffer.from(hex, 'hex'))).toBe(text);
});
