import { memo } from 'react';
import { zoneBox, type StowAssessment } from '@graft/core/stow';
import type { Pack } from '@graft/core/trip';
import { paint } from '../theme/system';
import { hangsAbout, makeFrame, packSpans } from './packFrame';

const HEIGHT = 46;

/** A pack in profile: its centre of gravity, and how high the heavy things ride against the band. */
export const PackThumbnail = memo(function PackThumbnail({
  pack,
  stow,
}: {
  pack: Pack;
  stow: StowAssessment;
}) {
  const zones = pack.zones.filter((z) => !hangsAbout(z));
  const spans = packSpans({ ...pack, zones }, new Set());
  const frame = makeFrame({ low: -2, high: spans.y.high }, spans.z, HEIGHT / (spans.z.high - spans.z.low));
  const [low, high] = stow.band;
  const cg = stow.centreOfGravityCm;
  return (
    <svg width={Math.max(28, frame.width)} height={HEIGHT} aria-hidden style={{ flexShrink: 0 }}>
      {zones.map((zone) => {
        const box = zoneBox(zone);
        return (
          <rect
            key={zone.id}
            x={frame.h(box.y0)}
            width={frame.h(box.y1) - frame.h(box.y0)}
            y={frame.v(box.z1)}
            height={frame.v(box.z0) - frame.v(box.z1)}
            fill={paint('density.2')}
            stroke={paint('border')}
            strokeWidth="0.5"
          />
        );
      })}
      <rect
        x="0"
        width={frame.width}
        y={frame.v(high)}
        height={frame.v(low) - frame.v(high)}
        fill={paint('border.emphasized')}
        opacity="0.45"
      />
      {stow.heavyCm !== undefined && (
        <line
          x1="0"
          x2={frame.width}
          y1={frame.v(stow.heavyCm)}
          y2={frame.v(stow.heavyCm)}
          stroke={stow.inBand ? paint('fg') : paint('overload')}
          strokeWidth={stow.inBand ? 1 : 2}
        />
      )}
      {stow.placed.length > 0 && (
        <circle cx={frame.h(cg.y)} cy={frame.v(cg.z)} r="3.2" fill={paint('fg')} stroke={paint('bg.panel')} />
      )}
    </svg>
  );
});
