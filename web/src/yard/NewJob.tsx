import { Box, Flex } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { uuidv7 } from 'uuidv7';
import type { JobEdit, JobFile, RuleSet, TakeInEdit, Vehicle, WorkKind } from '../api/client';
import {
  putJob,
  putTakeIn,
  putVehicle,
  useBays,
  useRuleSets,
  useVehicles,
  takeJobFileIn,
  takeJobZipIn,
} from '../api/queries';
import { ActButton } from '../ui/buttons';
import { ChoiceButtons, toggled } from '../ui/ChoiceButtons';
import { FileButton } from '../ui/FileButton';
import { Sheet } from '../ui/Sheet';
import { Refusal } from '../ui/Refusal';
import { Choice, Pairs, TextField } from '../settings/fields';
import { DIPPED, UNITS } from '../settings/words';
import { KINDS, said } from '../takein/words';
import { appWords } from '../words/page/app';
import { yardWords } from '../words/page/yard';
import { vehicleWords } from './vehicleWords';

/** A few fields take a vehicle in; everything else has a default that can be changed later. */
export function NewJob({ open, close }: { open: boolean; close: () => void }) {
  return (
    <Sheet title={yardWords.takeAVehicleIn()} open={open} close={close}>
      <NewJobForm />
    </Sheet>
  );
}

const NOTHING_TAKEN_IN: TakeInEdit = {
  customer: '',
  kinds: [],
  wants: '',
  access: 'LAMPS_ONLY',
  secondSet: false,
  headlampsLoosened: false,
  changes: [],
  changesNote: '',
  checks: [],
};

/** A job as it is set up until somebody changes it. */
const USUAL_JOB = {
  version: 0,
  school: 'RULE',
  stanceChanged: false,
  frontClosed: true,
  markEdge: 'UPPER',
  markOrigin: 'MEASURED',
  tapeWidthMm: 25,
} as const;

/** The class of lamp that a market's rules expect. */
function usualLamp(set: RuleSet | undefined): Vehicle['dipped'] {
  return set?.marks === 'SAE' ? 'SAE_VOR' : 'UN_DIPPED';
}

/** Takes something in as a job, and opens it. */
function useTaking<From>(jobId: string, take: (from: From) => Promise<unknown>) {
  const navigate = useNavigate();
  const client = useQueryClient();
  return useMutation({
    mutationFn: take,
    onSuccess: () => {
      void client.invalidateQueries({ queryKey: ['yard'] });
      void client.invalidateQueries({ queryKey: ['vehicles'] });
      void navigate(`/jobs/${jobId}/take-in`);
    },
  });
}

/** Takes a job in from its file, or its ZIP. */
async function takeFileIn(jobId: string, file: File) {
  if (file.name.toLowerCase().endsWith('.zip')) {
    return takeJobZipIn(jobId, file);
  }
  let content: unknown;
  try {
    content = JSON.parse(await file.text());
  } catch {
    throw new Error(appWords.thisIsntAJSONFile());
  }
  return takeJobFileIn(jobId, content as JobFile);
}

