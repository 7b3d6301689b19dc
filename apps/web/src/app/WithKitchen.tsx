import type { ReactNode } from 'react';
import { useLocation } from 'react-router';
import { Away } from '../parts/Away.tsx';
import { Loading } from '../parts/Loading.tsx';
import { type KitchenView } from '@kestrel-ridge/core/view';
import { BeginningBar } from './BeginningBar.tsx';
import { isBeginning } from './beginning.ts';
import { LeftOutNotice } from './LeftOutNotice.tsx';
import { useKitchenState } from './useKitchenState.ts';

/** A page that needs the kitchen: loading and away are answered here, once for all pages. */
export function WithKitchen({ children }: { children: (view: KitchenView) => ReactNode }) {
  const fetched = useKitchenState();
  const { pathname } = useLocation();
  switch (fetched.state) {
    case 'loading':
      return <Loading />;
    case 'away':
      return <Away error={fetched.error} />;
    case 'ready':
      return (
        <>
          {pathname !== '/' && isBeginning(fetched.value) && <BeginningBar view={fetched.value} />}
          {children(fetched.value)}
          {(fetched.value.leftOut ?? []).length > 0 && <LeftOutNotice view={fetched.value} />}
        </>
      );
    default:
      return fetched satisfies never;
  }
}
