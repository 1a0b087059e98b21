/** How a sheet is shown: in which units, and whether limits are told. */
import { createContext, useContext } from 'react';
import { formatMass, inUnits, type MassUnit } from '@graft/core/units';

export interface SheetView {
  readonly units: MassUnit;
  /** Limits would let a hidden body weight be worked out; on their own page members see theirs. */
  readonly limitsHidden: boolean;
}

export const SheetViewContext = createContext<SheetView>({ units: 'kg', limitsHidden: false });

interface Said extends SheetView {
  readonly mass: (kg: number) => string;
  /** A sentence made in SI units, in the reader's. @param names that stand in it as they are */
  readonly say: (text: string, names?: readonly string[]) => string;
}

export function useSheetView(): Said {
  const view = useContext(SheetViewContext);
  return {
    ...view,
    mass: (kg) => formatMass(kg, view.units),
    say: (text, names = []) => inUnits(text, view.units, names),
  };
}
