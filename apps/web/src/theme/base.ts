/**
 * What Graft takes of Chakra's own look. The whole of it costs a page a tenth of a second of work at every load, and a
 * phone much more.
 */
import { defineConfig, mergeConfigs } from '@chakra-ui/react/styled-system';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import {
  animationStyles,
  breakpoints,
  cssVarsPrefix,
  cssVarsRoot,
  layerStyles,
  textStyles,
} from '@chakra-ui/react/theme';
import { recipes, slotRecipes } from './recipes';

export const base = mergeConfigs(
  defaultBaseConfig,
  defineConfig({
    cssVarsPrefix,
    cssVarsRoot,
    theme: {
      animationStyles,
      breakpoints,
      layerStyles,
      textStyles,
      recipes,
      slotRecipes,
    },
  }),
);
