/**
 * The tokens of the look: what Graft takes of Chakra's, and its own. A page that is served has them in its style sheet;
 * their names are worked out when Graft is built (`tokenNames.ts`).
 */
import { defineConfig, mergeConfigs } from '@chakra-ui/react/styled-system';
import { keyframes, semanticTokens, tokens as theirs } from '@chakra-ui/react/theme';

const { black, blackAlpha, current, gray, red, transparent, white, whiteAlpha } = theirs.colors;
const { gray: grays, red: reds, ...roles } = semanticTokens.colors;
/** Grounds, inks and lines in the colours that are taken. */
const plain = <T extends { success: unknown; warning: unknown; info: unknown }>({
  success: _success,
  warning: _warning,
  info: _info,
  ...rest
}: T): Omit<T, 'success' | 'warning' | 'info'> => rest;

const chakras = defineConfig({
  theme: {
    keyframes,
    tokens: {
      ...theirs,
      colors: { black, blackAlpha, current, gray, red, transparent, white, whiteAlpha },
    },
    semanticTokens: {
      ...semanticTokens,
      colors: {
        bg: plain(roles.bg),
        border: plain(roles.border),
        fg: plain(roles.fg),
        gray: grays,
        red: reds,
      },
    },
  },
});

/** Stone ground, dark pine ink, one signal colour kept for overload. Everything visible takes its colours here. */
const own = defineConfig({
  theme: {
    tokens: {
      fonts: {
        body: { value: "'Archivo Variable', sans-serif" },
        heading: { value: "'Bricolage Grotesque Variable', sans-serif" },
      },
      colors: {
        stone: {
          50: { value: '#f7f5f0' },
          100: { value: '#efece4' },
          200: { value: '#e3dfd3' },
          300: { value: '#cfc9b9' },
          400: { value: '#aaa391' },
          500: { value: '#857f70' },
          600: { value: '#676256' },
          700: { value: '#4b473f' },
          800: { value: '#2e2c28' },
          900: { value: '#1d1c1a' },
          950: { value: '#141412' },
        },
        pine: {
          50: { value: '#eef4f0' },
          100: { value: '#d9e6de' },
          200: { value: '#b6cfc1' },
          300: { value: '#8bb19d' },
          400: { value: '#5f907a' },
          500: { value: '#43755f' },
          600: { value: '#335e4c' },
          700: { value: '#294b3e' },
          800: { value: '#1f3a31' },
          900: { value: '#152822' },
          950: { value: '#0c1915' },
        },
        signal: {
          100: { value: '#fbe3d9' },
          300: { value: '#f0a284' },
          400: { value: '#e8764b' },
          500: { value: '#d0522b' },
          600: { value: '#b03f1d' },
          700: { value: '#8a3016' },
          900: { value: '#431a0e' },
        },
      },
      // Nothing on screen is set smaller than this.
      fontSizes: { '2xs': { value: '0.75rem' } },
      radii: { l1: { value: '3px' }, l2: { value: '4px' }, l3: { value: '6px' } },
    },
    semanticTokens: {
      colors: {
        bg: {
          DEFAULT: { value: { _light: '{colors.stone.100}', _dark: '{colors.stone.950}' } },
          panel: { value: { _light: '{colors.stone.50}', _dark: '{colors.stone.900}' } },
          subtle: { value: { _light: '{colors.stone.50}', _dark: '{colors.stone.900}' } },
          muted: { value: { _light: '{colors.stone.200}', _dark: '{colors.stone.800}' } },
          emphasized: { value: { _light: '{colors.stone.300}', _dark: '{colors.stone.700}' } },
        },
        fg: {
          DEFAULT: { value: { _light: '{colors.pine.900}', _dark: '{colors.stone.100}' } },
          muted: { value: { _light: '{colors.stone.700}', _dark: '{colors.stone.300}' } },
          subtle: { value: { _light: '{colors.stone.600}', _dark: '{colors.stone.400}' } },
          error: { value: { _light: '{colors.signal.700}', _dark: '{colors.signal.300}' } },
        },
        border: {
          DEFAULT: { value: { _light: '{colors.stone.300}', _dark: '{colors.stone.700}' } },
          muted: { value: { _light: '{colors.stone.200}', _dark: '{colors.stone.800}' } },
          emphasized: { value: { _light: '{colors.stone.500}', _dark: '{colors.stone.500}' } },
          error: { value: { _light: '{colors.signal.500}', _dark: '{colors.signal.400}' } },
        },
        focus: { value: { _light: '{colors.pine.600}', _dark: '{colors.pine.300}' } },
        overload: {
          DEFAULT: { value: { _light: '{colors.signal.500}', _dark: '{colors.signal.400}' } },
          fg: { value: { _light: '{colors.signal.700}', _dark: '{colors.signal.300}' } },
          subtle: { value: { _light: '{colors.signal.100}', _dark: '{colors.signal.900}' } },
        },
        pine: {
          solid: { value: { _light: '{colors.pine.800}', _dark: '{colors.pine.200}' } },
          contrast: { value: { _light: '{colors.stone.50}', _dark: '{colors.pine.950}' } },
          fg: { value: { _light: '{colors.pine.800}', _dark: '{colors.pine.200}' } },
          muted: { value: { _light: '{colors.pine.200}', _dark: '{colors.pine.700}' } },
          subtle: { value: { _light: '{colors.pine.100}', _dark: '{colors.pine.800}' } },
          emphasized: { value: { _light: '{colors.pine.300}', _dark: '{colors.pine.600}' } },
          focusRing: { value: { _light: '{colors.pine.600}', _dark: '{colors.pine.300}' } },
        },
        beam: {
          own: { value: { _light: '{colors.stone.400}', _dark: '{colors.stone.600}' } },
          water: { value: { _light: '{colors.stone.300}', _dark: '{colors.stone.700}' } },
          piece: { value: { _light: '{colors.pine.300}', _dark: '{colors.pine.600}' } },
          pieceInk: { value: { _light: '{colors.pine.950}', _dark: '{colors.stone.50}' } },
          eaten: { value: { _light: '{colors.pine.200}', _dark: '{colors.pine.700}' } },
          chosen: { value: { _light: '{colors.pine.800}', _dark: '{colors.pine.200}' } },
          chosenInk: { value: { _light: '{colors.stone.50}', _dark: '{colors.pine.950}' } },
        },
        density: {
          1: { value: { _light: '{colors.stone.50}', _dark: '{colors.stone.800}' } },
          2: { value: { _light: '{colors.pine.100}', _dark: '{colors.pine.900}' } },
          3: { value: { _light: '{colors.pine.200}', _dark: '{colors.pine.700}' } },
          4: { value: { _light: '{colors.pine.400}', _dark: '{colors.pine.500}' } },
          5: { value: { _light: '{colors.pine.700}', _dark: '{colors.pine.300}' } },
        },
        densityInk: {
          1: { value: { _light: '{colors.pine.900}', _dark: '{colors.stone.100}' } },
          2: { value: { _light: '{colors.pine.900}', _dark: '{colors.stone.100}' } },
          3: { value: { _light: '{colors.pine.950}', _dark: '{colors.stone.50}' } },
          4: { value: { _light: '{colors.pine.950}', _dark: '{colors.pine.950}' } },
          5: { value: { _light: '{colors.stone.50}', _dark: '{colors.pine.950}' } },
        },
      },
    },
  },
});

export const tokens = mergeConfigs(chakras, own);
