import { Box, Flex } from '../theme/chakra';
import { lazy, memo, Suspense, useEffect, useRef, useState, type RefObject } from 'react';
import { useLocation } from 'react-router';
import { RouterLink, useIsOpen } from '../shared/RouterLink';
import type { Station } from './station';

/** Loaded, and worked out, once the station is there to be read. */
const StationFigures = lazy(() => import('./StationFigures'));

/** The room of a stop, px, holds its usual figure: who aims at one does not meet another when the figures come. */
const STOPS: readonly (readonly [path: string, name: string, room: number])[] = [
  ['brief', 'Trip', 152],
  ['people', 'People', 160],
  ['kit', 'Kit', 145],
  ['larder', 'Food', 142],
  ['shares', 'Shares', 128],
  ['packs', 'Packs', 118],
  ['sheets', 'Sheets', 106],
  ['trail', 'Trail', 100],
  ['debrief', 'Debrief', 118],
];
const ROOM: Readonly<Record<string, number>> = Object.fromEntries(
  STOPS.map(([path, , room]) => [path, room]),
);
const UNTOLD: readonly Station[] = STOPS.map(([path, name]) => ({ path, name, figure: '…', alarm: false }));

/** The stations as stops on one line, each with the figure that tells the state of the plan there. */
export function StationLine({ isLate = true }: { isLate?: boolean }) {
  const [stations, setStations] = useState(UNTOLD);
  const line = useOpenInView(stations);
  return (
    <Flex
      ref={line}
      as="nav"
      aria-label="Stations"
      h="52px"
      px="2"
      justify="space-between"
      bg="bg"
      borderBottomWidth="1px"
      flexShrink={0}
      position="relative"
      overflowX="auto"
      overflowY="hidden"
    >
      {/* The line itself, through the stops. */}
      <Box position="absolute" left="0" right="0" top="14px" borderTopWidth="2px" borderColor="border" />
      {stations.map((station) => (
        <Stop key={station.path} {...station} />
      ))}
      {isLate && (
        <Suspense fallback={null}>
          <StationFigures onTold={setStations} />
        </Suspense>
      )}
    </Flex>
  );
}

/** On a narrow screen the line is scrolled to the open station, and again when what stations tell makes them wider. */
function useOpenInView(stations: readonly Station[]): RefObject<HTMLDivElement | null> {
  const line = useRef<HTMLDivElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    const open = line.current?.querySelector<HTMLElement>('[aria-current=page]');
    if (line.current === null || open === null || open === undefined) return;
    line.current.scrollLeft = open.offsetLeft - (line.current.clientWidth - open.offsetWidth) / 2;
  }, [pathname, stations]);
  return line;
}

/** A stop of the line; drawn anew only when what it tells has changed. */
const Stop = memo(function Stop({ path, name, figure, alarm }: Station) {
  const isOpen = useIsOpen(path);
  return (
    <RouterLink
      to={path}
      aria-current={isOpen ? 'page' : undefined}
      style={{ display: 'block', minWidth: ROOM[path] }}
    >
      <Box
        position="relative"
        px="2"
        h="100%"
        pt="5px"
        _hover={{ '& [data-name]': { textDecoration: 'underline' } }}
        bg={isOpen ? 'bg.panel' : undefined}
        borderBottomWidth="3px"
        borderColor={isOpen ? 'fg' : 'transparent'}
      >
        <Box
          position="absolute"
          left="2"
          top={isOpen ? '8px' : '10px'}
          w={isOpen ? '14px' : '10px'}
          h={isOpen ? '14px' : '10px'}
          borderRadius="full"
          bg={isOpen ? 'fg' : 'bg'}
          borderWidth="2px"
          borderColor={isOpen ? 'fg' : 'border.emphasized'}
        />
        <Box pl="5">
          <Box
            fontFamily="heading"
            fontWeight="600"
            fontSize="sm"
            lineHeight="20px"
            w="max-content"
            px="1"
            ml="-1"
            bg={isOpen ? 'bg.panel' : 'bg'}
            data-name
          >
            {name}
          </Box>
          <Box
            fontSize="xs"
            color={alarm ? 'overload.fg' : 'fg.muted'}
            fontWeight={alarm ? '600' : undefined}
            whiteSpace="nowrap"
          >
            {alarm && '▲ '}
            {figure}
          </Box>
        </Box>
      </Box>
    </RouterLink>
  );
});
