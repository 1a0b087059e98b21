import { Box, Text } from '../theme/chakra';
import { useState } from 'react';
import { isGroupWord, isUnweighed, type GuessedRow } from '@graft/core/lists';
import { formatMass, massDigits } from '@graft/core/units';
import { usePreferences } from '../shared/preferences';
import { QuantityInput } from '../shared/QuantityInput';
import { Select } from '../shared/Select';
import { listTotals } from './listTotals';

/** What was changed of a row before it is taken. */
export interface RowEdit {
  readonly name?: string;
  readonly count?: number;
  readonly massKg?: number;
  /** A member's name, a kit's, or `GROUP`. */
  readonly list?: string;
}
const GROUP = 'group';
/** Longer lists are taken whole, and shown in part. */
const MOST_SHOWN = 200;
const MOST_COUNT = 99;
const MOST_NAME = 120;
const LEAST_KG = 0.001;
const MOST_KG = 60;

/** What nobody knows the mass of comes first, as it is asked for, and stays there once it is said; else as it was written. */
function unknownFirst<R extends GuessedRow>(rows: readonly R[]): readonly R[] {
  const isUnknown = (r: R): number => Number(isUnweighed(r.guess.facts));
  return [...rows].sort((a, b) => isUnknown(b) - isUnknown(a));
}

function ownerName(list: string, whose: string): string {
  if (list === '') return whose;
  return list === GROUP ? 'the group' : list;
}

/** What a pasted list was understood as: names, counts, masses and whose things can be put right before it is taken. */
export function PastePreview<R extends GuessedRow>({
  rows,
  members,
  whose,
  readOnly,
  onEdit,
}: {
  readonly rows: readonly R[];
  readonly members: readonly string[];
  /** Whose a row is that says nothing of it. */
  readonly whose: string;
  readonly readOnly: boolean;
  readonly onEdit: (row: R, edit: RowEdit) => void;
}) {
  const { massUnit } = usePreferences();
  const heads = [...new Set(rows.flatMap((r) => r.list ?? []))].filter(
    (list) => !members.includes(list) && !isGroupWord(list),
  );
  const lists: readonly (readonly [string, string])[] = [
    ['', whose],
    ...(whose === 'the group' ? [] : [[GROUP, 'the group'] as const]),
    ...members.filter((name) => name !== whose).map((name) => [name, name] as const),
    ...heads.map((name) => [name, `kit ${name}`] as const),
  ];
  const listOf = (r: GuessedRow): string => {
    if (r.list === undefined || r.list === whose) return '';
    return isGroupWord(r.list) ? (whose === 'the group' ? '' : GROUP) : r.list;
  };
  return (
    <>
      <Text fontSize="xs" color="fg.muted" mt="2" aria-label="Of whom">
        {listTotals(rows, (r) => ownerName(listOf(r), whose), massUnit)}
      </Text>
      <table className="plain-table" aria-label="What is read" style={{ width: '100%' }}>
        <thead>
          <tr>
            <th>Thing</th>
            <th>for</th>
            <th style={{ textAlign: 'end' }}>{massUnit} each</th>
            <th style={{ textAlign: 'end' }}>usually</th>
            <th>taken for</th>
          </tr>
        </thead>
        <tbody>
          {unknownFirst(rows)
            .slice(0, MOST_SHOWN)
            .map((r) => (
              <tr key={r.line}>
                <td style={{ whiteSpace: 'nowrap' }}>
                  {isUnweighed(r.thing) && (
                    <Box as="span" color="overload.fg" aria-label="without a weight">
                      ▲{' '}
                    </Box>
                  )}
                  <CellInput
                    label={`How many of ${r.thing.name}`}
                    value={String(r.count)}
                    w="2.2rem"
                    readOnly={readOnly}
                    onTake={(text) => {
                      const count = Number(text);
                      if (Number.isInteger(count) && count >= 1 && count <= MOST_COUNT) onEdit(r, { count });
                    }}
                  />{' '}
                  ×{' '}
                  <CellInput
                    label={`Name of ${r.thing.name}`}
                    value={r.thing.name}
                    w="11rem"
                    readOnly={readOnly}
                    onTake={(text) => text !== '' && onEdit(r, { name: text.slice(0, MOST_NAME) })}
                  />
                </td>
                <td>
                  <Select
                    label={`Whose is ${r.thing.name}`}
                    value={listOf(r)}
                    options={lists}
                    onChoose={(list) => onEdit(r, { list })}
                    disabled={readOnly}
                    w="8rem"
                  />
                </td>
                <td style={{ width: '6rem' }}>
                  <QuantityInput
                    label={`Weight of ${r.thing.name}`}
                    value={isUnweighed(r.thing) ? undefined : r.thing.massKg}
                    quantity="mass"
                    mark={r.thing.massEstimated ? '≈ ' : ''}
                    low={LEAST_KG}
                    high={MOST_KG}
                    readOnly={readOnly}
                    onTake={(massKg) => onEdit(r, massKg === undefined ? {} : { massKg })}
                  />
                </td>
                <td style={{ textAlign: 'end', whiteSpace: 'nowrap' }} className="muted">
                  {r.guess.rangeKg === undefined
                    ? ''
                    : `${massDigits(r.guess.rangeKg[0], massUnit)}–${formatMass(r.guess.rangeKg[1], massUnit)}`}
                </td>
                <td className="muted">
                  {r.guess.as === undefined
                    ? isUnweighed(r.thing)
                      ? 'not known: what does it weigh?'
                      : 'not known'
                    : `${r.guess.as}${r.kitId === undefined || members.includes(r.list ?? whose) ? '' : ', in its pieces'}${r.guess.likeness < 0.95 ? `, ${Math.round(100 * r.guess.likeness)} % alike` : ''}`}
                </td>
              </tr>
            ))}
          {rows.length > MOST_SHOWN && (
            <tr className="muted">
              <td colSpan={5}>and {rows.length - MOST_SHOWN} more</td>
            </tr>
          )}
        </tbody>
      </table>
    </>
  );
}

/** A text in a table, taken on Enter or on leaving; what cannot be, goes back. */
function CellInput({
  label,
  value,
  w,
  readOnly,
  onTake,
}: {
  readonly label: string;
  readonly value: string;
  readonly w: string;
  readonly readOnly: boolean;
  readonly onTake: (text: string) => void;
}) {
  const [draft, setDraft] = useState<string | undefined>();
  const finish = (): void => {
    if (draft !== undefined && draft.trim() !== value) onTake(draft.trim());
    setDraft(undefined);
  };
  return (
    <input
      className="cell-editor"
      style={{ width: w, display: 'inline-block' }}
      aria-label={label}
      readOnly={readOnly}
      value={draft ?? value}
      onChange={(e) => setDraft(e.target.value)}
      onBlur={finish}
      onKeyDown={(e) => {
        if (e.key === 'Enter') finish();
        if (e.key === 'Escape') setDraft(undefined);
      }}
    />
  );
}
