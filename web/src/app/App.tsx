import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { Suspense, useEffect, type ReactNode } from 'react';
import { BrowserRouter, Route, Routes } from 'react-router';
import { base, lookingBackTo, today } from '../browser/moment';
import { useChanges } from '../record/useChanges';
import { BellProvider } from '../timers/Bell';
import { useOutbox } from '../kept/useOutbox';
import { answers } from '../api/cache';
import { CommandProvider } from '../ui/commands';
import { Nowhere, Waiting } from '../frame/Nowhere';
import { PageProblem } from './PageProblem';
import { fetchAhead, PAGES } from './pages';
import { SessionProvider } from '../ui/session';
import { system } from '../ui/theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content;
const styles = createCache({ key: 'mh', nonce });
const queries = answers();

/** A page that looks back is loaded for it, and stays with its moment. */
const earlier = lookingBackTo() !== undefined;

/** Beside the first page, and so not there before it: fetches the others. */
function Ahead() {
  useEffect(() => void fetchAhead(), []);
  return null;
}

/** What is of no single job is shown as it is today. */
function ToToday() {
  useEffect(() => window.location.replace(today()), []);
  return null;
}

/** Timers ring where it is today. */
function Ringing({ children }: { children: ReactNode }) {
  return earlier ? children : <BellProvider>{children}</BellProvider>;
}

/** Sends what waits for the network and follows what others keep, whatever page is open. */
function Exchange() {
  useOutbox();
  useChanges();
  return null;
}

export function App() {
  return (
    <CacheProvider value={styles}>
      <ChakraProvider value={system}>
        <QueryClientProvider client={queries}>
          <SessionProvider>
            {!earlier && <Exchange />}
            <CommandProvider>
              <Ringing>
                <BrowserRouter basename={base()}>
                  <PageProblem>
                    <Suspense fallback={<Waiting />}>
                      <Ahead />
                      <Routes>
                        <Route path="/" element={earlier ? <ToToday /> : <PAGES.Yard />} />
                        <Route path="/jobs/:id" element={<PAGES.WallPage />} />
                        <Route path="/jobs/:id/take-in" element={<PAGES.TakeInPage />} />
                        <Route path="/jobs/:id/as-it-came" element={<PAGES.AsItCamePage />} />
                        <Route path="/jobs/:id/find" element={<PAGES.FindPage />} />
                        <Route path="/jobs/:id/find/stand-back" element={<PAGES.FindStandBack />} />
                        <Route path="/jobs/:id/parts" element={<PAGES.PartsPage />} />
                        <Route path="/jobs/:id/record" element={<PAGES.RecordPage />} />
                        <Route path="/jobs/:id/photos" element={<PAGES.PhotosPage />} />
                        <Route path="/jobs/:id/place" element={<PAGES.PlacePage />} />
                        <Route path="/jobs/:id/feed" element={<PAGES.FeedPage />} />
                        <Route path="/jobs/:id/apart" element={<PAGES.ApartPage />} />
                        <Route path="/jobs/:id/bench" element={<PAGES.BenchPage />} />
                        <Route path="/jobs/:id/prove" element={<PAGES.ProvePage />} />
                        <Route
                          path="/jobs/:id/prove/stand-back"
                          element={<PAGES.ProofStandBack />}
                        />
                        <Route path="/jobs/:id/together" element={<PAGES.TogetherPage />} />
                        <Route path="/jobs/:id/hand-over" element={<PAGES.HandOverPage />} />
                        <Route path="/jobs/:id/stand-back" element={<PAGES.StandBack />} />
                        <Route path="/bays" element={<PAGES.BayList />} />
                        <Route path="/bays/:id" element={<PAGES.BayPage />} />
                        <Route
                          path="/history"
                          element={earlier ? <ToToday /> : <PAGES.HistoryPage />}
                        />
                        <Route path="/rulebook" element={<PAGES.RulebookPage />} />
                        <Route path="*" element={<Nowhere what="page" />} />
                      </Routes>
                    </Suspense>
                  </PageProblem>
                </BrowserRouter>
              </Ringing>
            </CommandProvider>
          </SessionProvider>
        </QueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  );
}
