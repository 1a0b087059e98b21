/** The columns of a table of things, with the words that other programs and people have for them, in several languages. */

interface Field {
  readonly id: string;
  readonly header: string;
  /** Other words for it, lower case without marks; matched whole first, then as parts. */
  readonly words: readonly string[];
}

const listed = (words: string): readonly string[] => words.split(', ');

export const CSV_FIELDS = [
  { id: 'id', header: 'Id', words: ['key'] },
  {
    id: 'list',
    header: 'List',
    words: listed(
      'whose, kit, member, owner list, person, category, group, set, who, who brings, carrier, liste, ' +
        'wer, traeger, kategorie, qui, categorie, porteur, quien, lista, chi, wie, lijst, hvem, vem, ' +
        'kuka, carried by, brought by, responsible, name of person, trager, kategori',
    ),
  },
  {
    id: 'name',
    header: 'Thing',
    words: listed(
      'name, item, article, gear, piece, what, description, items, things, equipment, object, ' +
        'gegenstand, bezeichnung, artikel, ausrustung, sache, was, objet, nom, materiel, equipement, ' +
        'cosa, objeto, articulo, nombre, oggetto, articolo, nome, attrezzatura, voorwerp, naam, spullen, ' +
        'uitrusting, ting, navn, namn, utrustning, utstyr, udstyr, sak, tavara, varuste',
    ),
  },
  {
    id: 'count',
    header: 'Count',
    words: listed(
      'qty, quantity, number, amount, pieces, no, pcs, how many, units, anzahl, menge, stuck, nombre, ' +
        'quantite, nb, cantidad, quantita, numero, aantal, antall, antal, maara, stk, qte, cant',
    ),
  },
  {
    id: 'mass',
    header: 'Weight, kg',
    words: listed(
      'mass, weight, wt, grams, weight each, unit weight, weight per item, each, gewicht, masse, ' +
        'einzelgewicht, gramm, gewicht pro stuck, poids, poids unitaire, grammes, peso, peso unitario, ' +
        'gramos, grammi, gram, vekt, vikt, vaegt, paino, grammaa, vaekt, weight g, g, kg',
    ),
  },
  {
    id: 'massTotal',
    header: 'Weight of all',
    words: listed(
      'total weight, weight total, total mass, total, mass total, sum, weight all, gesamtgewicht, ' +
        'gewicht gesamt, gesamt, summe, poids total, peso total, peso totale, totale, totaal gewicht, ' +
        'totaal, totalgewicht, totalvekt, totalvikt, samlet vekt, subtotal, yhteensa',
    ),
  },
  { id: 'massUnit', header: 'Unit', words: ['unit', 'weight unit', 'einheit', 'unite'] },
  { id: 'estimated', header: 'Estimated', words: ['estimate', 'guess', 'geschaetzt'] },
  { id: 'measuredOn', header: 'Weighed on', words: ['measured on', 'weighed'] },
  {
    id: 'volume',
    header: 'Packed, L',
    words: ['packed', 'volume', 'litres', 'liters', 'packed volume', 'volumen'],
  },
  { id: 'shape', header: 'Shape', words: ['form', 'dimensions', 'size'] },
  { id: 'flags', header: 'Marks', words: ['flags', 'tags'] },
  { id: 'needed', header: 'Needed', words: ['when needed', 'when'] },
  { id: 'purpose', header: 'What for', words: ['purpose', 'kind', 'type'] },
  { id: 'fromDay', header: 'From day', words: ['joins'] },
  { id: 'toDay', header: 'To day', words: ['leaves'] },
  { id: 'joinsAt', header: 'Fetched at', words: ['hired at', 'joins at', 'from where'] },
  { id: 'leavesAt', header: 'Left at', words: ['leaves at', 'given back at'] },
  { id: 'useFrom', header: 'Used up from day', words: ['used from'] },
  { id: 'useTo', header: 'Used up to day', words: ['used to'] },
  { id: 'residue', header: 'Left, kg', words: ['residue', 'left'] },
  { id: 'wetFactor', header: 'Wet factor', words: ['wet'] },
  { id: 'waterCapacity', header: 'Water, L', words: ['water', 'water capacity'] },
  { id: 'foodCapacity', header: 'Food, L', words: ['food capacity'] },
  { id: 'holds', header: 'Holds', words: ['holder', 'capacity', 'container'] },
  { id: 'ridesLoose', header: 'Rides loose', words: ['loose'] },
  { id: 'owner', header: 'Owner', words: ['belongs to', 'lent by', 'besitzer'] },
  { id: 'wear', header: 'Condition', words: ['state', 'wear', 'zustand'] },
  { id: 'expiresOn', header: 'Best before', words: ['expires', 'expiry', 'use by'] },
  { id: 'needs', header: 'Needs', words: ['requires'] },
  { id: 'worn', header: 'Worn', words: ['worn or in hand', 'on body'] },
  { id: 'want', header: 'Wanted', words: ['required', 'want', 'priority'] },
  { id: 'othersMayCarry', header: 'Others may carry it', words: ['others', 'may be taken over'] },
  { id: 'onlyFor', header: 'Only for', words: ['only'] },
  { id: 'together', header: 'Stays with', words: ['together', 'bundle'] },
] as const satisfies readonly Field[];
export type CsvField = (typeof CSV_FIELDS)[number]['id'];

/** Lower case, without marks and signs: how words are compared. */
export const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/ß/g, 'ss')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
/** A unit behind the words of a header. */
export const UNIT_AT_END = / (kg|g|grams?|lbs?|oz|l|litres?|liters?|ml|cu in)$/;

/** The words for a column, in plain letters. */
export function headerWords(field: (typeof CSV_FIELDS)[number]): readonly string[] {
  return [plain(field.header).replace(UNIT_AT_END, ''), ...field.words];
}

const KNOWN_HEADERS: ReadonlySet<string> = new Set(CSV_FIELDS.flatMap((f) => headerWords(f)));

/** How many cells of a row are headers of known columns. */
export function headersIn(cells: readonly string[]): number {
  return cells.filter((cell) => cell !== '' && KNOWN_HEADERS.has(plain(cell).replace(UNIT_AT_END, '')))
    .length;
}
