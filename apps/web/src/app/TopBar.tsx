import { Box, Button, Flex, HStack, IconButton, Link, Text, type ButtonProps } from '../theme/chakra';
import {
  ArchiveRestore,
  CircleUserRound,
  Download,
  Eye,
  EyeOff,
  Keyboard,
  Moon,
  Redo2,
  ScrollText,
  Sun,
  Undo2,
  Users,
} from 'lucide-react';
import { memo, useEffect, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { LeadersDialog } from '../account/LeadersDialog';
import { useReachable } from '../device/network';
import { useAccountSession } from '../shared/AccountProvider';
import { tripDates } from '../shared/dates';
import { exportTrip } from '../shared/download';
import { usePreferences } from '../shared/preferences';
import { useSaving, useTrip, useTripCommands } from '../shared/tripContext';
import { PlainDialog } from '../shared/PlainDialog';
import { KeysDialog } from './KeysDialog';
import { RemovedList } from './RemovedParts';
import { TripHistory } from './TripHistory';

/** Whether a key press is typing, not a command. */
function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement;
  if (target instanceof HTMLInputElement) return !/^(radio|checkbox|range|button)$/.test(target.type);
  return target.isContentEditable || /^(TEXTAREA|SELECT)$/.test(target.tagName);
}

/** The bar over an open trip; its parts are drawn apart, since a trip changes with every entry and most of them do not. */
export function TopBar() {
  return (
    <Flex
      as="header"
      align="center"
      columnGap={{ base: '2', lg: '4' }}
      wrap={{ base: 'wrap', lg: 'nowrap' }}
      px="4"
      minH="44px"
      bg="bg.panel"
      borderBottomWidth="1px"
      flexShrink={0}
    >
      <Link asChild fontFamily="heading" fontWeight="700" fontSize="md" color="fg">
        <RouterLink to="/trips" aria-label="Graft, all trips">
          Graft
        </RouterLink>
      </Link>
      <OpenTrip />
      <Box flex="1" />
      <Saved />
      <History />
      <Tools />
    </Flex>
  );
}

function Tool({ label, ...button }: { label: string } & ButtonProps) {
  return <IconButton size="xs" variant="ghost" aria-label={label} {...button} />;
}

function OpenTrip() {
  const { trip } = useTrip();
  return <Title name={trip.name} dates={tripDates(trip.startDate, trip.legs.length)} />;
}

const Title = memo(function Title({ name, dates }: { name: string; dates: string }) {
  return (
    <>
      <Box as="h1" fontFamily="heading" fontWeight="600" fontSize="md" truncate title={name}>
        {name}
      </Box>
      <Text color="fg.muted" whiteSpace="nowrap">
        {dates}
      </Text>
    </>
  );
});

function Saved() {
  const { unsaved } = useSaving();
  const reachable = useReachable();
  return (
    <Text fontSize="xs" color="fg.muted" role="status" aria-live="polite" whiteSpace="nowrap">
      {unsaved ? (reachable ? 'Saving …' : 'Kept here') : 'Saved'}
    </Text>
  );
}

function History() {
  const { undo, redo, undoLabel, redoLabel } = useTrip();
  return (
    <HStack gap="0.5">
      <Tool
        label={`Undo ${undoLabel ?? ''}`}
        title={undoLabel === undefined ? 'Nothing to undo' : `Undo: ${undoLabel} (Ctrl Z)`}
        onClick={undo}
        disabled={undoLabel === undefined}
      >
        <Undo2 size={16} />
      </Tool>
      <Tool
        label={`Redo ${redoLabel ?? ''}`}
        title={redoLabel === undefined ? 'Nothing to redo' : `Redo: ${redoLabel} (Ctrl Shift Z)`}
        onClick={redo}
        disabled={redoLabel === undefined}
      >
        <Redo2 size={16} />
      </Tool>
    </HStack>
  );
}

function Tools() {
  const { undo, redo, session } = useTripCommands();
  const [removedOpen, setRemovedOpen] = useState(false);
  const [historyOpen, setHistoryOpen] = useState(false);
  const { account } = useAccountSession();
  const [leadersOpen, setLeadersOpen] = useState(false);
  const { massUnit, hideWeights, dark, set } = usePreferences();
  const [keysOpen, setKeysOpen] = useState(false);

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
      } else if (event.key === '?') setKeysOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);

  return (
    <>
      <Button
        size="xs"
        variant="ghost"
        onClick={() => set({ massUnit: massUnit === 'kg' ? 'lb' : 'kg' })}
        aria-label={
          massUnit === 'kg'
            ? 'Units: kg, km, °C; switch to lb, miles, °F'
            : 'Units: lb, miles, °F; switch to kg, km, °C'
        }
      >
        {massUnit === 'kg' ? 'kg, km' : 'lb, mi'}
      </Button>
      <Button
        size="xs"
        variant="ghost"
        aria-pressed={hideWeights}
        onClick={() => set({ hideWeights: !hideWeights })}
        title="Hide body weights, limits and health notes, on screen and on paper"
      >
        {hideWeights ? <EyeOff size={15} /> : <Eye size={15} />}{' '}
        {hideWeights ? 'Body weights hidden' : 'Hide body weights'}
      </Button>
      <Button
        size="xs"
        variant="ghost"
        title="The whole trip as a file, as it is on this page"
        onClick={() => exportTrip(session().trip)}
      >
        <Download size={15} /> Export
      </Button>
      <Tool
        label={dark ? 'Light colours' : 'Dark colours'}
        title={dark ? 'Light colours' : 'Dark colours'}
        onClick={() => set({ dark: !dark })}
      >
        {dark ? <Sun size={16} /> : <Moon size={16} />}
      </Tool>
      <Tool label="Keys" title="Keys (?)" onClick={() => setKeysOpen(true)}>
        <Keyboard size={16} />
      </Tool>
      <Tool
        label="History"
        title="History: who changed what in this trip, and back to before it"
        onClick={() => setHistoryOpen(true)}
      >
        <ScrollText size={16} />
      </Tool>
      <Tool
        label="Removed"
        title="Removed: what was taken out of this trip, to bring back"
        onClick={() => setRemovedOpen(true)}
      >
        <ArchiveRestore size={16} />
      </Tool>
      <Tool label="Who leads this trip" title="Who leads this trip" onClick={() => setLeadersOpen(true)}>
        <Users size={16} />
      </Tool>
      <IconButton size="xs" variant="ghost" asChild>
        <RouterLink to="/account" aria-label={`Account of ${account?.name ?? ''}`} title={account?.name}>
          <CircleUserRound size={16} />
        </RouterLink>
      </IconButton>
      <PlainDialog title="Removed from this trip" open={removedOpen} onClose={() => setRemovedOpen(false)}>
        <RemovedList onDone={() => setRemovedOpen(false)} />
      </PlainDialog>
      <PlainDialog title="History of this trip" open={historyOpen} onClose={() => setHistoryOpen(false)}>
        <TripHistory onDone={() => setHistoryOpen(false)} />
      </PlainDialog>
      <LeadersDialog open={leadersOpen} onClose={() => setLeadersOpen(false)} />
      <KeysDialog open={keysOpen} onClose={() => setKeysOpen(false)} />
    </>
  );
}
