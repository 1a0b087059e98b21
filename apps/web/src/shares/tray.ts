/** The drop target that takes a piece from everybody. */
export const TRAY = 'tray';
