import { createBrowserRouter } from 'react-router';
import { ErrorPage } from './ErrorPage';

/** The pages, each loaded when it is first opened. */
export const router = createBrowserRouter([
  {
    ErrorBoundary: ErrorPage,
    HydrateFallback: () => null,
    children: [
      { path: '/', lazy: async () => ({ Component: (await import('../features/jobs/JobsPage')).JobsPage }) },
      {
        path: '/jobs/:jobId/:circuitId?',
        lazy: async () => ({ Component: (await import('../features/circuits/CircuitsPage')).CircuitsPage }),
      },
      {
        path: '/jobs/:jobId/:circuitId/sheet',
        lazy: async () => ({ Component: (await import('../features/sheet/SheetPage')).SheetPage }),
      },
    ],
  },
]);
