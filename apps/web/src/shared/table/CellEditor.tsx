import type { RefObject } from 'react';
import type { Column } from './column';
import type { Editing, RowCalls } from './useCells';
import { useInUnits } from '../useInUnits';
import { typeInstead } from '../typeInstead';

interface Props {
  readonly row: unknown;
  readonly column: Column<unknown>;
  readonly name: string;
  readonly editing: Editing;
  readonly calls: RefObject<RowCalls<unknown> | undefined>;
}

/** The open editor of a cell: typed, or chosen from a list; a refused entry stays with its reason. */
export function CellEditor({ row, column, name, editing, calls }: Props) {
  const inUnits = useInUnits();
  const call = (): RowCalls<unknown> => calls.current!;
  const options = column.edit?.options;
  const instead = editing.error === undefined ? undefined : column.edit?.instead?.(row, editing.text);
  return (
    <>
      {options === undefined ? (
        <input
          className="cell-editor"
          autoFocus
          value={editing.text}
          aria-label={name}
          onFocus={(e) => editing.isMarked === true && e.target.select()}
          aria-invalid={editing.error !== undefined}
          data-numeric={column.numeric === true ? '' : undefined}
          onChange={(e) => call().type(row, column, e.target.value)}
          onKeyDown={(e) => call().onEditorKey(e, row, column, editing.text)}
          onBlur={() => call().commit(row, column, editing.text)}
        />
      ) : (
        <select
          className="cell-editor"
          autoFocus
          value={editing.text}
          aria-label={name}
          onChange={(e) => {
            if (call().commit(row, column, e.target.value)) call().focus(row, column);
          }}
          onKeyDown={(e) => call().onEditorKey(e, row, column, editing.text)}
          onBlur={() => call().leave()}
        >
          {options.map(([value, label]) => (
            <option key={value} value={value}>
              {label}
            </option>
          ))}
        </select>
      )}
      {editing.error !== undefined && (
        <div role="alert" className="cell-error">
          {inUnits(typeInstead(editing.error))}
          {instead !== undefined && (
            <button
              type="button"
              className="cell-instead"
              onClick={() => {
                if (call().commit(row, column, instead)) call().focus(row, column);
              }}
            >
              {instead}?
            </button>
          )}
        </div>
      )}
    </>
  );
}
