import createClient, { type Middleware } from 'openapi-fetch';
import { browserMemory } from '../browser/memory';
import { lookingBackTo } from '../browser/moment';
import { spoken } from '../words/say';
import type { components, paths } from './schema';
import { appWords } from '../words/page/app';

/** A problem document (RFC 9457): one sentence, the field it is about, and whatever comes with it. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly sentence: string,
    readonly field: string | undefined,
    readonly more: Record<string, unknown>,
  ) {
    super(sentence);
  }

  /** Whether the server answered for good: sending the same again will not change that. */
  get final(): boolean {
    return this.status >= 400 && this.status < 500;
  }
}

const ACTING_KEY = 'mellow.acting';

/** The name picked on this page; the one place where the browser keeps it. */
export function actingName(): string {
  return browserMemory.get(ACTING_KEY) ?? '';
}

export function keepActingName(name: string) {
  browserMemory.set(ACTING_KEY, name);
}

const DEVICE_KEY = 'mellow.device';
const NARROW_PX = 600;
const LARGE_PX = 1100;

/** What this browser is called in the record: what it is, and a number made once. */
function deviceName(): string {
  const known = browserMemory.get(DEVICE_KEY);
  if (known) {
    return known;
  }
  const shorter = Math.min(window.screen.width, window.screen.height);
  const what = shorter < NARROW_PX ? 'phone' : shorter < LARGE_PX ? 'tablet' : 'screen';
  const name = `${what} ${String(Math.floor(1000 + Math.random() * 9000))}`;
  browserMemory.set(DEVICE_KEY, name);
  return name;
}

/** What goes with every request: who acts, on which device, in which language, and when. */
export function actingHeaders(person = actingName()): Record<string, string> {
  const moment = lookingBackTo();
  return {
    ...(moment && { 'X-As-Of': moment }),
    'X-Acting-As': encodeURIComponent(person),
    'X-Device': encodeURIComponent(deviceName()),
    'Accept-Language': spoken(),
  };
}

const acting: Middleware = {
  onRequest({ request }) {
    // what waited goes out in the name of whoever entered it
    Object.entries(actingHeaders()).forEach(
      ([name, value]) => request.headers.get(name) || request.headers.set(name, value),
    );
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '' });
api.use(acting);

type Answer<T> = { data?: T; error?: unknown; response: Response };

/**
 * The answer's data, nothing where it has none, or a thrown {@link Problem}; a network that fails
 * becomes one too.
 */
export async function unwrap<T>(call: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await call;
  } catch {
    throw new Problem(0, appWords.theServerCantBeReachedWhat(), undefined, {});
  }
  const hasNone = answer.response.status === 204;
  if (answer.response.ok && (answer.data !== undefined || hasNone)) {
    return answer.data as T;
  }
  const body = (answer.error ?? {}) as Record<string, unknown>;
  throw new Problem(
    answer.response.status,
    typeof body.detail === 'string' ? body.detail : appWords.theServerDidNotUnderstandThis(),
    typeof body.field === 'string' ? body.field : undefined,
    body,
  );
}

type Schemas = components['schemas'];
export type Figure = Schemas['Figure'];

