import { useMedia } from './useMedia';

/** Whether the page is as narrow as a phone's, or a desk's at 200 %: below the breakpoint `md` of the theme. */
export const usePhone = (): boolean => useMedia('(max-width: 47.9375em)');
