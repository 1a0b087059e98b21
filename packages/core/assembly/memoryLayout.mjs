/**
 * The memory that the kernel and the loader share, declared once: `npm run kernel` writes both sides' addresses from it.
 *
 * A block has a head of single numbers and then lists: one number, or `each` numbers, by column, part, cell or thing.
 * Numbers of 64 bits come first in each, so that none lies across their bounds.
 */
export const BLOCKS = [
  {
    name: 'loader',
    tells: 'A compartment.',
    head: [
      ['cellCm', 'f64'],
      ['lowestRoof', 'f64', 'lowest ceiling, or lower end of a reservoir, cm'],
      ['highestCeiling', 'f64'],
      ['holdsFrom', 'f64', 'a stiff thing that starts no higher may stand out above the ceiling, cm'],
      ['nx', 'i32'],
      ['ny', 'i32'],
      ['hasSlab', 'i32', '1 when a reservoir lies in it'],
    ],
    lists: [
      ['ceilings', 'f64', 'columns'],
      ['floors', 'f64', 'columns'],
      ['xs', 'f64', 'columns'],
      ['ys', 'f64', 'columns'],
      ['slabLows', 'f64', 'columns', 1, 'ends of a reservoir, cm; Infinity where there is none'],
      ['slabHighs', 'f64', 'columns'],
      ['bases', 'f64', 'columns', 1, 'scratch: heights with narrow gaps closed'],
      ['runs', 'i32', 'columns', 4, 'scratch: runs of columns side by side'],
      ['marks', 'i32', 'columns', 1, 'scratch: which part fills a column'],
    ],
  },
  {
    name: 'turn',
    tells: 'A rigid thing turned one way.',
    head: [
      ['heightCm', 'f64'],
      ['count', 'i32', 'its cells'],
      ['isLevel', 'i32', '1 when its lower edge is'],
      ['nx', 'i32'],
      ['ny', 'i32'],
    ],
    lists: [
      ['lows', 'f64', 'cells', 1, 'edges over its lowest point, cm'],
      ['highs', 'f64', 'cells'],
      ['steps', 'i32', 'cells', 1, 'from its first column'],
    ],
  },
  {
    name: 'stage',
    tells: 'What a compartment holds when so many things are loaded, and where the last of them lies.',
    head: [
      ['voidCm3', 'f64'],
      ['overCm3', 'f64', 'what did not go in'],
      ['count', 'i32', 'parts of the last thing'],
      ['swellings', 'i32', 'that it lets swell'],
    ],
    lists: [
      [
        'sums',
        'f64',
        'things',
        5,
        'of a soft thing: cm of columns it fills, that times x, y and twice z, and what it may still swell, cm³',
      ],
      ['heights', 'f64', 'columns'],
      ['lows', 'f64', 'parts'],
      ['highs', 'f64', 'parts'],
      ['swollenCms', 'f64', 'parts'],
      ['topmosts', 'i32', 'columns', 1, 'which thing is uppermost; −1 when none is'],
      ['columns', 'i32', 'parts', 1, 'which column a part fills'],
      ['swollenColumns', 'i32', 'parts'],
      ['swollenThings', 'i32', 'parts'],
    ],
  },
];
