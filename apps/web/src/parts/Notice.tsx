import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import './notice.css';

let place: HTMLElement | undefined;
function notices(): HTMLElement {
  if (!place) {
    place = document.createElement('div');
    place.className = 'notices';
    document.body.append(place);
  }
  return place;
}

/** News of the line, the clock, of what waits or was done. It lies over the foot of the window: news never moves what a finger is on its way to. */
export const Notice = ({ className, children }: { className: string; children: ReactNode }) =>
  createPortal(
    <div className={className} role="status">
      {children}
    </div>,
    notices(),
  );
