import { useMutation } from '@tanstack/react-query';
import { lazy, Suspense, type ReactNode } from 'react';
import { api } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { Button, Flex, Grid, Heading, Text } from '../theme/chakra';
import { ImportButton } from './ImportButton';
import { useOpenMade } from './useOpenMade';
import hut from '../../../../data/demo/hut-roof.graft.json?url';

const LivePicture = lazy(() => import('../welcome/LivePicture'));

/** How the first trip begins: anew, from a file, or with one that is there to try things out. */
export default function Doors({ onNew }: { onNew: () => void }) {
  const trying = useMutation({
    mutationFn: async () => api.importFile(await (await fetch(hut)).text()),
    onSuccess: useOpenMade(),
  });
  return (
    <>
      <Flex gap="5" align="stretch" direction={{ base: 'column', md: 'row' }} mb="6">
        <Door
          title="A new trip"
          about="Its name, its dates and what kind of trip it is. People, and a list that you have already, come next."
        >
          <Button size="sm" onClick={onNew}>
            New trip
          </Button>
        </Door>
        <Door
          title="From a file"
          about="One that somebody exported from Graft, whole: way, people, kit, share and stows."
        >
          <ImportButton />
        </Door>
        <Door
          title="Something to try"
          about="Two people mend a hut roof: shared and stowed, made up, and yours to change or delete."
        >
          <Button size="sm" variant="outline" loading={trying.isPending} onClick={() => trying.mutate()}>
            Try a made-up trip
          </Button>
          {trying.isError && <ErrorList title={trying.error.message} errors={[]} />}
        </Door>
      </Flex>
      <Grid
        gap="5"
        alignItems="start"
        templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 20rem' }}
        templateAreas={{ base: '"beams" "pack"', lg: '"beams pack"' }}
      >
        <Suspense>
          <LivePicture />
        </Suspense>
      </Grid>
    </>
  );
}

interface DoorProps {
  readonly title: string;
  readonly about: string;
  /** What it leads to. */
  readonly preview?: ReactNode;
  readonly children: ReactNode;
}

/** One of several ways to begin. */
export function Door({ title, about, preview, children }: DoorProps) {
  return (
    <Flex
      as="section"
      aria-label={title}
      direction="column"
      flex="1"
      bg="bg.panel"
      borderWidth="1px"
      p="5"
      gap="3"
    >
      <Heading as="h2" fontFamily="heading" fontSize="md">
        {title}
      </Heading>
      <Text fontSize="sm" color="fg.muted" flex="1">
        {about}
      </Text>
      {preview}
      <Flex direction="column" gap="2" align="start">
        {children}
      </Flex>
    </Flex>
  );
}
