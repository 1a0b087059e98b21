/** How large a sheet may be printed, so that it goes on one side of A4 or Letter in two columns. */
import type { MemberSheet } from '@graft/core/sheet';

/** As on A4, the narrower. */
const COLUMN_WIDTH_PT = 262;
/** Both columns as on Letter, the shorter, less what headings and lines kept whole leave empty. */
const COLUMNS_HEIGHT_PT = 2 * 740 * 0.9;
const PICTURES_PT = 165;
/** As high as the picture of a step, as the style sheet has it. */
const STEP_PICTURE_PT = 17;
/** Mean width of a letter and height of a line, parts of the size. */
const LETTER = 0.46;
const LINE = 1.24;
const LARGEST_PT = 8.8;
const SMALLEST_PT = 5.6;
const STEP_PT = 0.1;

interface Block {
  readonly text: string;
  /** What of the column's width the text does not have: a box to tick, a mass. */
  readonly takenPt: number;
  /** Around it, pt. */
  readonly aroundPt: number;
  /** No lower than this, pt: what stands beside the text. */
  readonly leastPt?: number;
}

export function paperSizePt(sheet: MemberSheet): number {
  const blocks = blocksOf(sheet);
  const fixed = sheet.drawing === undefined ? 0 : PICTURES_PT;
  for (let size = LARGEST_PT; size > SMALLEST_PT; size -= STEP_PT) {
    const height = blocks.reduce((sum, { text, takenPt, aroundPt, leastPt = 0 }) => {
      const lines = Math.max(1, Math.ceil((text.length * LETTER * size) / (COLUMN_WIDTH_PT - takenPt)));
      return sum + Math.max(leastPt, lines * LINE * size) + aroundPt;
    }, fixed);
    if (height <= COLUMNS_HEIGHT_PT) return Math.round(size * 10) / 10;
  }
  return SMALLEST_PT;
}

function blocksOf(sheet: MemberSheet): readonly Block[] {
  const row = (text: string): Block => ({ text, takenPt: 42, aroundPt: 1.2 });
  const plain = (text: string): Block => ({ text, takenPt: 0, aroundPt: 1 });
  const heading = (text: string): Block => ({ text, takenPt: 0, aroundPt: 6 });
  const stepped = new Set(sheet.steps.flatMap((s) => s.thingIds));
  return [
    ...[sheet.tripName, sheet.name, 'load', 'limit', 'groups'].map(heading),
    heading('Get from others'),
    ...sheet.things
      .filter((t) => t.from !== undefined)
      .map((t) => row(`${t.name} from ${t.from!} ${t.kit ?? ''}`)),
    heading('Your pack'),
    ...sheet.steps.map((s) => ({
      ...row(`00 ${s.text} ${s.hint ?? ''}`),
      takenPt: 56,
      leastPt: STEP_PICTURE_PT,
    })),
    ...['Inside', 'On you'].map(heading),
    ...sheet.things.filter((t) => !stepped.has(t.id)).map((t) => row(`${t.name} ${t.place ?? ''}`)),
    heading('Who has the rest'),
    ...sheet.others.flatMap((o) => [plain(o.who), plain(o.pieces.join(', '))]),
    heading('In an emergency'),
    ...(sheet.numbers ?? []).map((n) => plain(`${n.name} (${n.relation}): ${n.phone}`)),
    ...sheet.safety.map((s) =>
      plain(
        `${s.name}: ${s.everybody ? 'everybody has one; yours' : ''} ${s.at.map((a) => `${a.who}, ${a.place}`).join('; ')}`,
      ),
    ),
    heading('Take care'),
    ...sheet.cautions.map(plain),
    heading('Day by day'),
    ...sheet.days.flatMap((d) => [
      plain(`0. Mon, May 10 ${d.leg}`),
      plain(`${' '.repeat(95)}${d.roles.length > 0 ? ' '.repeat(25) : ''}`),
      ...(d.meals.length > 0 ? [plain(d.meals.map((m) => `Breakfast: ${m.dish}`).join(' · '))] : []),
    ]),
    ...sheet.handovers.map((h) => plain(`Take ${h.name} from ${h.other ?? ''} 0.0 kg`)),
  ];
}
