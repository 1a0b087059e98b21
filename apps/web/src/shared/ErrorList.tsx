import { Box, Text } from '../theme/chakra';
import { needed, type FieldError } from '@graft/core/schema';
import { useInUnits } from './useInUnits';

/** Every error of a refused input, each with its place. */
export function ErrorList({ title, errors }: { title: string; errors: readonly FieldError[] }) {
  const inUnits = useInUnits();
  return (
    <Box role="alert" borderLeftWidth="4px" borderColor="overload" bg="bg.panel" p="3">
      <Text fontWeight="600" color="overload.fg">
        {needed(title)}
      </Text>
      {errors.length > 0 && (
        <Box
          as="ul"
          mt="1"
          maxH="18rem"
          overflowY="auto"
          listStyleType="none"
          tabIndex={0}
          aria-label="Errors"
        >
          {errors.map((error, i) => (
            <Box as="li" key={i} py="0.5" fontSize="xs">
              {error.path !== '' && (
                <Text as="span" fontWeight="600" mr="2" wordBreak="break-all">
                  {error.path}
                </Text>
              )}
              {inUnits(needed(error.message))}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
