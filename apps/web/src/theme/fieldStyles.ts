/** How the page is on a phone, outdoors: for one hand, and for bright sun. */
import { defineGlobalStyles } from '@chakra-ui/react/styled-system';

/** For bright sun: one ground, one ink, and every line in it; what carries meaning keeps its colour. */
const contrast = (ground: string, ink: string, between: string): Readonly<Record<Variable, string>> => ({
  ...Object.fromEntries(
    ['bg', 'bg-panel', 'bg-subtle'].map((name) => [variable(name), `${ground} !important`]),
  ),
  ...Object.fromEntries(
    ['fg', 'fg-muted', 'fg-subtle', 'border', 'border-muted', 'border-emphasized'].map((name) => [
      variable(name),
      `${ink} !important`,
    ]),
  ),
  ...Object.fromEntries(
    ['bg-muted', 'bg-emphasized'].map((name) => [variable(name), `${between} !important`]),
  ),
});
type Variable = `--${string}`;
const variable = (name: string): Variable => `--chakra-colors-${name}`;

export const fieldStyles = defineGlobalStyles({
  'html.contrast': contrast('#fff', '#000', '#ddd'),
  'html.contrast.dark': contrast('#000', '#fff', '#333'),
  // In one hand, in the rain: what is touched is as large as a fingertip, 44 px.
  'button:not([data-piece]), select, .tab, .fold, .sort-button, .link-button, .remove-button, .chakra-button, .chakra-link':
    { mdDown: { minHeight: '44px !important' } },
  '.chakra-link': { mdDown: { alignItems: 'center', minWidth: '44px' } },
  // Letters of 16 px: a phone does not enlarge the page when somebody types.
  'input:not([type=checkbox], [type=radio], [type=file], [type=range], [type=hidden]), textarea': {
    mdDown: { minHeight: '44px !important', minWidth: '44px !important', fontSize: '16px !important' },
  },
  'button:not([data-piece]), .remove-button, .tab': { mdDown: { minWidth: '44px !important' } },
  '[data-shell] .tab': {
    mdDown: { flexShrink: '0', display: 'inline-flex', alignItems: 'center', paddingInline: '3' },
  },
  '[data-shell] .fold': {
    mdDown: {
      display: 'flex',
      alignItems: 'center',
      _before: { content: '"▸"', width: '1.2em' },
    },
  },
  '[data-shell] [open] > .fold': { mdDown: { _before: { content: '"▾"' } } },
  '.slider, input[type=range]': { mdDown: { minHeight: '44px !important' } },
  'label:has(> input[type=checkbox]), label:has(> input[type=radio]:not(.tab-input))': {
    mdDown: { display: 'inline-block', minHeight: '44px', paddingBlock: '3' },
  },
  'label > input[type=checkbox], label > input[type=radio]:not(.tab-input)': {
    mdDown: { width: '22px', height: '22px', marginInlineEnd: '2' },
  },
  '.grid-cell input[type=checkbox], th input[type=checkbox]': {
    mdDown: { width: '24px', height: '24px', margin: '0' },
  },
  '.grid-table:not([data-virtual]) .grid-cell': { mdDown: { height: '44px' } },
  // What only keys or a mouse can do is not said where there are none.
  '[data-for-keys]': { '@media (hover: none)': { display: 'none' }, mdDown: { display: 'none' } },
});
