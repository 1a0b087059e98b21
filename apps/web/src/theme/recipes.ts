/** Recipes of the components that Graft uses. A page that is served has each with its component (`vite.look.ts`). */
import {
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  dialogSlotRecipe,
  fieldSlotRecipe,
  headingRecipe,
  iconRecipe,
  inputRecipe,
  linkRecipe,
  menuSlotRecipe,
  nativeSelectSlotRecipe,
  spinnerRecipe,
  tableSlotRecipe,
  tabsSlotRecipe,
  textareaRecipe,
  tooltipSlotRecipe,
} from '@chakra-ui/react/theme';

export const recipes = {
  button: buttonRecipe,
  checkmark: checkmarkRecipe,
  heading: headingRecipe,
  icon: iconRecipe,
  input: inputRecipe,
  link: linkRecipe,
  spinner: spinnerRecipe,
  textarea: textareaRecipe,
};
export const slotRecipes = {
  checkbox: checkboxSlotRecipe,
  dialog: dialogSlotRecipe,
  field: fieldSlotRecipe,
  menu: menuSlotRecipe,
  nativeSelect: nativeSelectSlotRecipe,
  table: tableSlotRecipe,
  tabs: tabsSlotRecipe,
  tooltip: tooltipSlotRecipe,
};
