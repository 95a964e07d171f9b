// Routes: six places, what is wanted by when, and inside a piece its six sheets.
import { tr } from '@zanfirico/core/words';
import { QueryClientProvider } from '@tanstack/react-query';
import { Navigate, type RouteObject } from 'react-router';
import { answers } from './api/queries';
import { Later } from './places/Later';
import { fetched } from './shell/fetched';
import { Home } from './shell/Home';
import { PlaceBroke } from './shell/PlaceBroke';
import { Shell } from './shell/Shell';

/** A crash in one place stays in it. */
const guarded = { errorElement: <PlaceBroke /> };

/** Every address there is. */
export const routes: RouteObject[] = [
  {
    element: (
      <QueryClientProvider client={answers}>
        <Shell />
      </QueryClientProvider>
    ),
    hydrateFallbackElement: <></>,
    children: [
      { index: true, element: <Home /> },
      {
        path: 'pieces',
        ...guarded,
        lazy: fetched(async () => (await import('./places/pieces/PiecesPlace')).PiecesPlace),
      },
      {
        path: 'pieces/:id',
        ...guarded,
        lazy: fetched(async () => (await import('./places/piece/PiecePlace')).PiecePlace),
        children: [
          { index: true, element: <Navigate to="section" replace /> },
          {
            path: 'above',
            ...guarded,
            lazy: fetched(async () => (await import('./places/piece/kiln/AboveSheet')).AboveSheet),
          },
          {
            path: 'firing',
            ...guarded,
            lazy: fetched(
              async () => (await import('./places/piece/kiln/FiringSheet')).FiringSheet,
            ),
          },
          {
            path: 'cutting',
            ...guarded,
            lazy: fetched(
              async () => (await import('./places/piece/kiln/CuttingSheet')).CuttingSheet,
            ),
          },
          {
            path: 'section',
            ...guarded,
            lazy: fetched(
              async () => (await import('./places/piece/section/SectionSheet')).SectionSheet,
            ),
          },
          {
            path: 'colour',
            ...guarded,
            lazy: fetched(
              async () => (await import('./places/piece/colour/ColourSheet')).ColourSheet,
            ),
          },
          {
            path: 'braid',
            ...guarded,
            lazy: fetched(async () => (await import('./places/piece/braid/BraidSheet')).BraidSheet),
          },
          {
            path: 'night',
            ...guarded,
            lazy: fetched(async () => (await import('./places/piece/night/NightSheet')).NightSheet),
          },
          {
            path: 'cost',
            ...guarded,
            lazy: fetched(async () => (await import('./places/cost/CostSheet')).CostSheet),
          },
          {
            path: 'card',
            ...guarded,
            lazy: fetched(async () => (await import('./places/piece/card/CardSheet')).CardSheet),
          },
        ],
      },
      {
        path: 'orders',
        ...guarded,
        lazy: fetched(async () => (await import('./places/orders/OrdersPlace')).OrdersPlace),
      },
      {
        path: 'class',
        ...guarded,
        lazy: fetched(async () => (await import('./places/class/ClassesPlace')).ClassesPlace),
      },
      {
        path: 'class/:id',
        ...guarded,
        lazy: fetched(async () => (await import('./places/class/ClassPlace')).ClassPlace),
        children: [
          {
            index: true,
            ...guarded,
            lazy: fetched(async () => (await import('./places/class/ExerciseSheet')).ExerciseSheet),
          },
          {
            path: 'tonight',
            ...guarded,
            lazy: fetched(async () => (await import('./places/class/TonightSheet')).TonightSheet),
          },
          {
            path: 'sheets',
            ...guarded,
            lazy: fetched(async () => (await import('./places/class/StudentsSheet')).StudentsSheet),
          },
          {
            path: 'handout',
            ...guarded,
            lazy: fetched(async () => (await import('./places/class/HandoutSheet')).HandoutSheet),
          },
        ],
      },
      {
        path: 'wall/boxes',
        ...guarded,
        lazy: fetched(async () => (await import('./places/wall/BoxesWall')).BoxesWall),
      },
      {
        path: 'wall/bench',
        ...guarded,
        lazy: fetched(async () => (await import('./places/wall/BenchWall')).BenchWall),
      },
      {
        path: 'wall/class/:id?',
        ...guarded,
        lazy: fetched(async () => (await import('./places/class/ClassWall')).ClassWall),
      },
      {
        path: 'rack',
        ...guarded,
        lazy: fetched(async () => (await import('./places/rack/RackPlace')).RackPlace),
        children: [
          {
            index: true,
            ...guarded,
            lazy: fetched(async () => (await import('./places/rack/ColourShelf')).RackColourSheet),
          },
          {
            path: 'glasses',
            ...guarded,
            lazy: fetched(async () => (await import('./places/rack/GlassShelf')).GlassSheet),
          },
          {
            path: 'tests',
            ...guarded,
            lazy: fetched(
              async () => (await import('./places/rack/fitTests/FitTestSheet')).TestsSheet,
            ),
          },
          {
            path: 'shop',
            ...guarded,
            lazy: fetched(async () => (await import('./places/rack/ShopSheet')).ShopSheet),
          },
          {
            path: 'screens',
            ...guarded,
            lazy: fetched(
              async () => (await import('./places/rack/screens/ScreensSheet')).ScreensSheet,
            ),
          },
        ],
      },
      {
        path: 'pot',
        ...guarded,
        lazy: fetched(async () => (await import('./places/pot/PotPlace')).PotPlace),
      },
      {
        path: 'bench',
        ...guarded,
        lazy: fetched(async () => (await import('./places/making/BenchPlace')).BenchPlace),
      },
      {
        path: 'bench/begin/:id',
        ...guarded,
        lazy: fetched(async () => (await import('./places/making/BeginMaking')).BeginMaking),
      },
      {
        path: 'bench/:id',
        ...guarded,
        lazy: fetched(async () => (await import('./places/making/MakingPlace')).MakingPlace),
      },
      {
        path: 'night',
        ...guarded,
        lazy: fetched(async () => (await import('./places/night/NightPlace')).NightPlace),
      },
      {
        path: 'log',
        ...guarded,
        lazy: fetched(async () => (await import('./places/log/LogPlace')).LogPlace),
      },
      {
        path: 'log/beside/:piece',
        ...guarded,
        lazy: fetched(async () => (await import('./places/log/BesidePlace')).BesidePlace),
      },
      {
        path: 'log/day/:day',
        ...guarded,
        lazy: fetched(async () => (await import('./places/log/DayPlace')).DayPlace),
      },
      {
        path: '*',
        element: (
          <Later name="Nothing here" will={tr`This address leads nowhere; the places are above.`} />
        ),
      },
    ],
  },
];
