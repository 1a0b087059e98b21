/**
 * What Graft takes of Chakra's own look: the recipes of the components it uses and the tokens they name. The whole of it
 * costs a page a tenth of a second of work at every load, and a phone much more.
 */
import { defineConfig, mergeConfigs } from '@chakra-ui/react/styled-system';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import {
  animationStyles,
  breakpoints,
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  cssVarsPrefix,
  cssVarsRoot,
  dialogSlotRecipe,
  fieldSlotRecipe,
  headingRecipe,
  iconRecipe,
  inputRecipe,
  keyframes,
  layerStyles,
  linkRecipe,
  menuSlotRecipe,
  nativeSelectSlotRecipe,
  progressSlotRecipe,
  semanticTokens,
  spinnerRecipe,
  tableSlotRecipe,
  tabsSlotRecipe,
  textareaRecipe,
  textStyles,
  tokens,
  tooltipSlotRecipe,
} from '@chakra-ui/react/theme';

const { black, blackAlpha, current, gray, red, transparent, white, whiteAlpha } = tokens.colors;
const { gray: grays, red: reds, ...roles } = semanticTokens.colors;
/** Grounds, inks and lines in the colours that are taken. */
const plain = <T extends { success: unknown; warning: unknown; info: unknown }>({
  success: _success,
  warning: _warning,
  info: _info,
  ...rest
}: T): Omit<T, 'success' | 'warning' | 'info'> => rest;

export const base = mergeConfigs(
  defaultBaseConfig,
  defineConfig({
    cssVarsPrefix,
    cssVarsRoot,
    theme: {
      animationStyles,
      breakpoints,
      keyframes,
      layerStyles,
      textStyles,
      tokens: {
        ...tokens,
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
      recipes: {
        button: buttonRecipe,
        checkmark: checkmarkRecipe,
        heading: headingRecipe,
        icon: iconRecipe,
        input: inputRecipe,
        link: linkRecipe,
        spinner: spinnerRecipe,
        textarea: textareaRecipe,
      },
      slotRecipes: {
        checkbox: checkboxSlotRecipe,
        dialog: dialogSlotRecipe,
        field: fieldSlotRecipe,
        menu: menuSlotRecipe,
        nativeSelect: nativeSelectSlotRecipe,
        progress: progressSlotRecipe,
        table: tableSlotRecipe,
        tabs: tabsSlotRecipe,
        tooltip: tooltipSlotRecipe,
      },
    },
  }),
);
