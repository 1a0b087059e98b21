import { RemoveButton } from '../shared/RemoveButton';
import { textColumn, quantityColumn, numberColumn, yesNoColumn } from '../shared/fields';
import type { MassUnit } from '@graft/core/units';
import type { CarryTrial } from '@graft/core/trip';
import type { Column } from '../shared/table/column';

interface Context {
  readonly massUnit: MassUnit;
  readonly common: {
    readonly check: (trial: CarryTrial) => string | undefined;
    readonly save: (trial: CarryTrial, field: string) => void;
  };
  readonly onRemove: (trialId: string) => void;
}

/** The columns of trial walks. */
export function trialColumns({ massUnit, common, onRemove }: Context): readonly Column<CarryTrial>[] {
  return [
    textColumn({ ...common, id: 'date', header: 'Date', width: '98' }),
    quantityColumn({
      ...common,
      id: 'loadKg',
      header: 'Load',
      quantity: 'mass',
      massUnit,
      width: '66',
    }),
    quantityColumn({
      ...common,
      id: 'distanceKm',
      header: 'Distance',
      quantity: 'distance',
      massUnit,
      width: '66',
    }),
    quantityColumn({
      ...common,
      id: 'climbM',
      header: 'Climb',
      quantity: 'height',
      massUnit,
      width: '66',
    }),
    numberColumn({
      ...common,
      id: 'minutes',
      header: 'Time',
      unit: 'min',
      decimals: 0,
      width: '68',
    }),
    numberColumn({
      ...common,
      id: 'comfort',
      header: 'Comfort',
      unit: '1–10',
      decimals: 1,
      width: '86',
    }),
    endColumn(
      yesNoColumn({
        ...common,
        id: 'interrupted',
        header: 'Broken off',
        yes: 'broken off',
        no: 'walked to the end',
        width: '84',
      }),
    ),
    textColumn({ ...common, id: 'note', header: 'Note' }),
    {
      id: 'remove',
      header: '',
      width: '34',
      show: (t: CarryTrial) => <RemoveButton name={`walk of ${t.date}`} onClick={() => onRemove(t.id)} />,
    },
  ];
}

/** A day of a trip was no trial: it says which trip it was, and nothing to choose. */
function endColumn(column: Column<CarryTrial>): Column<CarryTrial> {
  return {
    ...column,
    show: (t) => t.fromTrip ?? column.show(t),
    hint: (t) => t.fromTrip ?? '',
    ...(column.edit === undefined
      ? {}
      : { edit: { ...column.edit, when: (t: CarryTrial) => t.fromTrip === undefined } }),
  };
}
