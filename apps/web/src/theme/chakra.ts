/**
 * The components of Chakra that Graft uses, each from its own file. The package's one index loads twelve hundred modules
 * more, at every start of a test file.
 */
export { Box } from '@chakra-ui/react/box';
export { Button, CloseButton, IconButton, type ButtonProps } from '@chakra-ui/react/button';
export { Checkbox } from '@chakra-ui/react/checkbox';
export { Dialog } from '@chakra-ui/react/dialog';
export { Field } from '@chakra-ui/react/field';
export { Flex, type FlexProps } from '@chakra-ui/react/flex';
export { Grid } from '@chakra-ui/react/grid';
export { Heading } from '@chakra-ui/react/heading';
export { HStack } from '@chakra-ui/react/stack';
export { Input } from '@chakra-ui/react/input';
export { Link } from '@chakra-ui/react/link';
export { Menu } from '@chakra-ui/react/menu';
export { NativeSelect } from '@chakra-ui/react/native-select';
export { Portal } from '@chakra-ui/react/portal';
export { SimpleGrid } from '@chakra-ui/react/simple-grid';
export { Table } from '@chakra-ui/react/table';
export { Tabs } from '@chakra-ui/react/tabs';
export { Text } from '@chakra-ui/react/text';
export { Textarea } from '@chakra-ui/react/textarea';
export { Tooltip } from '@chakra-ui/react/tooltip';
export { VisuallyHidden } from '@chakra-ui/react/visually-hidden';
