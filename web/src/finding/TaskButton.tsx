import { useLocation, useMatch, useNavigate } from 'react-router';
import type { Finding } from '../api/client';
import { useKnownBay } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { STAGE_PAGES } from '../ui/stages';
import { appWords } from '../words/page/app';

type Page = NonNullable<Finding['task']>['page'];

interface Place {
  words: string;
  path: string;
}

const OF_THE_SHOP = {
  BAY: { words: appWords.bays(), path: '/bays' },
  RULEBOOK: { words: appWords.rulebook(), path: '/rulebook' },
};

const OF_A_JOB: Record<Exclude<Page, keyof typeof OF_THE_SHOP>, Place> = {
  ...STAGE_PAGES,
  PHOTOS: { words: appWords.photos(), path: '/photos' },
};

function placeOf(page: Page, jobId: string, bay: string | undefined): Place {
  if (page === 'BAY' && bay) {
    return { words: appWords.bay(), path: `/bays/${bay}` };
  }
  if (page === 'BAY' || page === 'RULEBOOK') {
    return OF_THE_SHOP[page];
  }
  const { words, path } = OF_A_JOB[page];
  return { words, path: `/jobs/${jobId}${path}` };
}

/** The way to the page where a finding is settled; nothing where that is the open one. */
export function TaskButton({ finding }: { finding: Finding | undefined }) {
  const navigate = useNavigate();
  const here = useLocation().pathname;
  const jobId = useMatch('/jobs/:id/*')?.params.id;
  const bay = useKnownBay(jobId ?? '');
  if (!finding?.task || finding.verdict === 'WITHIN' || !jobId) {
    return null;
  }
  const { words, path } = placeOf(finding.task.page, jobId, bay);
  return path === here ? null : (
    <PlainButton onClick={() => void navigate(path)}>{appWords.goTo({ page: words })}</PlainButton>
  );
}
