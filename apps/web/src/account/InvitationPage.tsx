import { Box, Button, Heading, Link, Text } from '../theme/chakra';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { RouterLink } from '../shared/RouterLink';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { ROLE_WORDS } from '../shared/words';

/** What an invitation's link opens: what it offers, and the choice. */
export function InvitationPage() {
  const { token = '' } = useParams();
  const navigate = useNavigate();
  const offer = useQuery({
    queryKey: ['invitation', token],
    queryFn: () => api.invitation(token),
    retry: false,
  });
  const accept = useMutation({
    mutationFn: () => api.acceptInvitation(token),
    onSuccess: ({ tripId }) => void navigate(`/trips/${tripId}`),
  });
  const error = offer.error ?? accept.error;
  return (
    <Box as="main" maxW="34rem" mx="auto" p="10">
      {offer.data !== undefined && (
        <>
          <Heading as="h1" fontFamily="heading" fontSize="xl" mb="2">
            {offer.data.tripName}
          </Heading>
          <Text mb="4">
            {offer.data.owner} invites you to lead with them. {ROLE_WORDS[offer.data.role].about} You will see
            the members’ body weights and health notes: they are private.
          </Text>
          <Button size="sm" loading={accept.isPending} onClick={() => accept.mutate()}>
            Join the trip’s leaders
          </Button>
        </>
      )}
      {error !== null && <ErrorList title={error.message} errors={[]} />}
      <Box mt="5">
        <Link asChild textDecoration="underline">
          <RouterLink to="/trips">All trips</RouterLink>
        </Link>
      </Box>
    </Box>
  );
}
