import { lazy, type ComponentType } from 'react';

/** The pages, each fetched when it is first shown or, once there is time, ahead of that. */
const FILES = {
  Yard: () => import('../yard/Yard').then((file) => file.Yard),
  TakeInPage: () => import('../takein/TakeInPage').then((file) => file.TakeInPage),
  AsItCamePage: () => import('../came/AsItCamePage').then((file) => file.AsItCamePage),
  FindPage: () => import('../find/FindPage').then((file) => file.FindPage),
  FindStandBack: () => import('../find/FindStandBack').then((file) => file.FindStandBack),
  PartsPage: () => import('../parts/PartsPage').then((file) => file.PartsPage),
  PhotosPage: () => import('../photos/PhotosPage').then((file) => file.PhotosPage),
  PlacePage: () => import('../place/PlacePage').then((file) => file.PlacePage),
  FeedPage: () => import('../feed/FeedPage').then((file) => file.FeedPage),
  ApartPage: () => import('../workshop/ApartPage').then((file) => file.ApartPage),
  BenchPage: () => import('../bench/BenchPage').then((file) => file.BenchPage),
  ProvePage: () => import('../prove/ProvePage').then((file) => file.ProvePage),
  ProofStandBack: () => import('../prove/ProofStandBack').then((file) => file.ProofStandBack),
  TogetherPage: () => import('../workshop/TogetherPage').then((file) => file.TogetherPage),
  WallPage: () => import('../wall/WallPage').then((file) => file.WallPage),
  StandBack: () => import('../standback/StandBack').then((file) => file.StandBack),
  HandOverPage: () => import('../handover/HandOverPage').then((file) => file.HandOverPage),
  RecordPage: () => import('../record/RecordPage').then((file) => file.RecordPage),
  BayList: () => import('../bay/BayList').then((file) => file.BayList),
  BayPage: () => import('../bay/BayPage').then((file) => file.BayPage),
  HistoryPage: () => import('../history/HistoryPage').then((file) => file.HistoryPage),
  RulebookPage: () => import('../rulebook/RulebookPage').then((file) => file.RulebookPage),
} satisfies Record<string, () => Promise<ComponentType>>;

type Name = keyof typeof FILES;

const inTime = (name: Name) => lazy(async () => ({ default: await FILES[name]() }));

export const PAGES = Object.fromEntries(
  (Object.keys(FILES) as Name[]).map((name) => [name, inTime(name)]),
) as Record<Name, ReturnType<typeof inTime>>;

/** What is never at rest is not waited for longer. */
const PATIENCE_MS = 1000;

/** When the page has nothing else to do; not every browser tells. */
const atRest = () =>
  new Promise<void>((done) =>
    'requestIdleCallback' in window
      ? window.requestIdleCallback(() => done(), { timeout: PATIENCE_MS })
      : setTimeout(done, 50),
  );

/** Fetches all pages, so that none is missing where the network is lost while somebody works. */
export async function fetchAhead(): Promise<void> {
  for (const fetch of Object.values(FILES)) {
    await atRest();
    // what cannot be fetched now is tried again when it is shown
    await fetch().catch(() => undefined);
  }
}