function NewJobForm() {
  const rules = useRuleSets();
  const bays = useBays();
  const [known, setKnown] = useState('');
  const [name, setName] = useState('');
  const [nickname, setNickname] = useState('');
  const [work, setWork] = useState('');
  const [kinds, setKinds] = useState<WorkKind[]>([]);
  const [ruleSet, setRuleSet] = useState('un-r48');
  const [dipped, setDipped] = useState<Vehicle['dipped']>('UN_DIPPED');
  const [units, setUnits] = useState<JobEdit['units']>('METRIC');
  const [bayId, setBayId] = useState('');
  // Made once: sent again after a failure, the same job is not taken in twice.
  const [ids] = useState(() => ({ vehicle: uuidv7(), job: uuidv7() }));

  const chooseRules = (id: string) => {
    setRuleSet(id);
    const set = rules.data?.find((one) => one.id === id);
    setDipped(usualLamp(set));
    setUnits(set?.marks === 'SAE' ? 'IMPERIAL' : 'METRIC');
  };
  const usualWork = kinds.map((kind) => said(KINDS, kind)).join(', ') || yardWords.aim();
  const traffic = rules.data?.find((set) => set.id === ruleSet)?.usualTraffic ?? 'RIGHT';
  const take = useTaking(ids.job, async () => {
    if (!known) {
      await putVehicle(ids.vehicle, {
        version: 0,
        name: name.trim(),
        nickname: nickname.trim(),
        driverSide: traffic === 'LEFT' ? 'RIGHT' : 'LEFT',
        dipped,
        steeperByMaker: false,
      });
    }
    await putJob(ids.job, {
      ...USUAL_JOB,
      vehicleId: known || ids.vehicle,
      bayId: bayId || undefined,
      work: work.trim() || usualWork,
      ruleSet,
      traffic,
      units,
    });
    await putTakeIn(ids.job, 0, { ...NOTHING_TAKEN_IN, kinds });
  });
  const takeFile = useTaking(ids.job, (file: File) => takeFileIn(ids.job, file));
  const problem = take.error ?? takeFile.error;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        take.mutate();
      }}
    >
      <Box display="flex" flexDirection="column" gap="14px">
        <KnownVehicle known={known} onChoose={setKnown} />
        <ChoiceButtons
          label={appWords.whatIsWanted()}
          options={KINDS}
          chosen={kinds}
          onToggle={(kind) => setKinds(toggled(kinds, kind))}
        />
        <Pairs>
          {!known && (
            <NewVehicle
              name={name}
              setName={setName}
              nickname={nickname}
              setNickname={setNickname}
              dipped={dipped}
              setDipped={setDipped}
            />
          )}
          <TextField
            label={yardWords.workInAFewWords()}
            value={work}
            set={setWork}
            maxLength={120}
            placeholder={usualWork}
          />
          <Choice
            label={appWords.judgedBy()}
            value={ruleSet}
            set={chooseRules}
            options={
              rules.data
                ?.filter((set) => set.aim.length > 0)
                .map((set) => [set.id, set.title] as const) ?? [[ruleSet, appWords.loading()]]
            }
          />
          <Choice label={appWords.units()} value={units} set={setUnits} options={UNITS} />
          <Choice
            label={appWords.bay()}
            value={bayId}
            set={setBayId}
            options={[
              ['', yardWords.notYet()] as const,
              ...(bays.data ?? []).map((bay) => [bay.id, bay.name] as const),
            ]}
          />
        </Pairs>
        <Refusal words={problem?.message} />
        <Flex gap="8px" wrap="wrap" align="center">
          <ActButton
            type="submit"
            alignSelf="flex-start"
            disabled={take.isPending || (!known && !name.trim())}
          >
            {yardWords.takeItIn()}
          </ActButton>
          <FileButton
            words={yardWords.fromAJobsFile()}
            accept="application/json,.json,application/zip,.zip"
            onPick={(files) => files?.[0] && takeFile.mutate(files[0])}
          />
        </Flex>
      </Box>
    </form>
  );
}

function NewVehicle({
  name,
  setName,
  nickname,
  setNickname,
  dipped,
  setDipped,
}: {
  name: string;
  setName: (name: string) => void;
  nickname: string;
  setNickname: (nickname: string) => void;
  dipped: Vehicle['dipped'];
  setDipped: (dipped: Vehicle['dipped']) => void;
}) {
  return (
    <>
      <TextField label={yardWords.makeAndModel()} value={name} set={setName} />
      <TextField
        label={appWords.whatItIsCalledHere()}
        value={nickname}
        set={setNickname}
        placeholder={yardWords.ownerNumberColour()}
      />
      <Choice label={appWords.lowBeamByItsLens()} value={dipped} set={setDipped} options={DIPPED} />
    </>
  );
}

/** A vehicle that was here before, or a new one. */
function KnownVehicle({ known, onChoose }: { known: string; onChoose: (id: string) => void }) {
  const vehicles = useVehicles().data ?? [];
  return (
    vehicles.length > 0 && (
      <Choice
        label={appWords.vehicle()}
        value={known}
        set={onChoose}
        options={[
          ['', yardWords.aNewOne()] as const,
          ...vehicles.map((vehicle, _, all) => [vehicle.id, vehicleWords(vehicle, all)] as const),
        ]}
      />
    )
  );
}
