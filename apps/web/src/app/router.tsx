import { createBrowserRouter } from 'react-router';
import { Loading } from '../parts/Loading.tsx';
import { BrokenPage } from './BrokenPage.tsx';
import { NoSuchPage } from './NoSuchPage.tsx';
import { Shell } from './Shell.tsx';

/** Each page is a chunk of its own, fetched when it is first opened. */
export const router = createBrowserRouter([
  {
    path: '/',
    Component: Shell,
    HydrateFallback: Loading,
    ErrorBoundary: BrokenPage,
    children: [
      {
        ErrorBoundary: BrokenPage,
        children: [
          { index: true, lazy: async () => ({ Component: (await import('../today/TodayPage.tsx')).default }) },
          { path: 'shelf', lazy: async () => ({ Component: (await import('../stock/ShelfPage.tsx')).default }) },
          { path: 'shelf/list', lazy: async () => ({ Component: (await import('../stock/ListPage.tsx')).default }) },
          { path: 'shelf/count', lazy: async () => ({ Component: (await import('../stock/CountPage.tsx')).default }) },
          { path: 'box/:lot', lazy: async () => ({ Component: (await import('../stock/ShelfPage.tsx')).default }) },
          { path: 'shop', lazy: async () => ({ Component: (await import('../cost/ShopPage.tsx')).default }) },
          { path: 'prices', lazy: async () => ({ Component: (await import('../cost/PricesPage.tsx')).default }) },
          {
            path: 'week/suggest',
            lazy: async () => ({ Component: (await import('../week/SuggestPage.tsx')).default }),
          },
          { path: 'week/menu', lazy: async () => ({ Component: (await import('../week/SeasonPage.tsx')).default }) },
          { path: 'week/mend', lazy: async () => ({ Component: (await import('../week/MendPage.tsx')).default }) },
          { path: 'week/eaters', lazy: async () => ({ Component: (await import('../week/EatersPage.tsx')).default }) },
          { path: 'week/door', lazy: async () => ({ Component: (await import('../week/DoorPage.tsx')).default }) },
          { path: 'evening', lazy: async () => ({ Component: (await import('../week/EveningPage.tsx')).default }) },
          { path: 'week', lazy: async () => ({ Component: (await import('../week/WeekPage.tsx')).default }) },
          {
            path: 'scale/:batch?',
            lazy: async () => ({ Component: (await import('../scaling/ScalePage.tsx')).default }),
          },
          { path: 'cook', lazy: async () => ({ Component: (await import('../session/CookPage.tsx')).default }) },
          { path: 'cook/run', lazy: async () => ({ Component: (await import('../run/RunPage.tsx')).default }) },
          { path: 'put-away', lazy: async () => ({ Component: (await import('../storage/PutAwayPage.tsx')).default }) },
          { path: 'freezer', lazy: async () => ({ Component: (await import('../storage/FreezerPage.tsx')).default }) },
          {
            path: 'look-back',
            lazy: async () => ({ Component: (await import('../lookback/LookBackPage.tsx')).default }),
          },
          { path: 'eat', lazy: async () => ({ Component: (await import('../stock/EatPage.tsx')).default }) },
          { path: 'recipes', lazy: async () => ({ Component: (await import('../recipe/RecipesPage.tsx')).default }) },
          { path: 'recipes/new', lazy: async () => ({ Component: (await import('../recipe/PastePage.tsx')).default }) },
          {
            path: 'recipes/starters',
            lazy: async () => ({ Component: (await import('../recipe/StartersPage.tsx')).default }),
          },
          {
            path: 'recipes/:id',
            lazy: async () => ({ Component: (await import('../recipe/RecipePage.tsx')).default }),
          },
          {
            path: 'recipes/blank',
            lazy: async () => ({ Component: (await import('../recipe/edit/EditPage.tsx')).default }),
          },
          {
            path: 'recipes/:id/edit',
            lazy: async () => ({ Component: (await import('../recipe/edit/EditPage.tsx')).default }),
          },
          {
            path: 'recipes/:id/revisions',
            lazy: async () => ({ Component: (await import('../recipe/RevisionsPage.tsx')).default }),
          },
          {
            path: 'recipes/:id/learn/:batch',
            lazy: async () => ({ Component: (await import('../recipe/LearnPage.tsx')).default }),
          },
          { path: 'foods/:id?', lazy: async () => ({ Component: (await import('../food/FoodsPage.tsx')).default }) },
          {
            path: 'kitchen/open',
            lazy: async () => ({ Component: (await import('../kitchen/OpenPage.tsx')).default }),
          },
          { path: 'kitchen', lazy: async () => ({ Component: (await import('../kitchen/KitchenPage.tsx')).default }) },
          { path: '*', Component: NoSuchPage },
        ],
      },
    ],
  },
]);
