// Routes: six places, and inside a piece its five sheets.
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router';
import { Later } from './places/Later';
import { PiecesPlace } from './places/pieces/PiecesPlace';
import { Shell } from './shell/Shell';

const router = createBrowserRouter([
  {
    element: <Shell />,
    hydrateFallbackElement: <></>,
    children: [
      { index: true, element: <Navigate to="/pieces" replace /> },
      { path: 'pieces', element: <PiecesPlace /> },
      {
        path: 'pieces/:id',
        lazy: async () => ({
          Component: (await import('./places/piece/PiecePlace')).PiecePlace,
        }),
        children: [
          { index: true, element: <Navigate to="section" replace /> },
          {
            path: 'section',
            lazy: async () => ({
              Component: (await import('./places/piece/section/SectionSheet')).SectionSheet,
            }),
          },
          {
            path: 'colour',
            lazy: async () => ({
              Component: (await import('./places/piece/colour/ColourSheet')).ColourSheet,
            }),
          },
          {
            path: 'braid',
            lazy: async () => ({
              Component: (await import('./places/piece/braid/BraidSheet')).BraidSheet,
            }),
          },
          {
            path: 'night',
            lazy: async () => ({
              Component: (await import('./places/piece/tonight/NightSheet')).NightSheet,
            }),
          },
          {
            path: 'card',
            lazy: async () => ({
              Component: (await import('./places/piece/card/CardSheet')).CardSheet,
            }),
          },
        ],
      },
      {
        path: 'rack',
        lazy: async () => ({ Component: (await import('./places/rack/RackPlace')).RackPlace }),
        children: [
          {
            index: true,
            lazy: async () => ({
              Component: (await import('./places/rack/ColourShelf')).ColourSheet,
            }),
          },
          {
            path: 'glasses',
            lazy: async () => ({
              Component: (await import('./places/rack/GlassShelf')).GlassSheet,
            }),
          },
          {
            path: 'tests',
            lazy: async () => ({
              Component: (await import('./places/rack/fitTests/FitTestSheet')).TestsSheet,
            }),
          },
          {
            path: 'shop',
            lazy: async () => ({
              Component: (await import('./places/rack/ShopSheet')).ShopSheet,
            }),
          },
        ],
      },
      {
        path: 'pot',
        element: (
          <Later
            name="Pot"
            will="The furnace: what is in the pot, how deep, what was charged when, and the temperature the gathers are counted at."
          />
        ),
      },
      {
        path: 'bench',
        element: (
          <Later
            name="Bench"
            will="Making it: one step at a time in big type, space for the next, with weights and calipers to hand."
          />
        ),
      },
      {
        path: 'night',
        lazy: async () => ({ Component: (await import('./places/night/NightPlace')).NightPlace }),
      },
      {
        path: 'log',
        element: (
          <Later
            name="Log"
            will="What was made, weighed, broken and why, so that the next plan knows better."
          />
        ),
      },
      {
        path: '*',
        element: (
          <Later name="Nothing here" will="This address leads nowhere; the places are above." />
        ),
      },
    ],
  },
]);

export function App() {
  return <RouterProvider router={router} />;
}
