import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { FindEdit, FindPage as Page, Hunt } from '../api/client';
import { useFindPage } from '../api/queries';
import { CircuitDrawing } from '../circuit/CircuitDrawing';
import { Cautions } from '../finding/Cautions';
import { JobStage } from '../frame/JobStage';
import { JobStrip } from '../frame/JobStrip';
import { KeptHeader } from '../frame/KeptHeader';
import { StageColumn, StageFrame } from '../frame/StageFrame';
import { useToYard } from '../frame/useToYard';
import { useKept } from '../kept/useKept';
import { useCommand } from '../ui/commands';
import { appWords } from '../words/page/app';
import { findWords } from '../words/page/find';
import { CheckedTape } from './CheckedTape';
import { pointedAt, searchingOn } from './checking';
import { FindBand } from './FindBand';
import { FindDialogs, type Shown } from './FindDialogs';
import { NextCheck } from './NextCheck';
import { SetUp } from './SetUp';
import { Suspects } from './Suspects';
import { useHunt } from './useHunt';
import { useSound } from './useSound';
import { VehicleDrawing } from './VehicleDrawing';

export function FindPage() {
  return (
    <JobStage usePage={useFindPage}>
      {(page, offline) => <Find page={page} offline={offline} />}
    </JobStage>
  );
}

function Find({ page, offline }: { page: Page; offline: boolean }) {
  const jobId = page.job.id;
  const kept = useKept<FindEdit>('find', jobId, { version: page.version, content: page.find });
  const find = kept.content;
  const { hunt } = page;
  const [shown, setShown] = useState<Shown>();
  const [onVehicle, setOnVehicle] = useState(false);
  const hunting = useHunt(jobId);
  const change = (part: Partial<FindEdit>) => kept.change({ ...find, ...part });
  useToYard();
  useCommand('q', findWords.chooseTheCircuit(), () => setShown({ what: 'circuit' }));
  useCommand('o', findWords.otherCheck(), () => setShown({ what: 'other' }));
  useCommand('v', findWords.onTheVehicle(), () => setOnVehicle(!onVehicle));
  useCommand('w', appWords.cautions(), () => setShown({ what: 'cautions' }));
  return (
    <StageFrame
      header={<KeptHeader page={page} here="FIND" kept={kept} offline={offline} />}
      strip={<JobStrip job={page.job} here="FIND" />}
      leftWidth="236px"
      left={
        <StageColumn
          label={findWords.searchColumn()}
          foot={
            <Cautions
              cautions={page.cautions}
              where={findWords.atTheProbes()}
              open={shown?.what === 'cautions'}
              setOpen={(on) => setShown(on ? { what: 'cautions' } : undefined)}
            />
          }
        >
          <SetUp
            page={page}
            find={find}
            hunt={hunt}
            change={change}
            onCircuit={() => setShown({ what: 'circuit' })}
            onAnswers={() => setShown({ what: 'answers' })}
            onVehicle={onVehicle}
            turn={() => setOnVehicle(!onVehicle)}
          />
        </StageColumn>
      }
      drawing={
        hunt ? (
          <Searching
            page={page}
            hunt={hunt}
            find={find}
            hunting={hunting}
            onVehicle={onVehicle}
            show={setShown}
          />
        ) : (
          <Box color="quiet" p="22px">
            {findWords.thenTheNextCheckIsHere()}
          </Box>
        )
      }
      rightWidth="330px"
      right={
        hunt && (
          <Box display="flex" flexDirection="column" h="100%" bg="panel">
            <Box flex="1.4" minH="0">
              <Suspects hunt={hunt} before={page.before} />
            </Box>
            <Box flex="1" minH="0">
              <CheckedTape
                job={page.job}
                hunt={hunt}
                waiting={hunting.waiting}
                problem={hunting.problem}
                onStrike={(id, words) => void hunting.strike(id, words)}
              />
            </Box>
          </Box>
        )
      }
      band={
        <FindBand
          page={page}
          kept={kept}
          onCircuit={() => setShown({ what: 'circuit' })}
          onEnd={() => setShown({ what: 'end' })}
          onSearchOn={() => change(searchingOn(find, hunt))}
          onSeeBoth={() => setShown({ what: 'both' })}
        />
      }
    >
      <FindDialogs
        page={page}
        find={find}
        shown={shown}
        checked={hunting.checked}
        problem={kept.refused}
        conflict={kept.conflict}
        close={() => setShown(undefined)}
        change={change}
      />
    </StageFrame>
  );
}

/** The circuit with what is suspected, and the next check under it. */
function Searching({
  page,
  hunt,
  find,
  hunting,
  onVehicle,
  show,
}: {
  page: Page;
  hunt: Hunt;
  find: FindEdit;
  hunting: ReturnType<typeof useHunt>;
  /** Whether it is seen as it lies on the vehicle, not as a circuit. */
  onVehicle: boolean;
  show: (what: Shown) => void;
}) {
  const navigate = useNavigate();
  const solved = useSound(page, hunt);
  const standBack = () => void navigate(`/jobs/${page.job.id}/find/stand-back`);
  useCommand('s', findWords.standBack(), standBack);
  const seen = {
    suspicion: find.ended ? {} : hunt.heat,
    pointed: hunt.next && !find.ended ? pointedAt(hunt.next.check.check) : undefined,
    onPart: (part: string) => show({ what: 'other', part }),
  };
  return (
    <>
      <Box flex={{ base: 'none', lg: '1' }} h={{ base: '420px', lg: 'auto' }} minH="0">
        {onVehicle ? (
          <VehicleDrawing page={page} hunt={hunt} {...seen} />
        ) : (
          <CircuitDrawing sheet={hunt.sheet} solved={solved} {...seen} />
        )}
      </Box>
      {!find.ended && (
        <NextCheck
          page={page}
          hunt={hunt}
          checked={hunting.checked}
          onOther={() => show({ what: 'other' })}
          onStandBack={standBack}
        />
      )}
    </>
  );
}
