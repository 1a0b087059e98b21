import {
  ArchiveRestore,
  Contrast,
  Download,
  Eye,
  EyeOff,
  Keyboard,
  Moon,
  Ruler,
  ScrollText,
  Share2,
  Sun,
  Users,
  type LucideIcon,
} from 'lucide-react';
import { exportTrip } from '../shared/download';
import { usePreferences } from '../shared/preferences';
import { useTripCommands } from '../shared/tripContext';

/** What the bar over a trip opens. */
export type Opened = 'menu' | 'handOver' | 'removed' | 'history' | 'leaders' | 'keys';

/** What can be done from any station. */
export interface Tool {
  readonly label: string;
  readonly Sign: LucideIcon;
  readonly title?: string;
  /** Stands on the button on a wide screen; the sign alone without it. */
  readonly word?: string;
  readonly hasSign?: boolean;
  /** Where it is said in words, if not its label. */
  readonly said?: string;
  readonly pressed?: boolean;
  /** Of no use without a keyboard. */
  readonly forKeys?: boolean;
  readonly act: () => void;
}

export function useTools(onOpen: (what: Opened) => void): readonly Tool[] {
  const { session } = useTripCommands();
  const { massUnit, hideWeights, dark, contrast, set } = usePreferences();
  return [
    {
      label: 'Units',
      Sign: Ruler,
      word: massUnit === 'kg' ? 'kg, km' : 'lb, mi',
      said:
        massUnit === 'kg'
          ? 'Units: kg, km, °C; switch to lb, miles, °F'
          : 'Units: lb, miles, °F; switch to kg, km, °C',
      act: () => set({ massUnit: massUnit === 'kg' ? 'lb' : 'kg' }),
    },
    {
      label: 'Hide body weights',
      Sign: hideWeights ? EyeOff : Eye,
      word: hideWeights ? 'Body weights hidden' : 'Hide body weights',
      hasSign: true,
      title: 'Hide body weights, limits and health notes, on screen and on paper',
      pressed: hideWeights,
      act: () => set({ hideWeights: !hideWeights }),
    },
    {
      label: 'Export',
      Sign: Download,
      word: 'Export',
      hasSign: true,
      title: 'The whole trip as a file, as it is on this page',
      act: () => void exportTrip(session().trip),
    },
    both('High contrast', 'High contrast: black on white, for bright sun', Contrast, {
      pressed: contrast,
      act: () => set({ contrast: !contrast }),
    }),
    both(
      dark ? 'Light colours' : 'Dark colours',
      dark ? 'Light colours' : 'Dark colours',
      dark ? Sun : Moon,
      {
        act: () => set({ dark: !dark }),
      },
    ),
    both('Keys', 'Keys (?)', Keyboard, { forKeys: true, act: () => onOpen('keys') }),
    both('History', 'History: who changed what in this trip, and back to before it', ScrollText, {
      act: () => onOpen('history'),
    }),
    both('Removed', 'Removed: what was taken out of this trip, to bring back', ArchiveRestore, {
      act: () => onOpen('removed'),
    }),
    both('Hand over the lead', 'Hand over the lead: the whole trip as a file for another phone', Share2, {
      act: () => onOpen('handOver'),
    }),
    both('Who leads this trip', 'Who leads this trip', Users, { act: () => onOpen('leaders') }),
  ];
}

const both = (
  label: string,
  title: string,
  Sign: LucideIcon,
  rest: Pick<Tool, 'act' | 'pressed' | 'forKeys'>,
): Tool => ({ label, title, Sign, ...rest });
