import { Flex, type FlexProps } from '../theme/chakra';

/** A line between the stations' line and the station: something to know, with what can be done about it. */
export const Strip = (props: FlexProps) => (
  <Flex
    data-screen-only
    bg="bg.panel"
    borderBottomWidth="1px"
    align="center"
    gap="3"
    px="4"
    py="1.5"
    fontSize="xs"
    wrap="wrap"
    flexShrink={0}
    {...props}
  />
);
