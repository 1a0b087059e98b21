import { lazy, Suspense, useState } from 'react';
import type { DialogProps } from './DialogBox';

const DialogBox = lazy(() => import('./DialogBox'));

/** A dialog with a title and a way to close it. */
export function PlainDialog(props: DialogProps) {
  // One that was never opened costs nothing; once opened it stays, to hand the focus back when it closes.
  const [opened, setOpened] = useState(props.open);
  if (props.open && !opened) setOpened(true);
  if (!opened && !props.open) return null;
  return (
    <Suspense fallback={null}>
      <DialogBox {...props} />
    </Suspense>
  );
}
