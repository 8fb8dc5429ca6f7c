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
import { PageComes } from './ui/PageComes';
import { msg } from './words/base';
import { useLanguage } from './words/words';

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
const TalkPage = lazy(() => later(() => import('./stages/brief/TalkPage')));
const LogbookPage = lazy(() => later(() => import('./pages/logbook/LogbookPage')));
const DrillsPage = lazy(() => later(() => import('./pages/drills/DrillsPage')));
const RoundPage = lazy(() => later(() => import('./pages/drills/RoundPage')));

/** The page itself could not be had: the network has gone, or the server has a newer one. */
const failedPage = (): Fault => ({
  type: 'warning',
  title: msg('pageNotHad'),
  words: msg('pageNotHadWhy'),
  again: msg('askAgain'),
  act: () => window.location.reload(),
});

startGlare();

function Pages() {
  // what is said at the desk is asked while a page is put together: in another language it is put together anew
  const lang = useLanguage();
  return (
    <Boundary what={msg('thisPage')} failed={failedPage()}>
      <BrowserRouter>
        <Suspense fallback={<PageComes />}>
          <Routes>
            <Route path="/" element={<Board key={lang} />} />
            <Route path="/sign-in" element={<SignIn key={lang} />} />
            <Route path="/join" element={<JoinPage />} />
            <Route path="/join/:code" element={<JoinPage />} />
            <Route path="/crew/:job" element={<CrewApp />} />
            <Route path="/crew/:job/:page" element={<CrewApp />} />
            <Route path="/jobs/:job" element={<JobScreen key={lang} />} />
            <Route path="/jobs/:job/briefings/:number" element={<TalkPage key={lang} />} />
            <Route path="/jobs/:job/trees" element={<TreesPage key={lang} />} />
            <Route path="/jobs/:job/trees/new" element={<TreePage key={lang} />} />
            <Route path="/jobs/:job/trees/:stem" element={<TreePage key={lang} />} />
            <Route path="/jobs/:job/:stage" element={<JobScreen key={lang} />} />
            <Route path="/jobs/:job/hand-over/:stem" element={<HandOverPage key={lang} />} />
            <Route path="/sums" element={<SumsPage key={lang} />} />
            <Route path="/house" element={<HousePage key={lang} />} />
            <Route path="/logbook" element={<LogbookPage key={lang} />} />
            <Route path="/drills" element={<DrillsPage />} />
            <Route path="/drills/:kind" element={<RoundPage />} />
          </Routes>
        </Suspense>
      </BrowserRouter>
    </Boundary>
  );
}

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, staleTime: 5_000, refetchOnWindowFocus: true } },
});

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <AppTheme>
        <Pages />
        <AskAgain />
      </AppTheme>
    </QueryClientProvider>
  </StrictMode>,
);
