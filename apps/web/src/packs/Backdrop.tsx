import { useId } from 'react';
import type { StowAssessment } from '@graft/core/stow';
import { paint } from '../theme/system';
import type { Frame } from './packFrame';
import { useInUnits } from '../shared/useInUnits';

interface Props {
  readonly frame: Frame;
  readonly stow: StowAssessment;
  /** Given where the wearer's back is to be drawn. */
  readonly torsoCm?: number;
}

/** What lies behind the pack: the school's band of heights and the wearer's back. */
export function Backdrop({ frame, stow, torsoCm }: Props) {
  return (
    <g>
      <Band frame={frame} stow={stow} />
      {torsoCm !== undefined && <Back frame={frame} torsoCm={torsoCm} />}
    </g>
  );
}

/** The school's band of heights: hatched in stone, so that it is not taken for a density. */
function Band({ frame, stow }: { frame: Frame; stow: StowAssessment }) {
  const inUnits = useInUnits();
  const [low, high] = stow.band;
  const hatch = useId();
  return (
    <g>
      <defs>
        <pattern id={hatch} width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" stroke={paint('border')} strokeWidth="3" />
        </pattern>
      </defs>
      <rect
        x="0"
        width={frame.width}
        y={frame.v(high)}
        height={frame.v(low) - frame.v(high)}
        fill={`url(#${hatch})`}
      />
      {[low, high].map((z) => (
        <g key={z}>
          <line x1="0" x2={frame.width} y1={frame.v(z)} y2={frame.v(z)} stroke={paint('border.emphasized')} />
          <text
            x={frame.width - 3}
            y={frame.v(z) - 3}
            textAnchor="end"
            style={{ fontSize: 11 }}
            fill={paint('fg.muted')}
          >
            {inUnits(`${z.toFixed(0)} cm`)}
          </text>
        </g>
      ))}
    </g>
  );
}

/** The wearer's back from hip belt to shoulder, as a line to hang the pack on. */
function Back({ frame, torsoCm }: { frame: Frame; torsoCm: number }) {
  const x = frame.h(-0.6);
  return (
    <g>
      <path
        d={`M ${frame.h(-2.5)} ${frame.v(-12)} Q ${frame.h(0.4)} ${frame.v(2)} ${frame.h(-1.2)} ${frame.v(torsoCm * 0.35)} T ${frame.h(-2.6)} ${frame.v(torsoCm)}`}
        fill="none"
        stroke={paint('fg')}
        strokeWidth="3"
        strokeLinecap="round"
      />
      {[
        [0, 'hip belt'],
        [torsoCm, 'shoulder'],
      ].map(([z, words]) => (
        <g key={words}>
          <line
            x1={0}
            x2={x}
            y1={frame.v(Number(z))}
            y2={frame.v(Number(z))}
            stroke={paint('border.emphasized')}
            strokeDasharray="3 3"
          />
          <text x="2" y={frame.v(Number(z)) - 4} style={{ fontSize: 11 }} fill={paint('fg.muted')}>
            {words}
          </text>
        </g>
      ))}
    </g>
  );
}
