import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { JobPage } from '../api/client';
import { putVehicle, readLength, useJobPage } from '../api/queries';
import { useReadings } from '../kept/useReadings';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { useUnits } from '../ui/session';
import { DrawingTools, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { NextStage } from '../frame/NextStage';
import { StageHeader } from '../frame/StageHeader';
import { Key } from '../ui/Key';
import { ToolButton } from '../ui/ToolButton';
import { Band } from '../finding/Band';
import { FindingList } from '../finding/FindingList';
import { SentenceText } from '../finding/SentenceText';
import { VERDICT_PAINT } from '../finding/VerdictShape';
import { WorkingDialog, type Worked } from '../finding/Working';
import { readingActions } from '../kept/readings';
import { ReadingsTape } from '../wall/ReadingsTape';
import { appWords } from '../words/page/app';
import { cameWords } from '../words/page/came';
import { BeforeMarks } from './BeforeMarks';
import { FrontElevation } from './FrontElevation';
import { SideDrawing } from './SideDrawing';
import { vehicleEdit, type VehicleLength } from './vehicleEdit';

export function AsItCamePage() {
  return (
    <JobStage usePage={useJobPage}>
      {(page, offline) => <AsItCame page={page} offline={offline} />}
    </JobStage>
  );
}

function AsItCame({ page, offline }: { page: JobPage; offline: boolean }) {
  const units = useUnits();
  const client = useQueryClient();
  const navigate = useNavigate();
  const { shown: readings, known, keep, undo } = useReadings('job', page.job.id, page.readings);
  const [worked, setWorked] = useState<Worked>();
  // what is missing is asked for where it is measured
  const [seenFrom, setSeenFrom] = useState<'side' | 'front'>(() =>
    page.stance.findings.some((finding) => finding.rule === 'came.lamps') ? 'front' : 'side',
  );
  const { stance } = page;
  const turn = () => setSeenFrom((from) => (from === 'side' ? 'front' : 'side'));
  useCommand('v', cameWords.seeItFromTheOtherSide(), turn);
  const toPhotos = () => void navigate(`/jobs/${page.job.id}/photos`);
  useCommand('p', appWords.photos(), toPhotos);
  useToYard();
  const { keepThing, correct } = readingActions(known, units, keep);
  const keepLength = async (field: VehicleLength, typed: string) => {
    const edit = vehicleEdit(page.vehicle);
    await putVehicle(page.vehicle.id, { ...edit, [field]: await readLength(typed, units) });
    await client.invalidateQueries({ queryKey: ['job', page.job.id] });
  };
  const foremost =
    stance.findings.find((finding) => finding.verdict === 'OUT') ??
    stance.findings.find((finding) => finding.verdict === 'NOT_KNOWN') ??
    stance.findings[0];
  return (
    <StageFrame
      header={<StageHeader job={page.job} vehicle={page.vehicle} here="CAME" offline={offline} />}
      strip={<JobStrip job={page.job} here="CAME" />}
      leftWidth="236px"
      left={
        <Box flex="1" minH="0" pl={{ lg: '12px' }}>
          <FindingList
            title={cameWords.whatItDoesToTheLamps()}
            findings={stance.findings}
            onAsk={(finding) => setWorked({ kind: 'finding', finding })}
          />
        </Box>
      }
      drawing={
        <>
          <DrawingTools>
            <ToolButton on={seenFrom === 'side'} onClick={turn}>
              {cameWords.fromItsLeft()}
              <Key name="v" />
            </ToolButton>
            <ToolButton on={seenFrom === 'front'} onClick={turn}>
              {cameWords.fromTheFront()}
            </ToolButton>
            <ToolButton onClick={toPhotos}>
              {appWords.photos()}
              <Key name="p" />
            </ToolButton>
          </DrawingTools>
          <Box flex={{ base: 'none', lg: '1' }} h={{ base: '420px', lg: 'auto' }} minH="0">
            {seenFrom === 'side' ? (
              <SideDrawing page={page} onKeep={keepThing} onLength={keepLength} />
            ) : (
              <FrontElevation page={page} onKeep={keepThing} onLength={keepLength} />
            )}
          </Box>
          <BeforeMarks page={page} onKeep={keepThing} />
        </>
      }
      right={
        <ReadingsTape
          of={page.job.id}
          stage="CAME"
          onUndo={undo}
          readings={readings}
          onCorrect={correct}
          first={cameWords.theHeightsOfTheLamps()}
        />
      }
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
                cameWords.noteWhatWasChangedSinceIt()
              )
            }
            onAsk={() => setWorked({ kind: 'finding', finding: foremost })}
          >
            <NextStage job={page.job} here="CAME" />
          </Band>
        )
      }
    >
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}