/** A field in which two versions of a document differ, in words. */
export type Difference = Schemas['VersionDifference'];
export type LastChange = Schemas['LastChange'];
export type Sentence = Schemas['Sentence'];
export type Finding = Schemas['Finding'];
export type WorkingLine = Schemas['WorkingLine'];
export type Source = Schemas['Source'];
export type Horizon = Schemas['Horizon'];
export type JobPage = Schemas['JobPage'];
export type Job = Schemas['Job'];
export type JobEdit = Schemas['JobEdit'];
export type Vehicle = Schemas['Vehicle'];
export type VehicleEdit = Schemas['VehicleEdit'];
export type Adjuster = Schemas['Adjuster'];
export type AdjusterEdit = Schemas['AdjusterEdit'];
export type Bay = Schemas['Bay'];
export type BayEdit = Schemas['BayEdit'];
export type BayPage = Schemas['BayPage'];
export type Floor = Schemas['Floor'];
export type Reading = Schemas['Reading'];
export type ReadingEdit = Schemas['ReadingEdit'];
export type WallSheet = Schemas['WallSheet'];
export type WallRequest = Schemas['WallRequest'];
export type Taken = Schemas['Taken'];
export type PairAtWall = Schemas['PairAtWall'];
export type LampAtWall = Schemas['LampAtWall'];
export type LampSetting = Schemas['LampSetting'];
export type RoadLight = Schemas['RoadLight'];
export type LitRoad = Schemas['LitRoad'];
export type BeamFile = Schemas['BeamFile'];
export type SchoolRow = Schemas['SchoolRow'];
export type SchoolTable = Schemas['SchoolTable'];
export type Standing = Schemas['Standing'];
export type YardRow = Schemas['YardRow'];
export type RuleSet = Schemas['RuleSet'];
export type Caution = Schemas['Caution'];
export type Stance = Schemas['Stance'];
export type Lens = Schemas['Lens'];
export type PlacePage = Schemas['PlacePage'];
export type PlaceSheet = Schemas['PlaceSheet'];
export type PlaceBound = Schemas['PlaceBound'];
export type FrontEdit = Schemas['FrontEdit'];
export type LampPairEdit = Schemas['LampPairEdit'];
export type KeepOutEdit = Schemas['KeepOutEdit'];
export type ShapeEdit = Schemas['ShapeEdit'];
export type SpotEdit = Schemas['SpotEdit'];
export type AsideJob = Schemas['AsideJob'];
export type RecessEdit = Schemas['RecessEdit'];
export type TakeInPage = Schemas['TakeInPage'];
export type TakeInEdit = Schemas['TakeInEdit'];
export type LampCheck = Schemas['LampCheck'];
export type FoundEdit = Schemas['FoundEdit'];
export type DoneBefore = Schemas['DoneBefore'];
export type Plan = Schemas['Plan'];
export type PlannedStage = Schemas['PlannedStage'];
export type WorkKind = TakeInEdit['kinds'][number];
export type PriorChange = TakeInEdit['changes'][number];
export type PartsPage = Schemas['PartsPage'];
export type PartsEdit = Schemas['PartsEdit'];
export type PartsSheet = Schemas['PartsSheet'];
export type PartEdit = Schemas['PartEdit'];
export type PlugEdit = Schemas['PlugEdit'];
export type CandidateEdit = Schemas['CandidateEdit'];
export type LightEdit = Schemas['LightEdit'];
export type PhotosPage = Schemas['PhotosPage'];
export type Photo = Schemas['Photo'];
export type PhotoNotes = Schemas['PhotoNotes'];
export type PhotoMarks = Schemas['PhotoMarks'];
export type PhotoComparison = Schemas['PhotoComparison'];
export type JobFile = Schemas['JobFile'];
export type NearestPlace = Schemas['NearestPlace'];
export type LampFunction = LampPairEdit['function'];
export type Verdict = Finding['verdict'];
export type Units = Reading['units'];
export type Side = LampAtWall['side'];
export type LampKind = PairAtWall['kind'];
export type ReadingKind = Reading['kind'];
export type FeedPage = components['schemas']['FeedPage'];
export type FeedEdit = components['schemas']['FeedEdit'];
export type FeedSheet = components['schemas']['FeedSheet'];
export type FeedPart = components['schemas']['FeedPart'];
export type FeedWish = components['schemas']['FeedWish'];
export type BesidePlan = components['schemas']['BesidePlan'];
export type FeedPlanBrief = components['schemas']['PlanBrief'];
export type KnownSlot = components['schemas']['KnownSlot'];
export type FeedProposal = components['schemas']['FeedProposal'];
export type ChosenPlan = components['schemas']['ChosenPlan'];
export type PlanQuestion = components['schemas']['PlanQuestion'];
export type SolvedFeed = components['schemas']['SolvedFeed'];
export type PartNow = components['schemas']['PartNow'];
export type CircuitDrawing = components['schemas']['Drawing'];
export type PlacedSymbol = components['schemas']['Placed'];
export type Controls = components['schemas']['Controls'];
export type LampRow = components['schemas']['LampRow'];
export type SourceEdit = components['schemas']['SourceEdit'];
export type ProbedWire = components['schemas']['ProbedWire'];
export type DrivingState = FeedWish['state'];
export type LightLevel = FeedWish['level'];
export type FindPage = Schemas['FindPage'];
export type FindEdit = Schemas['FindEdit'];
export type Hunt = Schemas['Hunt'];
export type HuntCheck = Schemas['HuntCheck'];
export type CircuitLayout = Schemas['CircuitLayout'];
export type LayoutEnd = Schemas['LayoutEnd'];
export type FoundBefore = Schemas['FoundBefore'];
export type HuntCandidate = Schemas['HuntCandidate'];
export type ShownEdit = Schemas['ShownEdit'];
export type WorkshopPage = components['schemas']['WorkshopPage'];
export type EntryEdit = components['schemas']['EntryEdit'];
export type OutEdit = components['schemas']['OutEdit'];
export type StageWork = components['schemas']['StageWork'];
export type StepLine = components['schemas']['StepLine'];
export type LedgerLine = components['schemas']['LedgerLine'];
export type Timer = components['schemas']['Timer'];
export type ShopTimer = Schemas['ShopTimer'];
export type ProofItem = components['schemas']['ProofItem'];
export type ProofCell = components['schemas']['ProofCell'];
export type Heat = components['schemas']['Heat'];
export type BenchView = WorkshopPage['bench'];
export type HandOverPage = components['schemas']['HandOverPage'];
export type HandOverEdit = components['schemas']['HandOverEdit'];
export type RecordLine = Schemas['RecordLine'];
export type LookBack = components['schemas']['LookBack'];
