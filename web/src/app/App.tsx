import { ChakraProvider } from '@chakra-ui/react';
import createCache from '@emotion/cache';
import { CacheProvider } from '@emotion/react';
import { QueryClientProvider } from '@tanstack/react-query';
import { BrowserRouter, Route, Routes } from 'react-router';
import { AsItCamePage } from '../came/AsItCamePage';
import { BayList } from '../bay/BayList';
import { BayPage } from '../bay/BayPage';
import { FeedPage } from '../feed/FeedPage';
import { HandOverPage } from '../handover/HandOverPage';
import { HistoryPage } from '../history/HistoryPage';
import { PartsPage } from '../parts/PartsPage';
import { PhotosPage } from '../photos/PhotosPage';
import { PlacePage } from '../place/PlacePage';
import { useChanges } from '../record/useChanges';
import { RulebookPage } from '../rulebook/RulebookPage';
import { StandBack } from '../standback/StandBack';
import { TakeInPage } from '../takein/TakeInPage';
import { BellProvider } from '../timers/Bell';
import { WallPage } from '../wall/WallPage';
import { ApartPage } from '../workshop/ApartPage';
import { BenchPage } from '../workshop/BenchPage';
import { ProofStandBack } from '../workshop/ProofStandBack';
import { ProvePage } from '../workshop/ProvePage';
import { TogetherPage } from '../workshop/TogetherPage';
import { useOutbox } from '../kept/useOutbox';
import { Yard } from '../yard/Yard';
import { answers } from './cache';
import { CommandProvider } from './commands';
import { Nowhere } from './Nowhere';
import { SessionProvider } from './session';
import { system } from './theme';

const nonce = document.querySelector<HTMLMetaElement>('meta[name=csp-nonce]')?.content;
const styles = createCache({ key: 'mh', nonce });
const queries = answers();

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
            <Exchange />
            <CommandProvider>
              <BellProvider>
                <BrowserRouter>
                  <Routes>
                    <Route path="/" element={<Yard />} />
                    <Route path="/jobs/:id" element={<WallPage />} />
                    <Route path="/jobs/:id/take-in" element={<TakeInPage />} />
                    <Route path="/jobs/:id/as-it-came" element={<AsItCamePage />} />
                    <Route path="/jobs/:id/parts" element={<PartsPage />} />
                    <Route path="/jobs/:id/photos" element={<PhotosPage />} />
                    <Route path="/jobs/:id/place" element={<PlacePage />} />
                    <Route path="/jobs/:id/feed" element={<FeedPage />} />
                    <Route path="/jobs/:id/apart" element={<ApartPage />} />
                    <Route path="/jobs/:id/bench" element={<BenchPage />} />
                    <Route path="/jobs/:id/prove" element={<ProvePage />} />
                    <Route path="/jobs/:id/prove/stand-back" element={<ProofStandBack />} />
                    <Route path="/jobs/:id/together" element={<TogetherPage />} />
                    <Route path="/jobs/:id/hand-over" element={<HandOverPage />} />
                    <Route path="/jobs/:id/stand-back" element={<StandBack />} />
                    <Route path="/bays" element={<BayList />} />
                    <Route path="/bays/:id" element={<BayPage />} />
                    <Route path="/history" element={<HistoryPage />} />
                    <Route path="/rulebook" element={<RulebookPage />} />
                    <Route path="*" element={<Nowhere what="page" />} />
                  </Routes>
                </BrowserRouter>
              </BellProvider>
            </CommandProvider>
          </SessionProvider>
        </QueryClientProvider>
      </ChakraProvider>
    </CacheProvider>
  );
}
