import { useEffect, useState } from 'react';
import { usePreferences } from '../../shared/preferences';
import { paint } from '../../theme/system';

const TOKENS = {
  ink: 'fg',
  line: 'border.emphasized',
  shell: 'border',
  density1: 'density.1',
  density2: 'density.2',
  density3: 'density.3',
  density4: 'density.4',
  density5: 'density.5',
} as const;
export type Colours = Readonly<Record<keyof typeof TOKENS, string>>;

/** Colours of the look as they are just now: what draws on a canvas cannot read names of tokens. */
export function useColours(): Colours | undefined {
  const { dark } = usePreferences();
  const [colours, setColours] = useState<Colours>();
  useEffect(() => {
    // In the next frame the page has changed its colours.
    const frame = requestAnimationFrame(() => {
      const probe = document.createElement('span');
      document.body.append(probe);
      const read = (token: string): string => {
        probe.style.color = paint(token);
        return getComputedStyle(probe).color;
      };
      setColours(
        Object.fromEntries(Object.entries(TOKENS).map(([key, token]) => [key, read(token)])) as Colours,
      );
      probe.remove();
    });
    return () => cancelAnimationFrame(frame);
  }, [dark]);
  return colours;
}
