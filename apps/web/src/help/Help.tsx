import { Suspense, lazy, useEffect, useState } from 'react';
import { useLocation } from 'react-router';

/** The words come when they are asked for. */
const HelpDrawer = lazy(async () => ({ default: (await import('./HelpDrawer.tsx')).HelpDrawer }));

const KEY = '?';

/** Help for the page at hand: by its link in the head of every page, or by its key. */
export function Help() {
  const { pathname } = useLocation();
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = ({ key, target, ctrlKey, metaKey, altKey }: KeyboardEvent) => {
      const typing =
        target instanceof HTMLElement &&
        (target.isContentEditable || target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement);
      if (key === KEY && !typing && !ctrlKey && !metaKey && !altKey) setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <>
      <button type="button" className="shell-kitchen shell-help" aria-keyshortcuts={KEY} onClick={() => setOpen(true)}>
        Help
      </button>
      {open && (
        <Suspense fallback={null}>
          <HelpDrawer pathname={pathname} close={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
