import { Suspense, lazy, useCallback, useEffect, useState } from 'react';
import { useLocation } from 'react-router';

/** The line and all it understands come when they are asked for. */
const LineDialog = lazy(async () => ({ default: (await import('../stock/LineDialog.tsx')).LineDialog }));

const KEY = '+';

/** The line that adds to the shelf, from every page: by the button, or by its key. A page that has the line already gets the cursor in it. */
export function QuickLine() {
  const { pathname } = useLocation();
  const [openOn, setOpenOn] = useState<string>();
  const open = useCallback(() => {
    const there = document.getElementById('add-line');
    if (there) there.focus();
    else setOpenOn(pathname);
  }, [pathname]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      const typing =
        target instanceof HTMLElement &&
        (target.isContentEditable || target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement);
      if (event.key !== KEY || typing || event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      open();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [open]);
  return (
    <>
      <button type="button" className="shell-add" aria-keyshortcuts={KEY} onClick={open}>
        + Add
      </button>
      {openOn === pathname && (
        <Suspense fallback={null}>
          <LineDialog close={() => setOpenOn(undefined)} />
        </Suspense>
      )}
    </>
  );
}
