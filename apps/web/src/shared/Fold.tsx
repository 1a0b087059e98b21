import type { ReactNode } from 'react';

/** What only some ask for, behind a line that says what it is; on paper it is all there. */
export function Fold({ title, children }: { title: ReactNode; children: ReactNode }) {
  return (
    <details>
      <summary className="fold">{title}</summary>
      {children}
    </details>
  );
}
