import { term } from '../words/terms';
import { keptWords } from '../words/page/kept';

/** The documents that are saved at each change: as the server calls them, and where they stand. */
const DOCUMENTS = {
  'take-in': { field: 'takeIn', stage: 'TAKE_IN' },
  parts: { field: 'parts', stage: 'PARTS' },
  place: { field: 'front', stage: 'PLACE' },
  feed: { field: 'feed', stage: 'FEED' },
  find: { field: 'find', stage: 'FIND' },
  'hand-over': { field: 'handOver', stage: 'HAND_OVER' },
} as const;

export type DocumentName = keyof typeof DOCUMENTS;

/** The stages that have such a document; the server calls it by the stage's name. */
export type KeptStage = (typeof DOCUMENTS)[DocumentName]['stage'];

/** What one document of a job is called while it waits. */
export const documentKey = (name: DocumentName, jobId: string) => `${name} ${jobId}`;

/** What is sent of a document. */
export const contentOf = (name: DocumentName, body: Record<string, unknown>) =>
  body[DOCUMENTS[name].field];

/** A document's newest state, as it goes out. */
export function documentState(
  name: DocumentName,
  jobId: string,
  version: number,
  content: unknown,
) {
  const { field, stage } = DOCUMENTS[name];
  return {
    of: jobId,
    path: `/api/jobs/{jobId}/${name}`,
    params: { jobId },
    body: { version, [field]: content },
    page: [name, jobId],
    document: documentKey(name, jobId),
    words: keptWords.changesAt({ stage: term('Stage', stage) }),
  };
}
