import { Box, Button, Flex, Heading, Input, Text } from '../theme/chakra';
import { Plus } from 'lucide-react';
import { useMemo, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import {
  libraryEntryErrors,
  type DishEntry,
  type KitEntry,
  type LibraryEntry,
  type ThingEntry,
} from '@graft/core/library';
import { UNKNOWN_FACTS } from '@graft/core/lists';
import { freshId } from '@graft/core/trip';
import { Tabs } from '../shared/Tabs';
import { useLibrary } from '../shared/useLibrary';
import { counted } from '../shared/words';
import { newPiece } from './KitTable';
import { OutingsPanel } from './OutingsPanel';
import { EntryTable } from './EntryTable';

const SETS = [
  ['thing', 'Things'],
  ['kit', 'Kits'],
  ['dish', 'Dishes'],
] as const;

const KIND_WORDS = { thing: 'Thing', kit: 'Kit', dish: 'Dish' } as const;
const NEW_DISH: DishEntry['dish'] = {
  form: 'dried',
  gPerServing: 150,
  kcalPerServing: 600,
  packagingG: 5,
  volumeL: 0.3,
  boilL: 0.4,
  potL: 0.5,
};

/** The leader's own kit library: what is taken onto the lists of trips, and what each thing's trips have taught. */
export function LibraryPage() {
  const library = useLibrary();
  const { entries, edit } = library;
  const [set, setSet] = useState<LibraryEntry['kind']>('thing');
  const [search, setSearch] = useState('');
  const [reached, setReached] = useState<string | undefined>();
  const [scroller, setScroller] = useState<HTMLDivElement | null>(null);
  /** What was taken away last, to be put back. */
  const [undo, setUndo] = useState<{ readonly before: LibraryEntry; readonly what: string } | undefined>();
  const needle = search.trim().toLowerCase();
  const shown = useMemo(
    () => entries.filter((e) => e.kind === set && e.name.toLowerCase().includes(needle)),
    [entries, set, needle],
  );
  const chosen = entries.find((e): e is ThingEntry | KitEntry => e.id === reached && e.kind === set);
  const save = useMemo(() => {
    const check = (entry: LibraryEntry): string | undefined => libraryEntryErrors(entry)[0]?.message;
    return {
      check,
      put: (entry: LibraryEntry) => edit([{ kind: 'put', entry }]),
      change: (before: LibraryEntry, after: LibraryEntry, what: string) => {
        edit([{ kind: 'put', entry: after }]);
        setUndo({ before, what });
      },
      remove: (entry: LibraryEntry) => {
        edit([{ kind: 'remove', id: entry.id }]);
        setUndo({ before: entry, what: `${entry.name} removed` });
      },
    };
  }, [edit]);
  const add = (): void => {
    const name = `New ${KIND_WORDS[set].toLowerCase()}`;
    const id = freshId(
      name,
      entries.map((e) => e.id),
    );
    save.put(newEntry(set, id, name));
    setSearch('');
  };
  return (
    <Flex direction="column" h="100dvh">
      <LibraryHead loading={library.loading} unsaved={library.unsaved} count={entries.length} />
      <Flex as="main" direction="column" flex="1" minH="0">
        <Flex gap="3" px="4" py="2" align="center" borderBottomWidth="1px" flexShrink={0} wrap="wrap">
          <Tabs label="Library" tabs={SETS} value={set} onChoose={setSet} />
          <Input
            size="sm"
            w="14rem"
            placeholder="Find by name"
            aria-label="Find by name"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <Box flex="1" />
          {set === 'kit' && (
            <Text fontSize="xs" color="fg.muted">
              “To library” on a trip’s list keeps a kit here too.
            </Text>
          )}
          <Button size="xs" variant="outline" onClick={add}>
            <Plus size={13} /> {KIND_WORDS[set]}
          </Button>
        </Flex>
        {undo !== undefined && (
          <UndoLine
            what={undo.what}
            onBack={() => {
              save.put(undo.before);
              setUndo(undefined);
            }}
            onClose={() => setUndo(undefined)}
          />
        )}
        {library.problem !== undefined && (
          <Text role="alert" px="4" py="1" color="overload.fg">
            {library.problem}
          </Text>
        )}
        <Flex flex="1" minH="0">
          <Box ref={setScroller} flex="1" minW="0" overflow="auto" pe="3" pb="6">
            <EntryTable
              set={set}
              shown={shown}
              save={save}
              scroller={scroller}
              reached={reached}
              onReach={setReached}
            />
            {shown.length === 0 && !library.loading && (
              <Text py="6">{needle === '' ? 'Nothing here yet.' : `Nothing is named like “${search}”.`}</Text>
            )}
          </Box>
          {set !== 'dish' && (
            <Box w="300px" flexShrink={0} borderStartWidth="1px" bg="bg.panel" overflow="auto" px="3" py="3">
              <OutingsPanel entry={chosen} put={save.put} />
            </Box>
          )}
        </Flex>
      </Flex>
    </Flex>
  );
}

function newEntry(kind: LibraryEntry['kind'], id: string, name: string): LibraryEntry {
  switch (kind) {
    case 'thing':
      return { kind, id, name, use: 'each', worn: false, thing: UNKNOWN_FACTS, outings: [] };
    case 'kit':
      return { kind, id, name, pieces: [newPiece()], outings: [] };
    case 'dish':
      return { kind, id, name, meals: ['dinner'], dish: NEW_DISH };
  }
}

function LibraryHead({ loading, unsaved, count }: { loading: boolean; unsaved: boolean; count: number }) {
  return (
    <Flex
      as="header"
      align="center"
      gap="4"
      px="4"
      h="44px"
      borderBottomWidth="1px"
      bg="bg.panel"
      flexShrink={0}
    >
      <RouterLink to="/trips">
        <Text as="span" fontWeight="700" fontFamily="heading">
          Graft
        </Text>
      </RouterLink>
      <Heading as="h1" size="sm" fontFamily="heading">
        Kit library
      </Heading>
      <Text fontSize="xs" color="fg.muted">
        {loading
          ? 'reading …'
          : `${counted(count, 'entry').replace('entrys', 'entries')}, yours alone; a trip copies what it takes`}
      </Text>
      <Box flex="1" />
      <Text fontSize="xs" color="fg.muted" role="status" aria-live="polite">
        {unsaved ? 'Saving …' : loading ? '' : 'Saved'}
      </Text>
    </Flex>
  );
}

/** What was taken away last, to be put back. */
function UndoLine({ what, onBack, onClose }: { what: string; onBack: () => void; onClose: () => void }) {
  return (
    <Flex px="4" py="1" gap="3" align="center" borderBottomWidth="1px" fontSize="xs" role="status">
      {what}.
      <Button size="2xs" variant="outline" onClick={onBack}>
        Put back
      </Button>
      <Button size="2xs" variant="ghost" onClick={onClose}>
        Close
      </Button>
    </Flex>
  );
}
