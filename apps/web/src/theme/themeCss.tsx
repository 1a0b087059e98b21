/** The style sheet of the page as a whole: what Graft takes of Chakra's reset and global styles, its own, and all tokens. */
import { ChakraProvider, createSystem, defineConfig } from '@chakra-ui/react/styled-system';
import { globalCss } from '@chakra-ui/react/theme';
import { renderToStaticMarkup } from 'react-dom/server';
import { base } from './base';
import { globalStyles } from './globalStyles';
import { tokens } from './tokens';

/** @returns CSS, as the component library would put it into the page itself */
export function themeCss(): string {
  const whole = createSystem(defineConfig({ preflight: true, globalCss }), base, tokens, {
    globalCss: globalStyles,
  });
  const page = renderToStaticMarkup(<ChakraProvider value={whole}>{null}</ChakraProvider>);
  return page.replaceAll(/<style[^>]*>/g, '').replaceAll('</style>', '\n');
}
