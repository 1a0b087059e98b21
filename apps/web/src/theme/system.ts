/** What elements are styled by. */
import { createSystem } from '@chakra-ui/react/styled-system';
import { base } from './base';
import { tokens } from './tokens';

const made = createSystem(base, tokens);
/**
 * The styles of the page as a whole, and the tokens, are in a style sheet that is made when Graft is built (`themeCss.tsx`): a phone need not work them out at every start.
 */
export const system: typeof made = {
  ...made,
  _global: [],
  _config: { ...made._config, disableLayers: true },
};

/** A colour token for SVG paint. */
export function paint(token: string): string {
  const name = token.replaceAll('.', '-').replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);
  return `var(--chakra-colors-${name})`;
}
