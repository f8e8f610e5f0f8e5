import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import {
  api,
  Problem,
  unwrap,
  type Job,
  type Units,
  type Vehicle,
  type VehicleEdit,
} from '../api/client';
import { putVehicle } from '../api/queries';
import { useUnits } from '../ui/session';
import { faithfulLength } from '../entry/typed';
import { appWords } from '../words/page/app';
import { settingsWords } from '../words/page/settings';
import { LensField, readLens, useLens } from './LensField';
import { Choice, Pairs, TextField, YesNo } from './fields';
import { VersionedForm } from './VersionedForm';
import { BODIES, CLASSES, DIPPED, FOG, SIDES } from './words';

/** The vehicle as typed: lengths stay texts until they are kept. */
interface Typed {
  version: number;
  name: string;
  nickname: string;
  variant: string;
  modelYear: string;
  body: string;
  vehicleClass: string;
  drivingAimed: boolean;
  heightMm: string;
  frontOverhangMm: string;
  rearOverhangMm: string;
  driverSide: Vehicle['driverSide'];
  wheelbaseMm: string;
  lampAheadMm: string;
  widthMm: string;
  dipped: Vehicle['dipped'];
  lensDipped: string;
  fog: string;
  lensFog: string;
  steeperByMaker: boolean;
}

function typedVehicle(vehicle: Vehicle, units: Units): Typed {
  const length = (mm: number | undefined) => (mm === undefined ? '' : faithfulLength(mm, units));
  return {
    version: vehicle.version,
    name: vehicle.name,
    nickname: vehicle.nickname,
    variant: vehicle.variant ?? '',
    modelYear: String(vehicle.modelYear ?? ''),
    body: vehicle.body ?? '',
    vehicleClass: vehicle.vehicleClass ?? '',
    drivingAimed: vehicle.drivingAimed ?? false,
    heightMm: length(vehicle.heightMm),
    frontOverhangMm: length(vehicle.frontOverhangMm),
    rearOverhangMm: length(vehicle.rearOverhangMm),
    driverSide: vehicle.driverSide,
    wheelbaseMm: length(vehicle.wheelbaseMm),
    lampAheadMm: length(vehicle.lampAheadMm),
    widthMm: length(vehicle.widthMm),
    dipped: vehicle.dipped,
    lensDipped: vehicle.lensDipped ?? '',
    fog: vehicle.fog ?? '',
    lensFog: vehicle.lensFog ?? '',
    steeperByMaker: vehicle.steeperByMaker,
  };
}

async function lengthMm(typed: string, units: Units, field: string): Promise<number | undefined> {
  if (!typed.trim()) {
    return undefined;
  }
  const entry = await unwrap(
    api.POST('/api/calc/entry', { body: { form: 'LENGTH', typed, units } }),
  );
  if (!entry.value) {
    throw new Problem(422, `${field}: ${entry.why} ${entry.wouldBeRight}`, field, {});
  }
  return entry.value.value;
}

function yearOf(typed: string): number | undefined {
  if (!typed.trim()) {
    return undefined;
  }
  if (!/^(19|20)\d\d$/.test(typed.trim())) {
    throw new Problem(422, settingsWords.modelYearFourDigitsForExample(), 'modelYear', {});
  }
  return Number(typed);
}

/**
 * The vehicle as it is sent. Its lenses are read again here: what was typed last may not have been
 * answered yet.
 */
async function vehicleEdit(sent: Typed, job: Job, units: Units): Promise<VehicleEdit> {
  const [low, fog] = await Promise.all([
    readLens(sent.lensDipped, job),
    readLens(sent.lensFog, job),
  ]);
  return {
    ...sent,
    dipped: low?.dipped ?? sent.dipped,
    wheelbaseMm: await lengthMm(sent.wheelbaseMm, units, appWords.wheelbase()),
    lampAheadMm: await lengthMm(sent.lampAheadMm, units, settingsWords.lampsAheadOfTheAxle()),
    widthMm: await lengthMm(sent.widthMm, units, settingsWords.width()),
    heightMm: await lengthMm(sent.heightMm, units, appWords.height()),
    frontOverhangMm: await lengthMm(sent.frontOverhangMm, units, appWords.frontOverhang()),
    rearOverhangMm: await lengthMm(sent.rearOverhangMm, units, appWords.rearOverhang()),
    variant: sent.variant.trim() || undefined,
    modelYear: yearOf(sent.modelYear),
    body: sent.body === '' ? undefined : (sent.body as VehicleEdit['body']),
    vehicleClass:
      sent.vehicleClass === '' ? undefined : (sent.vehicleClass as VehicleEdit['vehicleClass']),
    drivingAimed: sent.drivingAimed || undefined,
    lensDipped: sent.lensDipped.trim() || undefined,
    fog: fog?.fog ?? (sent.fog === '' ? undefined : (sent.fog as VehicleEdit['fog'])),
    lensFog: sent.lensFog.trim() || undefined,
  };
}

