import { MINUTE_MS } from '@kestrel-ridge/core/quantity';
import { Suspense, lazy, useEffect, useState } from 'react';
import { Outlet, useLocation, useNavigation } from 'react-router';
import { useKitchensQuery } from '../api/api.ts';
import { someWishesKept } from '../session/wishesSlice.ts';
import { rememberKitchen, rememberedKitchen } from './rememberedKitchen.ts';
import { useAppSelector } from './store.ts';
import { useAway } from './line/useAway.ts';
import { useLive } from './line/useLive.ts';
import { useNewPages } from './line/useNewPages.ts';
import { useRecovery } from './line/useRecovery.ts';
import { useFocusStaysNear } from './useFocusStaysNear.ts';
import { useResumeCommands } from './useResumeCommands.ts';
import { useTurnOfDay } from './useTurnOfDay.ts';
import { Away } from '../parts/Away.tsx';
import { Loading } from '../parts/Loading.tsx';
import { Notice } from '../parts/Notice.tsx';
import { duration } from '../parts/times.ts';
import { LastChangeBar } from './LastChangeBar.tsx';
import { pageName } from './pageNames.ts';
import { Trail } from './Trail.tsx';
import { KitchenIdContext } from './useKitchenId.ts';
import { notKnownWords } from './noticeWords.ts';

/** Only a server without a kitchen needs its form. */
const OpenKitchen = lazy(async () => ({ default: (await import('../kitchen/OpenKitchen.tsx')).OpenKitchen }));

/** Only a device that has said something of a plan needs what brings it to the server. */
const SendWishes = lazy(async () => ({ default: (await import('../session/SendWishes.tsx')).SendWishes }));

/** Only who is being shown round needs what leads them. */
const WalkBar = lazy(() => import('../help/WalkBar.tsx'));

/** The frame of every page: which kitchen, the trail, the line to the server. */
export function Shell() {
  const { data: kitchens, error, refetch } = useKitchensQuery();
  const away = useAway(error);
  const behind = useRecovery();
  const [chosen, choose] = useState(rememberedKitchen);
  if (!kitchens) return away ? <Away error={away} /> : <Loading what="Opening the kitchen" />;
  const kitchen = kitchens.find(({ id }) => id === chosen) ?? kitchens[0];
  if (!kitchen)
    return (
      <Suspense fallback={<Loading what="Opening the kitchen" />}>
        <OpenKitchen
          opened={(id) => {
            rememberKitchen(id);
            choose(id);
            void refetch();
          }}
        />
      </Suspense>
    );
  return (
    <KitchenIdContext value={kitchen.id}>
      <Frame kitchen={kitchen.id} behind={behind} />
    </KitchenIdContext>
  );
}

function Frame({ kitchen, behind }: { kitchen: string; behind: boolean }) {
  const { line, offMs, newer } = useLive(kitchen);
  useNewPages(newer);
  const online = useOnline();
  const open = useAppSelector((state) => state.openCommands.keys.length);
  const wished = useWished();
  const shown = useAppSelector(({ walk }) => walk.at !== undefined);
  const { pathname } = useLocation();
  const navigation = useNavigation();
  const name = pageName(pathname);
  useTurnOfDay(kitchen);
  useFocusStaysNear();
  useResumeCommands();
  useEffect(() => rememberKitchen(kitchen), [kitchen]);
  useEffect(() => {
    // Newer browsers answer with a promise, and an effect must answer nothing.
    void window.scrollTo(0, 0);
  }, [pathname]);
  return (
    <>
      <title>{`${name} · Kestrel Ridge`}</title>
      <p className="visually-hidden" role="status">
        {name}
      </p>
      <a className="skip" href="#content">
        Skip to the page
      </a>
      {pathname !== '/cook/run' && <Trail />}
      {(!online || line === 'away' || behind) && (
        <Notice className="notice">
          No line to the server. You see what was last known. What you change waits here until it is back.
        </Notice>
      )}
      {newer && <Notice className="notice">The server has newer pages. They come with the next page you open.</Notice>}
      {open > 0 && <Notice className="notice not-known">{notKnownWords(open)}</Notice>}
      {offMs !== 0 && (
        <Notice className="notice">
          This device’s clock is {duration(Math.round(Math.abs(offMs) / MINUTE_MS))} {offMs > 0 ? 'behind' : 'ahead of'}{' '}
          the server’s. A run goes by the server’s time; set the clock of the device when you can.
        </Notice>
      )}
      {navigation.state === 'loading' && (
        <div className="page-comes" role="progressbar" aria-label="The page is on its way" />
      )}
      {shown && (
        <Suspense fallback={null}>
          <WalkBar />
        </Suspense>
      )}
      <div id="content">
        <Suspense fallback={<Loading />}>
          <Outlet />
        </Suspense>
      </div>
      {wished && (
        <Suspense fallback={null}>
          <SendWishes kitchen={kitchen} />
        </Suspense>
      )}
      <LastChangeBar />
    </>
  );
}

/** Was something said of a plan, on this page or on one before it? From then on until the page is left. */
function useWished(): boolean {
  const said = useAppSelector(({ wishes }) => Object.keys(wishes.said).length > 0);
  const [ever, setEver] = useState(someWishesKept);
  if (said && !ever) setEver(true);
  return ever || said;
}

function useOnline(): boolean {
  const [online, setOnline] = useState(navigator.onLine);
  useEffect(() => {
    const look = () => setOnline(navigator.onLine);
    window.addEventListener('online', look);
    window.addEventListener('offline', look);
    return () => {
      window.removeEventListener('online', look);
      window.removeEventListener('offline', look);
    };
  }, []);
  return online;
}
