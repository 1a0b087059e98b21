import type { StowAssessment } from '@graft/core/stow';
import type { Pack } from '@graft/core/trip';
import { paint } from '../theme/system';
import { Backdrop } from './Backdrop';
import { makeFrame, packSpans } from './packFrame';
import { PackView } from './PackView';

const PX_PER_CM = 5.6;
const PAD_CM = 1;
/** Beside the middle, where most packs have something to see, cm. */
const ASIDE_CM = 4.5;

/** A pack's side cut, to look at only. */
export function CutPicture({
  pack,
  torsoCm,
  stow,
  loaded,
}: {
  pack: Pack;
  torsoCm: number;
  stow: StowAssessment;
  loaded: ReadonlySet<string>;
}) {
  const { y, z } = packSpans(pack, new Set(stow.placed.map((p) => p.zone.id)));
  const frame = makeFrame(
    { low: Math.min(-8, y.low) - PAD_CM, high: y.high + PAD_CM },
    { low: z.low - PAD_CM, high: Math.max(z.high, torsoCm) + PAD_CM },
    PX_PER_CM,
  );
  return (
    <svg
      viewBox={`0 0 ${frame.width} ${frame.height}`}
      width="100%"
      style={{ display: 'block', maxHeight: 375, background: paint('bg.panel') }}
    >
      <Backdrop frame={frame} stow={stow} torsoCm={torsoCm} />
      <PackView
        pack={pack}
        stow={stow}
        frame={frame}
        plane={{ axis: 'x', at: ASIDE_CM }}
        torsoCm={torsoCm}
        loaded={loaded}
        chosenId={undefined}
        onChoose={() => {}}
        onDrag={undefined}
        onCancel={() => {}}
      />
    </svg>
  );
}
