import { Box, Button, Flex, Grid, Heading, Text } from '../theme/chakra';
import { useMutation } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { useAccountSession } from '../shared/AccountProvider';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { DoorForm } from './DoorForm';

const LivePicture = lazy(() => import('./LivePicture'));

/** What an unknown visitor sees: what Graft does, the demo without an account, and the way in. */
export default function WelcomePage() {
  const { enter, demoOffered } = useAccountSession();
  const demo = useMutation({ mutationFn: api.demo, onSuccess: enter });
  return (
    <Box as="main" maxW="84rem" mx="auto" px={{ base: '4', md: '6' }} py={{ base: '5', md: '7' }}>
      <Grid
        columnGap="6"
        rowGap="5"
        alignItems="start"
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 22rem' }}
        templateRows={{ lg: 'auto auto 1fr' }}
        templateAreas={{
          base: '"what" "beams" "pack" "door"',
          lg: '"what door" "beams door" "beams pack"',
        }}
      >
        <Box gridArea="what">
          <Heading as="h1" fontFamily="heading" fontSize="3xl" mb="1">
            Graft
          </Heading>
          <Text fontFamily="heading" fontSize="2xl" fontWeight="600" mb="2">
            list · share · stow
          </Text>
          <Text fontSize="md" mb="4" maxW="34rem">
            For whoever leads a group on foot: tents, cook kits, food and water shared so that each load fits
            its body, and every pack planned so that it rides right.
          </Text>
          {demoOffered && (
            <Flex align="center" columnGap="4" rowGap="2" wrap="wrap">
              <Button size="md" loading={demo.isPending} onClick={() => demo.mutate()}>
                Try it, no account
              </Button>
              <Text color="fg.muted" fontSize="xs" maxW="24rem">
                A made-up plover census of eight, a hut roof, a field class of 28. Nothing to fill in; whoever
                uses this machine shares it.
              </Text>
            </Flex>
          )}
          {demo.error !== null && <ErrorList title={demo.error.message} errors={[]} />}
        </Box>
        <Box gridArea="door" bg="bg.panel" borderWidth="1px" px="5" py="4">
          <DoorForm />
        </Box>
        <Suspense>
          <LivePicture />
        </Suspense>
      </Grid>
      <Text mt="6" fontSize="xs" color="fg.muted" maxW="60rem">
        Graft shows planning estimates, never medical advice. A qualified leader decides on the ground. Body
        weights and health notes are kept for the leaders of a trip only; you can export or delete all you
        entered at any time.
      </Text>
    </Box>
  );
}
