import { createBrowserRouter, redirect, type RouteObject } from 'react-router';
import { STAGES, type StageName } from '../features/job/stages';
import { ErrorPage } from './ErrorPage';

type Page = NonNullable<RouteObject['lazy']>;

/** The page of each stage, loaded when it is first opened. A stage without one does not compile. */
const STAGE_PAGES: Readonly<Record<StageName, Page>> = {
  survey: async () => ({ Component: (await import('../features/survey/SurveyStage')).SurveyStage }),
  service: async () => ({ Component: (await import('../features/service/ServiceStage')).ServiceStage }),
  circuits: async () => ({ Component: (await import('../features/circuits/CircuitsStage')).CircuitsStage }),
  water: async () => ({ Component: (await import('../features/water/WaterStage')).WaterStage }),
  panel: async () => ({ Component: (await import('../features/panel/PanelStage')).PanelStage }),
  materials: async () => ({
    Component: (await import('../features/materials/MaterialsStage')).MaterialsStage,
  }),
  checks: async () => ({ Component: (await import('../features/checks/ChecksStage')).ChecksStage }),
  packet: async () => ({ Component: (await import('../features/packet/PacketStage')).PacketStage }),
  days: async () => ({ Component: (await import('../features/days/DaysStage')).DaysStage }),
};

/** The stage without a path of its own shows the circuit that the address names. */
const stageRoute = ({ id, path }: (typeof STAGES)[number]): RouteObject => ({
  path: path === '' ? ':circuitId?' : path,
  lazy: STAGE_PAGES[id],
});

/** The pages, each loaded when it is first opened. The stages of a job share it while it is open. */
export const router = createBrowserRouter([
  {
    ErrorBoundary: ErrorPage,
    HydrateFallback: () => null,
    children: [
      { path: '/', lazy: async () => ({ Component: (await import('../features/jobs/JobsPage')).JobsPage }) },
      {
        path: '/merge/:jobId/:copyId',
        lazy: async () => ({ Component: (await import('../features/jobs/MergePage')).MergePage }),
      },
      { path: '/bench', element: null, loader: () => redirect('/bench/faults') },
      {
        path: '/bench/faults/:benchId?',
        lazy: async () => ({ Component: (await import('../features/bench/FaultsPage')).FaultsPage }),
      },
      {
        path: '/bench/drills/:drillId?',
        lazy: async () => ({ Component: (await import('../features/bench/DrillsPage')).DrillsPage }),
      },
      {
        path: '/bench/lessons/:lessonId?',
        lazy: async () => ({ Component: (await import('../features/bench/LessonsPage')).LessonsPage }),
      },
      {
        path: '/bench/record',
        lazy: async () => ({ Component: (await import('../features/bench/RecordPage')).RecordPage }),
      },
      {
        path: '/bench/own/:jobId/:circuitId',
        lazy: async () => ({ Component: (await import('../features/bench/OwnBenchPage')).OwnBenchPage }),
      },
      {
        path: '/jobs/:jobId',
        lazy: async () => ({ Component: (await import('../features/job/JobPage')).JobPage }),
        children: [
          ...STAGES.map(stageRoute),
          {
            path: 'questions',
            lazy: async () => ({
              Component: (await import('../features/questions/QuestionsPage')).QuestionsPage,
            }),
          },
          {
            path: 'found',
            lazy: async () => ({ Component: (await import('../features/survey/FoundPage')).FoundPage }),
          },
          {
            path: 'print',
            lazy: async () => ({
              Component: (await import('../features/sheet/JobPrintPage')).JobPrintPage,
            }),
          },
          {
            path: 'water/walk',
            lazy: async () => ({ Component: (await import('../features/water/walk/BondWalk')).BondWalk }),
          },
          {
            path: 'water/sheet',
            lazy: async () => ({ Component: (await import('../features/water/PlanSheet')).PlanSheet }),
          },
          {
            path: 'materials/quote',
            lazy: async () => ({
              Component: (await import('../features/materials/quote/QuoteView')).QuoteView,
            }),
          },
          {
            path: 'materials/count',
            lazy: async () => ({
              Component: (await import('../features/materials/count/CountPage')).CountPage,
            }),
          },
          {
            path: 'days/week',
            lazy: async () => ({ Component: (await import('../features/days/WeekPage')).WeekPage }),
          },
          {
            path: 'quote',
            lazy: async () => ({
              Component: (await import('../features/materials/quote/OwnersPage')).OwnersPage,
            }),
          },
          {
            path: 'directory',
            lazy: async () => ({
              Component: (await import('../features/panel/DirectoryPage')).DirectoryPage,
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
