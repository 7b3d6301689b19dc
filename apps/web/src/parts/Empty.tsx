import type { ReactNode } from 'react';

/** Nothing here yet: what belongs here, and how it gets here. */
export function Empty({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="empty">
      <h2>{title}</h2>
      {children}
    </div>
  );
}
