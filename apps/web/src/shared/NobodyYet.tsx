import { Link, Text } from '../theme/chakra';
import { Link as RouterLink } from 'react-router';

/** What a station about people says while there are none. */
export function NobodyYet({ what }: { readonly what: string }) {
  return (
    <Text p="6">
      Nobody is on this trip yet. Add members under{' '}
      <Link asChild textDecoration="underline">
        <RouterLink to="../people">People</RouterLink>
      </Link>
      : {what}
    </Text>
  );
}
