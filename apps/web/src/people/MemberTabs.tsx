import { Suspense, useState, type ReactNode } from 'react';
import { Box, Flex, Tabs, Text } from '../theme/chakra';
import type { MemberFigures } from '@graft/core/share';
import type { Member } from '@graft/core/trip';
import { LimitPanel } from './LimitPanel';
import { part } from '../shared/part';
import { usePreferences } from '../shared/preferences';

// What stands on the first tab comes with the station; each of the others when it is opened.
const BodyPanel = part(() => import('./BodyPanel'), 'BodyPanel');
const Groups = part(() => import('./Groups'), 'Groups');
const MemberRulesPanel = part(() => import('./MemberRulesPanel'), 'MemberRulesPanel');
const PackPanel = part(() => import('./PackPanel'), 'PackPanel');
const PartyPacks = part(() => import('./PartyPacks'), 'PartyPacks');
const RoleRota = part(() => import('./RoleRota'), 'RoleRota');
const TrainingPanel = part(() => import('./TrainingPanel'), 'TrainingPanel');
const TrialPanel = part(() => import('./TrialPanel'), 'TrialPanel');

const MEMBER_TABS = [
  ['limit', 'Carry limit'],
  ['trials', 'Carry trial'],
  ['training', 'Training'],
  ['body', 'Conditions and health'],
  ['pack', 'Pack'],
  ['rules', 'House rules'],
] as const;
const PARTY_TABS = [
  ['groups', 'Tents and cook groups'],
  ['packs', 'Packs of the party'],
  ['roles', 'Roles'],
] as const;

interface Props {
  /** The member that is worked on; nobody while there is none. */
  readonly chosen: Member | undefined;
  readonly figures: MemberFigures | undefined;
}

/** What goes beyond a row of the table: of one member, and of the party. */
export function MemberTabs({ chosen, figures }: Props) {
  const [tab, setTab] = useState('limit');
  return (
    <Box flex="1" minH="0" overflow="auto" px="4" pb="4" borderTopWidth="1px" bg="bg.panel">
      <Tabs.Root value={tab} onValueChange={(e) => setTab(e.value)} size="sm" lazyMount unmountOnExit>
        <Flex align="center" gap="3" borderBottomWidth="1px" mb="3" wrap="wrap">
          {chosen !== undefined && (
            <Box fontFamily="heading" fontWeight="600" fontSize="md" data-testid="chosen-member">
              {chosen.name}
            </Box>
          )}
          <Tabs.List
            borderBottomWidth="0"
            flexWrap={{ base: 'nowrap', md: 'wrap', lg: 'nowrap' }}
            overflowX="auto"
          >
            {chosen !== undefined &&
              MEMBER_TABS.map(([id, name]) => (
                <Tabs.Trigger key={id} value={id} px="2" fontSize="xs" whiteSpace="nowrap" flexShrink={0}>
                  {name}
                </Tabs.Trigger>
              ))}
            <Box
              display={{ base: 'none', lg: 'block' }}
              flexShrink={0}
              w="8"
              alignSelf="center"
              textAlign="center"
              color="fg.muted"
              aria-hidden
            >
              ·
            </Box>
            {PARTY_TABS.map(([id, name]) => (
              <Tabs.Trigger key={id} value={id} px="2" fontSize="xs" whiteSpace="nowrap" flexShrink={0}>
                {name}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
        </Flex>
        {chosen !== undefined && (
          <Box key={chosen.id}>
            <Panel value="limit">
              <Private>
                <LimitPanel member={chosen} />
              </Private>
            </Panel>
            <Panel value="trials">
              <Private>
                <TrialPanel member={chosen} />
              </Private>
            </Panel>
            <Panel value="training">
              <Private>
                <TrainingPanel member={chosen} figures={figures} />
              </Private>
            </Panel>
            <Panel value="body">
              <Private>
                <BodyPanel member={chosen} />
              </Private>
            </Panel>
            <Panel value="pack">
              <PackPanel member={chosen} />
            </Panel>
            <Panel value="rules">
              <MemberRulesPanel member={chosen} />
            </Panel>
          </Box>
        )}
        <Panel value="groups">
          <Flex gap="10" wrap="wrap" align="start">
            <Groups kind="tent" title="Tents" />
            <Groups kind="cook" title="Cook groups" />
          </Flex>
        </Panel>
        <Panel value="packs">
          <PartyPacks />
        </Panel>
        <Panel value="roles">
          <RoleRota />
        </Panel>
      </Tabs.Root>
    </Box>
  );
}

/** What stands on a tab: the place for it is there at once. */
function Panel({ value, children }: { value: string; children: ReactNode }) {
  return (
    <Tabs.Content value={value} p="0">
      <Suspense fallback={null}>{children}</Suspense>
    </Tabs.Content>
  );
}

/** What a body weight could be worked out from: limits, trials of shares of it, training, health. */
function Private({ children }: { children: ReactNode }) {
  const { hideWeights } = usePreferences();
  return hideWeights ? (
    <Text>Carry limits, trials, training, conditions and health notes are hidden with the body weights.</Text>
  ) : (
    children
  );
}
