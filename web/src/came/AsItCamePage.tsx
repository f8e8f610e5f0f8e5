import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import type { JobPage } from '../app/api/client';
import { putVehicle, readLength, useJobPage, useKeepJobReading } from '../app/api/queries';
import { ActButton } from '../app/buttons';
import { useCommand } from '../app/commands';
import { Fetched } from '../app/Fetched';
import { UnitsProvider, useUnits } from '../app/session';
import { StageFrame } from '../app/StageFrame';
import { StageHeader } from '../app/StageHeader';
import { Band } from '../finding/Band';
import { FindingList } from '../finding/FindingList';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { WorkingDialog, type Worked } from '../finding/Working';
import { readingActions } from '../wall/readings';
import { ReadingsTape } from '../wall/ReadingsTape';
import { BeforeMarks } from './BeforeMarks';
import { SideDrawing } from './SideDrawing';
import { vehicleEdit, type VehicleLength } from './vehicleEdit';

export function AsItCamePage() {
  const { id = '' } = useParams();
  const query = useJobPage(id);
  return (
    <Fetched query={query} what="job">
      {(page) => (
        <UnitsProvider units={page.job.units}>
          <AsItCame key={id} page={page} offline={query.isRefetchError} />
        </UnitsProvider>
      )}
    </Fetched>
  );
}

function AsItCame({ page, offline }: { page: JobPage; offline: boolean }) {
  const units = useUnits();
  const client = useQueryClient();
  const navigate = useNavigate();
  const keep = useKeepJobReading(page.job.id);
  const [worked, setWorked] = useState<Worked>();
  const { stance } = page;
  useCommand(
    'y',
    'To the yard',
    useCallback(() => void navigate('/'), [navigate]),
  );
  const { keepThing, correct } = readingActions(page.readings, units, keep.mutateAsync);
  const keepLength = async (field: VehicleLength, typed: string) => {
    const edit = vehicleEdit(page.vehicle);
    await putVehicle(page.vehicle.id, { ...edit, [field]: await readLength(typed, units) });
    await client.invalidateQueries({ queryKey: ['job', page.job.id] });
  };
  const foremost =
    stance.findings.find((finding) => finding.verdict === 'OUT') ?? stance.findings[0];
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={page.vehicle} here="came" offline={offline} />}
      leftWidth="236px"
      left={
        <Box flex="1" minH="0" pl={{ lg: '12px' }}>
          <FindingList
            title="What it does to the lamps"
            findings={stance.findings}
            onAsk={(finding) => setWorked({ kind: 'finding', finding })}
          />
        </Box>
      }
      drawing={
        <>
          <Box flex="1" h={{ base: '420px', lg: 'auto' }} minH="0">
            <SideDrawing page={page} onKeep={keepThing} onLength={keepLength} />
          </Box>
          <BeforeMarks page={page} onKeep={keepThing} />
        </>
      }
      right={<ReadingsTape readings={page.readings} onCorrect={correct} />}
      band={
        foremost && (
          <Band
            verdict={foremost.verdict}
            headline={
              <SentenceText sentence={foremost.headline} accent={VERDICT_PAINT[foremost.verdict]} />
            }
            detail={
              foremost.remedy ? (
                <SentenceText sentence={foremost.remedy} />
              ) : (
                'Note what was changed since it left its maker: lift, tyres, load, dial.'
              )
            }
            onAsk={() => setWorked({ kind: 'finding', finding: foremost })}
          >
            <ActButton onClick={() => void navigate(`/jobs/${page.job.id}`)}>To the wall</ActButton>
          </Band>
        )
      }
    >
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}
