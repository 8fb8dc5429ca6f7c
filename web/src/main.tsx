import { Button, Result } from 'antd';
import { Waiting } from './ui/Waiting';
import css from './ui/layout.module.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { createBrowserRouter, RouterProvider } from 'react-router';
import './app/app.css';
import { AskAgain } from './app/AskAgain';
import { startGlare } from './app/glare';
import { later } from './app/later';
import { AppTheme } from './ui/AppTheme';

const Board = lazy(() => later(() => import('./app/Board')));
const SignIn = lazy(() => later(() => import('./app/SignIn')));
const JobScreen = lazy(() => later(() => import('./app/JobScreen')));
const JoinPage = lazy(() => later(() => import('./crew/JoinPage')));
const CrewApp = lazy(() => later(() => import('./crew/CrewApp')));
const TreesPage = lazy(() => later(() => import('./tree/TreesPage')));
const TreePage = lazy(() => later(() => import('./tree/TreePage')));
const SumsPage = lazy(() => later(() => import('./pages/sums/SumsPage')));
const HousePage = lazy(() => later(() => import('./pages/house/HousePage')));
const HandOverPage = lazy(() => later(() => import('./pages/HandOverPage')));
const Coming = lazy(() => later(() => import('./pages/Coming')));

/** The page itself could not be had: the network has gone, or the server has a newer one. */
function Failed() {
  return (
    <Result
      status="warning"
      title="This page could not be had"
      subTitle="The network may have gone, or the server has a newer page. HOLD by whistle and arm until it is back."
      extra={
        <Button type="primary" size="large" onClick={() => window.location.reload()}>
          Ask again
        </Button>
      }
    />
  );
}

startGlare();

const router = createBrowserRouter([
  {
    errorElement: <Failed />,
    children: [
      { path: '/', element: <Board /> },
      { path: '/sign-in', element: <SignIn /> },
      { path: '/join', element: <JoinPage /> },
      { path: '/join/:code', element: <JoinPage /> },
      { path: '/crew/:job', element: <CrewApp /> },
      { path: '/crew/:job/:page', element: <CrewApp /> },
      { path: '/jobs/:job', element: <JobScreen /> },
      { path: '/jobs/:job/trees', element: <TreesPage /> },
      { path: '/jobs/:job/trees/new', element: <TreePage /> },
      { path: '/jobs/:job/trees/:stem', element: <TreePage /> },
      { path: '/jobs/:job/:stage', element: <JobScreen /> },
      { path: '/jobs/:job/hand-over/:stem', element: <HandOverPage /> },
      { path: '/sums', element: <SumsPage /> },
      { path: '/house', element: <HousePage /> },
      {
        path: '/logbook',
        element: (
          <Coming
            title="Logbook"
            words="All outcomes of all jobs, accuracy and corrections will stand here. Until then each job's Review holds its own outcomes."
          />
        ),
      },
      {
        path: '/drills',
        element: (
          <Coming
            title="Drills"
            words="Practice at reading lean, bind and lay will stand here, on made-up stems, before it can hurt."
          />
        ),
      },
    ],
  },
]);

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, staleTime: 5_000, refetchOnWindowFocus: true } },
});

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <AppTheme>
        <Suspense fallback={<Waiting className={css.waiting} />}>
          <RouterProvider router={router} />
        </Suspense>
        <AskAgain />
      </AppTheme>
    </QueryClientProvider>
  </StrictMode>,
);
