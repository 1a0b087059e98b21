import { Box, Flex, Text } from '@chakra-ui/react';
import {
  FAIR_OFFSET_CM,
  formatMass,
  formatPercent,
  formatSignedCm,
  GOOD_OFFSET_CM,
  gramsToCentre,
  type StowAssessment,
} from '@graft/core';
import { usePreferences } from '../shared/preferences';
import { Why } from '../shared/Why';

/** Where the centre of gravity is, in words and numbers, and what is amiss. */
export function StowFigures({ stow, torsoCm }: { stow: StowAssessment; torsoCm: number }) {
  const { massUnit } = usePreferences();
  const { x, y, z } = stow.centreOfGravityCm;
  const aside = Math.abs(x) <= GOOD_OFFSET_CM ? 'good' : Math.abs(x) <= FAIR_OFFSET_CM ? 'fair' : 'uneven';
  if (stow.placed.length === 0) {
    return (
      <Text px="4" py="3">
        {stow.unplaced.length === 0
          ? 'There is nothing to stow: add personal things at Kit, or share pieces at Shares.'
          : 'Nothing is stowed yet. “Plan this pack” finds a place for every thing; or choose a place for each in the list.'}
      </Text>
    );
  }
  const figure = (label: string, value: React.ReactNode, more: React.ReactNode) => (
    <Box>
      <Text fontSize="xs" color="fg.muted">
        {label}
      </Text>
      <Text fontFamily="heading" fontSize="lg" fontWeight="600" lineHeight="1.3">
        {value}
      </Text>
      <Text fontSize="xs">{more}</Text>
    </Box>
  );
  const why =
    'Centre of gravity: Σ mᵢrᵢ / Σ mᵢ over the empty pack and everything in it, each thing at the middle of the space it takes in its zone.';
  return (
    <Box px="4" pt="3" pb="4">
      <Flex gap="6" wrap="wrap" role="group" aria-label="Centre of gravity">
        {figure(
          'Centre of gravity, height',
          <Why
            reason={`${why} Height above the hip belt. The band is Graft's own number for "${stow.school.name}", preferred on ${stow.school.preferredWhen}.`}
          >
            {z.toFixed(1)} cm
          </Why>,
          <>
            {formatPercent(z / torsoCm, 0)} of torso;{' '}
            {stow.inBand
              ? `in the band ${stow.band[0].toFixed(0)}–${stow.band[1].toFixed(0)} cm`
              : `${Math.abs(stow.bandMissCm).toFixed(1)} cm ${stow.bandMissCm > 0 ? 'above' : 'below'} the band`}
          </>,
        )}
        {figure(
          'Out from the back',
          <Why reason={`${why} The closer, the shorter the lever.`}>{y.toFixed(1)} cm</Why>,
          'the less the better',
        )}
        {figure(
          'Aside',
          <Why
            reason={`${why} Up to ${GOOD_OFFSET_CM} cm is good, up to ${FAIR_OFFSET_CM} cm fair: Graft's own numbers.`}
          >
            {formatSignedCm(x)}
          </Why>,
          Math.abs(x) < 0.05
            ? 'even'
            : `${x > 0 ? 'right' : 'left'}, ${aside}; ${Math.round(gramsToCentre(stow))} g to move across`,
        )}
        {figure('In the pack', formatMass(stow.massKg, massUnit), `on day ${stow.day}, pack included`)}
      </Flex>
      {stow.findings.length > 0 && (
        <Box as="ul" mt="3" listStyleType="none" fontSize="xs" aria-label="Findings">
          {stow.findings.map((finding, i) => (
            <Box
              as="li"
              key={i}
              py="0.5"
              color={finding.kind === 'safety' || finding.kind === 'fit' ? 'overload.fg' : undefined}
            >
              {finding.kind === 'safety' || finding.kind === 'fit' ? '▲' : '△'} {finding.message}
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}