const LENGTHS = [
  ['wheelbaseMm', appWords.wheelbase()],
  ['lampAheadMm', appWords.lampsAheadOfTheFrontAxle()],
  ['widthMm', settingsWords.width()],
  ['heightMm', appWords.height()],
  ['frontOverhangMm', appWords.frontOverhang()],
  ['rearOverhangMm', appWords.rearOverhang()],
] as const;

export function VehicleForm({
  job,
  vehicle,
  onStored,
}: {
  job: Job;
  vehicle: Vehicle;
  onStored?: () => void;
}) {
  const client = useQueryClient();
  const units = useUnits();
  const [typed, setTyped] = useState(() => typedVehicle(vehicle, units));
  const change = (part: Partial<Typed>) => setTyped((before) => ({ ...before, ...part }));
  const low = useLens(typed.lensDipped, job);
  const fog = useLens(typed.lensFog, job);
  // The class follows the lens wherever a mark names one; else it stays as chosen.
  const dippedByLens = typed.lensDipped.trim() ? low?.dipped : undefined;
  const fogByLens = typed.lensFog.trim() ? fog?.fog : undefined;
  const followed = {
    ...typed,
    dipped: dippedByLens ?? typed.dipped,
    fog: fogByLens ?? typed.fog,
  };
  const refresh = async () => {
    await client.invalidateQueries({ queryKey: ['job', job.id] });
    onStored?.();
  };
  const put = async (sent: Typed) => {
    const edit = await vehicleEdit(sent, job, units);
    setTyped(typedVehicle(await putVehicle(vehicle.id, edit), units));
    await refresh();
    return 'kept' as const;
  };
  return (
    <VersionedForm
      edit={followed}
      put={put}
      onTheirs={(theirs) => {
        setTyped(typedVehicle(theirs as Vehicle, units));
        void refresh();
      }}
    >
      <Pairs>
        <TextField label={appWords.vehicle()} value={typed.name} set={(name) => change({ name })} />
        <TextField
          label={appWords.whatItIsCalledHere()}
          value={typed.nickname}
          set={(nickname) => change({ nickname })}
        />
        <TextField
          label={settingsWords.variant()}
          value={typed.variant}
          set={(variant) => change({ variant })}
          placeholder={settingsWords.long4x4()}
        />
        <TextField
          label={settingsWords.modelYear()}
          value={typed.modelYear}
          set={(modelYear) => change({ modelYear })}
          maxLength={4}
        />
        <LensField
          label={settingsWords.lowBeamsLensAsItStands()}
          value={typed.lensDipped}
          set={(lensDipped) => change({ lensDipped })}
          lens={low}
        />
        <LensField
          label={settingsWords.fogLampsLensAsItStands()}
          value={typed.lensFog}
          set={(lensFog) => change({ lensFog })}
          lens={fog}
          example="E4 F3"
        />
        <Choice
          label={dippedByLens ? settingsWords.lowBeamFollowsItsLens() : appWords.lowBeamByItsLens()}
          value={followed.dipped}
          set={(dipped) => change({ dipped })}
          options={DIPPED}
        />
        <Choice
          label={
            fogByLens
              ? settingsWords.fogLampsFollowTheirLens()
              : settingsWords.fogLampsByTheirLens()
          }
          value={followed.fog}
          set={(fog) => change({ fog })}
          options={FOG}
        />
        {LENGTHS.map(([field, words]) => (
          <TextField
            key={field}
            label={words}
            value={typed[field]}
            set={(length) => change({ [field]: length })}
          />
        ))}
        <WhatItIs typed={typed} change={change} />
      </Pairs>
      <YesNo
        label={settingsWords.drivingLampsOrPodsAreAimed()}
        value={typed.drivingAimed}
        set={(drivingAimed) => change({ drivingAimed })}
      />
      <YesNo
        label={settingsWords.theMakerChoseTheSteeperOf()}
        value={typed.steeperByMaker}
        set={(steeperByMaker) => change({ steeperByMaker })}
      />
    </VersionedForm>
  );
}

function WhatItIs({ typed, change }: { typed: Typed; change: (part: Partial<Typed>) => void }) {
  return (
    <>
      <Choice
        label={settingsWords.body()}
        value={typed.body}
        set={(body) => change({ body })}
        options={BODIES}
      />
      <Choice
        label={settingsWords.classByItsPapers()}
        value={typed.vehicleClass}
        set={(vehicleClass) => change({ vehicleClass })}
        options={CLASSES}
      />
      <Choice
        label={settingsWords.theDriverSits()}
        value={typed.driverSide}
        set={(driverSide) => change({ driverSide })}
        options={SIDES}
      />
    </>
  );
}
