import { Box, Heading, Link, Text } from '../theme/chakra';
import { Link as RouterLink, isRouteErrorResponse, useRouteError } from 'react-router';

/** What is shown where there is no page, or where one broke. */
export function Lost() {
  const error = useRouteError();
  const broken =
    error !== undefined && error !== null && !(isRouteErrorResponse(error) && error.status === 404);
  return (
    <Box maxW="34rem" mx="auto" p="10">
      <Heading fontFamily="heading" mb="2">
        {broken ? 'This page broke' : 'There is nothing here'}
      </Heading>
      <Text mb="4">
        {broken
          ? `${error instanceof Error ? error.message : 'Something unexpected happened.'} What was saved is safe; loading the page again usually helps.`
          : 'The address names no page of Graft.'}
      </Text>
      <Link asChild textDecoration="underline">
        <RouterLink to="/trips">All trips</RouterLink>
      </Link>
    </Box>
  );
}
