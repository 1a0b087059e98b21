/** Loaded when a file of text is read. */
export { decodeText } from '@graft/core/formats';
