/**
 * What Chakra takes of Ark beside the components that Graft uses: which parts the other components have, for their
 * looks. The components themselves would be a thousand modules more at the start of every test file.
 */
export * from '@ark-ui/react/anatomy';
export { dataAttr } from '@zag-js/dom-query';
