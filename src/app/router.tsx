import { createBrowserRouter } from 'react-router';
import { ErrorPage } from './ErrorPage';

/** The pages, each loaded when it is first opened. The stages of a job share it while it is open. */
export const router = createBrowserRouter([
  {
    ErrorBoundary: ErrorPage,
    HydrateFallback: () => null,
    children: [
      { path: '/', lazy: async () => ({ Component: (await import('../features/jobs/JobsPage')).JobsPage }) },
      {
        path: '/jobs/:jobId',
        lazy: async () => ({ Component: (await import('../features/job/JobPage')).JobPage }),
        children: [
          {
            path: 'survey',
            lazy: async () => ({ Component: (await import('../features/survey/SurveyStage')).SurveyStage }),
          },
          {
            path: 'service',
            lazy: async () => ({
              Component: (await import('../features/service/ServiceStage')).ServiceStage,
            }),
          },
          {
            path: 'panel',
            lazy: async () => ({ Component: (await import('../features/panel/PanelStage')).PanelStage }),
          },
          {
            path: 'directory',
            lazy: async () => ({
              Component: (await import('../features/panel/DirectoryPage')).DirectoryPage,
            }),
          },
          {
            path: ':circuitId?',
            lazy: async () => ({
              Component: (await import('../features/circuits/CircuitsStage')).CircuitsStage,
            }),
          },
        ],
      },
      {
        path: '/jobs/:jobId/:circuitId/strip',
        lazy: async () => ({ Component: (await import('../features/sheet/StripPage')).StripPage }),
      },
      {
        path: '/jobs/:jobId/:circuitId/sheet',
        lazy: async () => ({ Component: (await import('../features/sheet/SheetPage')).SheetPage }),
      },
    ],
  },
]);
