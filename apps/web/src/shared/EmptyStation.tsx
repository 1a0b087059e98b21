import type { ReactNode } from 'react';
import { RouterLink } from './RouterLink';
import { Box, Button, Flex, Heading, Text } from '../theme/chakra';
import { paint } from '../theme/system';

interface Props {
  readonly title: string;
  readonly children: ReactNode;
  /** What to do first, and the station where. */
  readonly first: readonly (readonly [to: string, words: string])[];
  /** What stands here later. */
  readonly later: 'beams' | 'pack' | 'list';
}

/** What a station says while there is nothing for it yet: what comes first, and a faint outline of what will be here. */
export function EmptyStation({ title, children, first, later }: Props) {
  return (
    <Flex
      gap="10"
      px={{ base: '4', md: '10' }}
      py="8"
      direction={{ base: 'column', md: 'row' }}
      align={{ md: 'center' }}
      justify="center"
      w="100%"
      minH={{ lg: '62vh' }}
    >
      <Box flex="1" maxW={{ base: '26rem', '2xl': '32rem' }}>
        <Heading as="h2" fontFamily="heading" fontSize="lg" mb="2">
          {title}
        </Heading>
        <Text mb="4">{children}</Text>
        <Flex gap="2" wrap="wrap">
          {first.map(([to, words], i) => (
            <Button key={to} asChild size="sm" variant={i === 0 ? 'solid' : 'outline'}>
              <RouterLink to={`../${to}`}>{words}</RouterLink>
            </Button>
          ))}
        </Flex>
      </Box>
      <Box flex="1" maxW={{ base: '34rem', '2xl': '46rem' }} aria-hidden>
        {later === 'beams' ? <Beams /> : later === 'pack' ? <Pack /> : <List />}
      </Box>
    </Flex>
  );
}

const LINE = { stroke: paint('border'), strokeWidth: 1.5, fill: 'none' } as const;
const FILL = { fill: paint('bg.muted') } as const;

/** Four loads with one straight edge. */
function Beams() {
  return (
    <svg viewBox="0 0 480 300" width="100%">
      {[0.55, 0.4, 0.62, 0.48].map((own, i) => (
        <g key={own}>
          <rect x="0" y={20 + i * 70} width={380 * own} height="44" {...FILL} />
          <rect x={380 * own} y={20 + i * 70} width={380 * (1 - own)} height="44" {...LINE} />
        </g>
      ))}
      <line x1="440" x2="440" y1="0" y2="300" {...LINE} />
    </svg>
  );
}

/** A pack from the side, with its plumb line. */
function Pack() {
  return (
    <svg viewBox="0 0 300 340" width="100%" style={{ maxHeight: '55vh' }}>
      <path d="M40 20 Q 70 170 50 330" {...LINE} />
      <rect x="80" y="60" width="120" height="250" rx="6" {...LINE} />
      <rect x="80" y="30" width="120" height="30" rx="6" {...LINE} />
      <rect x="200" y="150" width="36" height="130" rx="6" {...LINE} />
      <rect x="86" y="130" width="46" height="96" rx="4" {...FILL} />
      <rect x="86" y="232" width="108" height="72" rx="14" {...FILL} />
      <line x1="128" x2="128" y1="10" y2="330" {...LINE} />
      <circle cx="128" cy="186" r="6" fill={paint('border.emphasized')} />
    </svg>
  );
}

/** Lines with a weight each. */
function List() {
  return (
    <svg viewBox="0 0 480 280" width="100%">
      {[190, 240, 160, 280, 210, 150].map((width, i) => (
        <g key={width}>
          <rect x="0" y={12 + i * 44} width={width} height="14" rx="3" {...FILL} />
          <rect x="400" y={12 + i * 44} width="56" height="14" rx="3" {...FILL} />
          <line x1="0" x2="480" y1={40 + i * 44} y2={40 + i * 44} {...LINE} />
        </g>
      ))}
    </svg>
  );
}
