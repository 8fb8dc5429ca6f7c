import { Waiting } from './ui/Waiting';
import css from './ui/layout.module.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import './app/app.css';
import { AskAgain } from './app/AskAgain';
import { startGlare } from './app/glare';
import { later } from './app/later';
import { AppTheme } from './ui/AppTheme';
import { Boundary, type Fault } from './ui/Boundary';

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
const FAILED: Fault = {
  type: 'warning',
  title: 'This page could not be had',
  words: 'The network may have gone, or the server has a newer page. HOLD by whistle and arm until it is back.',
  again: 'Ask again',
  act: () => window.location.reload(),
};

startGlare();

const LOGBOOK =
  'All outcomes of all jobs, accuracy and corrections will stand here. Until then each job’s Review holds its own outcomes.';
const DRILLS = 'Practice at reading lean, bind and lay will stand here, on made-up stems, before it can hurt.';

function Pages() {
  return (
    <Routes>
      <Route path="/" element={<Board />} />
      <Route path="/sign-in" element={<SignIn />} />
      <Route path="/join" element={<JoinPage />} />
      <Route path="/join/:code" element={<JoinPage />} />
      <Route path="/crew/:job" element={<CrewApp />} />
      <Route path="/crew/:job/:page" element={<CrewApp />} />
      <Route path="/jobs/:job" element={<JobScreen />} />
      <Route path="/jobs/:job/trees" element={<TreesPage />} />
      <Route path="/jobs/:job/trees/new" element={<TreePage />} />
      <Route path="/jobs/:job/trees/:stem" element={<TreePage />} />
      <Route path="/jobs/:job/:stage" element={<JobScreen />} />
      <Route path="/jobs/:job/hand-over/:stem" element={<HandOverPage />} />
      <Route path="/sums" element={<SumsPage />} />
      <Route path="/house" element={<HousePage />} />
      <Route path="/logbook" element={<Coming title="Logbook" words={LOGBOOK} />} />
      <Route path="/drills" element={<Coming title="Drills" words={DRILLS} />} />
    </Routes>
  );
}

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, staleTime: 5_000, refetchOnWindowFocus: true } },
});

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <AppTheme>
        <Boundary what="This page" failed={FAILED}>
          <BrowserRouter>
            <Suspense fallback={<Waiting className={css.waiting} />}>
              <Pages />
            </Suspense>
          </BrowserRouter>
        </Boundary>
        <AskAgain />
      </AppTheme>
    </QueryClientProvider>
  </StrictMode>,
);
