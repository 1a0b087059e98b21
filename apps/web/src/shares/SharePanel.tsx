import { Suspense, useState } from 'react';
import { part } from '../shared/part';
import { Tabs } from '../shared/Tabs';
import { Box, Button, Text } from '../theme/chakra';
import { PlainDialog } from '../shared/PlainDialog';
import type { Tab } from './boardSession';
import { TABS } from './boardSession';
import { PieceDetail } from './PieceDetail';
import { PieceFinder } from './PieceFinder';
import { ShareFigurePanel } from './ShareFigurePanel';
import { UnsharedTray } from './UnsharedTray';
import { usePhone } from '../shared/usePhone';
import type { ShareBoard } from './useShareBoard';
import { WhoHasIt } from './WhoHasIt';

const ReshareTab = part(() => import('./ReshareTab'), 'ReshareTab');
const WhatIfTab = part(() => import('./WhatIfTab'), 'WhatIfTab');
const RecordTab = part(() => import('./RecordTab'), 'RecordTab');
const SplitDialog = part(() => import('./SplitDialog'), 'SplitDialog');

/** Beside the beams: the share's figures, re-share, what-ifs, the record. */
export function SharePanel({ board }: { board: ShareBoard }) {
  const { tab, day, dispatch } = board;
  return (
    <Box
      as="aside"
      aria-label="Share"
      w={{ base: '100%', lg: '344px' }}
      flexShrink={0}
      borderLeftWidth="1px"
      bg="bg.panel"
      overflowY="auto"
    >
      <Box px="4" pt="3" fontSize="xs">
        <Tabs
          label="What the panel shows"
          tabs={Object.entries(TABS) as [Tab, string][]}
          value={tab}
          onChoose={(next) => dispatch({ type: 'show', what: { tab: next } })}
        />
      </Box>
      <Suspense fallback={null}>
        {tab === 'reshare' && <ReshareTab day={day === 'heaviest' ? undefined : day} />}
        {tab === 'whatIf' && <WhatIfTab />}
        {tab === 'record' && <RecordTab />}
      </Suspense>
      {tab === 'share' && <ShareTab board={board} />}
    </Box>
  );
}

/** The share as it is: its figures, what nobody carries, and the chosen piece. */
function ShareTab({ board }: { board: ShareBoard }) {
  const { figures, shown, chosen, chosenId, chosenIds, heldIds, choose } = board;
  const [splitOpen, setSplitOpen] = useState(false);
  const isPhone = usePhone();
  const close = (): void => board.dispatch({ type: 'unchoose' });
  return (
    <>
      <ShareFigurePanel figures={figures} shown={shown} previewing={board.inHand?.target !== undefined} />
      <UnsharedTray pieces={figures.unshared} chosenIds={chosenIds} heldIds={heldIds} onChoose={choose} />
      <WhoHasIt onChoose={choose} />
      <PieceFinder chosenId={chosenId} onChoose={choose} />
      <Box px="4" pt="2">
        <Button size="xs" variant="outline" onClick={() => setSplitOpen(true)}>
          If the party splits
        </Button>
      </Box>
      {chosen === undefined || isPhone ? (
        <Text px="4" py="2" fontSize="xs" color="fg.muted">
          Choose a piece to see what holds it and what every other carrier would make of it.
        </Text>
      ) : (
        <PieceDetail
          piece={chosen}
          figures={figures}
          shown={shown}
          day={board.dayOf(chosen.id)}
          onGive={board.give}
        />
      )}
      <PlainDialog title={chosen?.name ?? ''} open={isPhone && chosen !== undefined} onClose={close}>
        {chosen !== undefined && (
          <PieceDetail
            piece={chosen}
            figures={figures}
            shown={shown}
            day={board.dayOf(chosen.id)}
            onGive={(piece, memberId) => {
              board.give(piece, memberId);
              close();
            }}
          />
        )}
      </PlainDialog>
      <PlainDialog title="Sets and splits" open={splitOpen} onClose={() => setSplitOpen(false)} size="lg">
        <SplitDialog />
      </PlainDialog>
    </>
  );
}
