import { Component, lazy, Suspense, type ReactNode } from 'react';
import { useMedia, useStill } from '../shared/useMedia';
import { Text } from '../theme/chakra';
import { DensityLegend } from './DensityLegend';
import { SectionDrawing } from './SectionDrawing';
import type { PackSession } from './usePackSession';

const RoundView = lazy(() => import('./round/RoundView'));

/** The open pack as a picture: two cuts, or in the round where the browser can. */
export function PackPicture({ session }: { session: PackSession }) {
  const { pack, member, stow, loaded, chosenId, choose } = session;
  const shown = { pack, torsoCm: member.torsoCm, stow, loaded, chosenId, onChoose: choose };
  const still = useStill();
  const onPaper = useMedia('print');
  const cuts = (
    <SectionDrawing
      key={pack.id}
      {...shown}
      rested={session.rested}
      onDrag={session.mayChange ? session.drag : undefined}
      onCancel={session.letGo}
    />
  );
  return (
    <>
      {session.view === 'round' && !onPaper ? (
        <Instead of={cuts}>
          <Suspense fallback={<Text p="4">Fetching the pack in the round …</Text>}>
            <RoundView key={pack.id} {...shown} still={still} />
          </Suspense>
        </Instead>
      ) : (
        cuts
      )}
      <DensityLegend band={session.view === 'cuts' ? stow.school.name : undefined} />
    </>
  );
}

/** Shows something else where what it holds fails, and says so. */
class Instead extends Component<{ of: ReactNode; children: ReactNode }, { failed: boolean }> {
  override state = { failed: false };
  static getDerivedStateFromError(): { failed: boolean } {
    return { failed: true };
  }
  override render(): ReactNode {
    if (!this.state.failed) return this.props.children;
    return (
      <>
        <Text role="status" px="4" pb="2" fontSize="xs" color="fg.muted">
          This browser could not draw the pack in the round; the two cuts show the same.
        </Text>
        {this.props.of}
      </>
    );
  }
}

let drawsInTheRound: boolean | undefined;

/** Whether this browser draws in three dimensions at all; asked once. */
export function canDrawInTheRound(): boolean {
  drawsInTheRound ??=
    'WebGL2RenderingContext' in window && document.createElement('canvas').getContext('webgl2') !== null;
  return drawsInTheRound;
}
