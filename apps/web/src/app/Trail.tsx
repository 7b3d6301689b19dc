import { useEffect, useRef } from 'react';
import { Link, NavLink, useLocation } from 'react-router';
import { Help } from '../help/Help.tsx';
import { QuickLine } from './QuickLine.tsx';
import { STOPS } from './stops.ts';
import { useAppSelector } from './store.ts';
import { trailPath, wayMarks } from './trailPath.ts';
import { useKitchenState } from './useKitchenState.ts';
import { useWaits } from './useWaits.ts';

const WIDTH = 760;
const HEIGHT = 40;

/** The week's trail: a ridge with a way-mark for each stretch, and under it what waits there. */
export function Trail() {
  const fetched = useKitchenState();
  const { pathname } = useLocation();
  const plan = useAppSelector((state) => state.plan.result);
  const waits = useWaits(fetched, plan);
  const marks = wayMarks(STOPS.length, WIDTH, HEIGHT);
  const here = STOPS.findIndex((stop) => (stop.to === '/' ? pathname === '/' : pathname.startsWith(stop.to)));
  const ridge = trailPath(marks, WIDTH, HEIGHT);
  // On a phone the trail is walked sideways: where one stands comes into sight.
  const list = useRef<HTMLOListElement>(null);
  useEffect(() => {
    const stop = list.current?.children[here];
    if (list.current && stop instanceof HTMLElement && list.current.scrollWidth > list.current.clientWidth)
      list.current.scrollLeft = stop.offsetLeft - (list.current.clientWidth - stop.offsetWidth) / 2;
  }, [here]);

  return (
    <header className="shell-head">
      <div className="shell-inner">
        <Link to="/" className="shell-name">
          <strong>Kestrel Ridge</strong>
          <span>
            {fetched.state === 'ready'
              ? `${fetched.value.kitchen.name} · ${fetched.value.kitchen.equipment.altitudeM} m`
              : ' '}
          </span>
        </Link>
        <nav className="trail" aria-label="The week’s trail">
          <svg className="trail-ridge" viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden="true">
            <path d={`${ridge}L${WIDTH},${HEIGHT}L0,${HEIGHT}Z`} className="trail-hill" />
            <path d={ridge} className="trail-line" />
          </svg>
          <ol ref={list}>
            {STOPS.map((stop, n) => (
              <li key={stop.key} className={n === here ? 'here' : undefined}>
                <NavLink to={stop.to} end={stop.to === '/'}>
                  <i className="trail-mark" style={{ top: `${marks[n]?.y ?? 0}px` }} aria-hidden="true" />
                  <b>{stop.name}</b>
                  <small>{waits?.[stop.key].short ?? ' '}</small>
                </NavLink>
              </li>
            ))}
          </ol>
        </nav>
        <QuickLine />
        <div className="shell-apart">
          <NavLink to="/recipes" className="shell-kitchen">
            Recipes
          </NavLink>
          <NavLink to="/kitchen" className="shell-kitchen">
            Kitchen
          </NavLink>
          <Help />
        </div>
      </div>
    </header>
  );
}
