import { Box } from '@chakra-ui/react';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { uuidv7 } from 'uuidv7';
import type { JobEdit, Vehicle } from '../app/api/client';
import { putJob, putVehicle, useBays, useRuleSets, useVehicles } from '../app/api/queries';
import { ActButton } from '../app/buttons';
import { Sheet } from '../app/Sheet';
import { Choice, Pairs, TextField } from '../settings/fields';
import { DIPPED, UNITS } from '../settings/words';

/** A few fields take a vehicle in; everything else has a default that can be changed later. */
export function NewJob({ open, close }: { open: boolean; close: () => void }) {
  return (
    <Sheet title="Take a vehicle in" open={open} close={close}>
      <NewJobForm />
    </Sheet>
  );
}

/** The class of lamp that a market's rules expect. */
function usualLamp(ruleSet: string): Vehicle['dipped'] {
  return ruleSet.startsWith('us-') ? 'SAE_VOR' : 'UN_DIPPED';
}

function NewJobForm() {
  const navigate = useNavigate();
  const client = useQueryClient();
  const vehicles = useVehicles();
  const rules = useRuleSets();
  const bays = useBays();
  const [known, setKnown] = useState('');
  const [name, setName] = useState('');
  const [nickname, setNickname] = useState('');
  const [work, setWork] = useState('aim');
  const [ruleSet, setRuleSet] = useState('un-r48');
  const [dipped, setDipped] = useState<Vehicle['dipped']>('UN_DIPPED');
  const [units, setUnits] = useState<JobEdit['units']>('METRIC');
  const [bayId, setBayId] = useState('');
  // Made once: sent again after a failure, the same job is not taken in twice.
  const [ids] = useState(() => ({ vehicle: uuidv7(), job: uuidv7() }));

  const chooseRules = (id: string) => {
    setRuleSet(id);
    setDipped(usualLamp(id));
    setUnits(id.startsWith('us-') ? 'IMPERIAL' : 'METRIC');
  };
  const take = useMutation({
    mutationFn: async () => {
      if (!known) {
        await putVehicle(ids.vehicle, {
          version: 0,
          name: name.trim(),
          nickname: nickname.trim(),
          driverSide: ruleSet === 'gb-inspection' ? 'RIGHT' : 'LEFT',
          dipped,
          steeperByMaker: false,
        });
      }
      return putJob(ids.job, {
        version: 0,
        vehicleId: known || ids.vehicle,
        bayId: bayId || undefined,
        work: work.trim() || 'aim',
        ruleSet,
        traffic: rules.data?.find((set) => set.id === ruleSet)?.usualTraffic ?? 'RIGHT',
        units,
        school: 'RULE',
        stanceChanged: false,
        frontClosed: true,
        markEdge: 'UPPER',
        markOrigin: 'MEASURED',
        tapeWidthMm: 25,
      });
    },
    onSuccess: (page) => {
      client.setQueryData(['job', ids.job], page);
      void client.invalidateQueries({ queryKey: ['yard'] });
      void client.invalidateQueries({ queryKey: ['vehicles'] });
      void navigate(`/jobs/${ids.job}`);
    },
  });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        take.mutate();
      }}
    >
      <Box display="flex" flexDirection="column" gap="14px">
        {(vehicles.data?.length ?? 0) > 0 && (
          <Choice
            label="Vehicle"
            value={known}
            set={setKnown}
            options={[
              ['', 'a new one'] as const,
              ...(vehicles.data ?? []).map(
                (vehicle) => [vehicle.id, `${vehicle.name}, ${vehicle.nickname}`] as const,
              ),
            ]}
          />
        )}
        <Pairs>
          {!known && (
            <>
              <TextField label="Make and model" value={name} set={setName} />
              <TextField
                label="What it is called here"
                value={nickname}
                set={setNickname}
                placeholder="owner, number, colour"
              />
              <Choice
                label="Low beam, by its lens"
                value={dipped}
                set={setDipped}
                options={DIPPED}
              />
            </>
          )}
          <TextField label="Work" value={work} set={setWork} maxLength={120} />
          <Choice
            label="Judged by"
            value={ruleSet}
            set={chooseRules}
            options={(rules.data ?? [])
              .filter((set) => set.aim.length > 0)
              .map((set) => [set.id, set.title] as const)}
          />
          <Choice label="Units" value={units} set={setUnits} options={UNITS} />
          <Choice
            label="Bay"
            value={bayId}
            set={setBayId}
            options={[
              ['', 'not yet'] as const,
              ...(bays.data ?? []).map((bay) => [bay.id, bay.name] as const),
            ]}
          />
        </Pairs>
        {take.error && (
          <Box role="alert" color="out">
            {take.error.message}
          </Box>
        )}
        <ActButton
          type="submit"
          alignSelf="flex-start"
          disabled={take.isPending || (!known && !name.trim())}
        >
          Take it in
        </ActButton>
      </Box>
    </form>
  );
}
