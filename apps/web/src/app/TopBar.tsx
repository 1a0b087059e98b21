import { Box, Button, Flex, HStack, IconButton, Link, Text, type ButtonProps } from '../theme/chakra';
import { CircleUserRound, Menu as MenuIcon, Redo2, Undo2 } from 'lucide-react';
import { lazy, memo, Suspense, useEffect, useState } from 'react';
import { RouterLink } from '../shared/RouterLink';
import { useReachable } from '../device/network';
import { useStorageState } from '../device/useDevice';
import { useAccountSession } from '../shared/AccountProvider';
import { tripDates } from '../shared/dates';
import { useSaving, useTrip, useTripCommands } from '../shared/tripContext';
import { usePhone } from '../shared/usePhone';
import { useTools, type Opened } from './useTools';

const BarDialogs = lazy(() => import('./BarDialogs'));

/** Whether a key press is typing, not a command. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement;
  if (target instanceof HTMLInputElement) return !/^(radio|checkbox|range|button)$/.test(target.type);
  return target.isContentEditable || /^(TEXTAREA|SELECT)$/.test(target.tagName);
}

/** The bar over an open trip; its parts are drawn apart, since a trip changes with every entry and most of them do not. */
export function TopBar() {
  const isPhone = usePhone();
  const [opened, setOpened] = useState<Opened | undefined>();
  // Once opened they stay, to hand the focus back.
  const [wasOpened, setWasOpened] = useState(false);
  if (opened !== undefined && !wasOpened) setWasOpened(true);
  useCommandKeys(setOpened);
  return (
    <Flex
      as="header"
      align="center"
      columnGap={{ base: '2', lg: '4' }}
      wrap={{ base: 'nowrap', md: 'wrap', lg: 'nowrap' }}
      px={{ base: '2', md: '4' }}
      minH="44px"
      bg="bg.panel"
      borderBottomWidth="1px"
      flexShrink={0}
    >
      <Link
        asChild
        fontFamily="heading"
        fontWeight="700"
        fontSize="md"
        color="fg"
        minH={{ base: '44px', md: '0' }}
        alignItems="center"
      >
        <RouterLink to="/trips" aria-label="Graft, all trips">
          {isPhone ? '‹' : ''}
          Graft
        </RouterLink>
      </Link>
      <OpenTrip isPhone={isPhone} />
      <Box flex="1" />
      <Saved />
      <History />
      {isPhone ? (
        <IconButton size="xs" variant="ghost" aria-label="Menu" onClick={() => setOpened('menu')}>
          <MenuIcon size={20} />
        </IconButton>
      ) : (
        <ToolRow onOpen={setOpened} />
      )}
      {wasOpened && (
        <Suspense fallback={null}>
          <BarDialogs opened={opened} onOpen={setOpened} />
        </Suspense>
      )}
    </Flex>
  );
}

function Small({ label, ...button }: { label: string } & ButtonProps) {
  return <IconButton size="xs" variant="ghost" aria-label={label} {...button} />;
}

function OpenTrip({ isPhone }: { isPhone: boolean }) {
  const { trip } = useTrip();
  return <Title name={trip.name} dates={isPhone ? '' : tripDates(trip.startDate, trip.legs.length)} />;
}

const Title = memo(function Title({ name, dates }: { name: string; dates: string }) {
  return (
    <>
      <Box
        as="h1"
        fontFamily="heading"
        fontWeight="600"
        fontSize={{ base: 'sm', md: 'md' }}
        truncate
        title={name}
      >
        {name}
      </Box>
      {dates !== '' && (
        <Text color="fg.muted" whiteSpace="nowrap">
          {dates}
        </Text>
      )}
    </>
  );
});

function Saved() {
  const { unsaved } = useSaving();
  const reachable = useReachable();
  const away = useStorageState() === 'ok' ? 'Kept here' : 'Not saved';
  return (
    <Text fontSize="xs" color="fg.muted" role="status" aria-live="polite" whiteSpace="nowrap">
      {unsaved ? (reachable ? 'Saving …' : away) : 'Saved'}
    </Text>
  );
}

function History() {
  const { undo, redo, undoLabel, redoLabel } = useTrip();
  return (
    <HStack gap={{ base: '0', md: '0.5' }}>
      <Small
        label={`Undo ${undoLabel ?? ''}`}
        title={undoLabel === undefined ? 'Nothing to undo' : `Undo: ${undoLabel} (Ctrl Z)`}
        onClick={undo}
        disabled={undoLabel === undefined}
      >
        <Undo2 size={16} />
      </Small>
      <Small
        label={`Redo ${redoLabel ?? ''}`}
        title={redoLabel === undefined ? 'Nothing to redo' : `Redo: ${redoLabel} (Ctrl Shift Z)`}
        onClick={redo}
        disabled={redoLabel === undefined}
      >
        <Redo2 size={16} />
      </Small>
    </HStack>
  );
}

/** On a wide screen: each tool by its sign, the first ones with their word. */
function ToolRow({ onOpen }: { onOpen: (what: Opened) => void }) {
  const { account } = useAccountSession();
  return (
    <>
      {useTools(onOpen).map((tool) =>
        tool.word === undefined ? (
          <Small key={tool.label} label={tool.label} title={tool.title} onClick={tool.act}>
            <tool.Sign size={16} />
          </Small>
        ) : (
          <Button
            key={tool.label}
            size="xs"
            variant="ghost"
            title={tool.title}
            aria-label={tool.said}
            aria-pressed={tool.pressed}
            onClick={tool.act}
          >
            {tool.hasSign && <tool.Sign size={15} />} {tool.word}
          </Button>
        ),
      )}
      <IconButton size="xs" variant="ghost" asChild>
        <RouterLink to="/account" aria-label={`Account of ${account?.name ?? ''}`} title={account?.name}>
          <CircleUserRound size={16} />
        </RouterLink>
      </IconButton>
    </>
  );
}

function useCommandKeys(onOpen: (what: Opened) => void): void {
  const { undo, redo } = useTripCommands();
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event)) return;
      const key = event.key.toLowerCase();
      if ((event.ctrlKey || event.metaKey) && key === 'z') {
        event.preventDefault();
        if (event.shiftKey) redo();
        else undo();
      } else if ((event.ctrlKey || event.metaKey) && key === 'y') {
        event.preventDefault();
        redo();
      } else if (event.key === '/') {
        event.preventDefault();
        document.querySelector<HTMLElement>('[data-find]')?.focus();
      } else if (event.key === '?') onOpen('keys');
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo, onOpen]);
}
