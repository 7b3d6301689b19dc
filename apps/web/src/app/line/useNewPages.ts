import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';

/** A page from before a new build goes on until another one is opened: that is fetched whole, from the new build. What is being typed is not thrown away under somebody's hands. */
export function useNewPages(newer: boolean, reload = () => window.location.reload()): void {
  const { pathname } = useLocation();
  const shown = useRef(pathname);
  useEffect(() => {
    if (newer && shown.current !== pathname) reload();
    shown.current = pathname;
  }, [newer, pathname, reload]);
}
