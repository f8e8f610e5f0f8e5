import { Box } from '@chakra-ui/react';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { Adjuster, AdjusterEdit, JobPage } from '../api/client';
import { screwKey, screwState, waitingOf, writeForm } from '../kept/forms';
import { PlainButton } from '../ui/buttons';
import { figureText, sizeOf, useUnits } from '../ui/session';
import { Choice, Pairs, TextField } from './fields';
import { VersionedForm } from './VersionedForm';
import { AXES, REACHES } from './words';
import { appWords } from '../words/page/app';
import { term } from '../words/terms';
import { settingsWords } from '../words/page/settings';

function screwEdit(screw: Adjuster): AdjusterEdit {
  return {
    version: screw.version,
    lamp: screw.lamp,
    side: screw.side,
    axis: screw.axis,
    drive: screw.drive,
    place: screw.place,
    reach: screw.reach,
    rememberedRate: screw.rememberedRate,
  };
}

/** One aiming screw as it is remembered for the vehicle, and what this job found of it. */
export function ScrewForm({ page, screw }: { page: JobPage; screw: Adjuster }) {
  const client = useQueryClient();
  const units = useUnits();
  const [edit, setEdit] = useState(
    () => waitingOf<AdjusterEdit>(screwKey(screw.id)) ?? screwEdit(screw),
  );
  const change = (part: Partial<AdjusterEdit>) => setEdit((before) => ({ ...before, ...part }));
  const takeKept = () => {
    const fresh = client
      .getQueryData<JobPage>(['job', page.job.id])
      ?.adjusters.find((one) => one.id === screw.id);
    if (fresh) {
      setEdit(screwEdit(fresh));
    }
  };
  const found = page.sheet.pairs
    .flatMap((pair) => [...pair.left.screws, ...pair.right.screws])
    .find((one) => one.adjusterId === screw.id);
  const foundRate = found?.rateIsRead ? found.rate : undefined;
  const lamp = term('LampKind', screw.lamp);
  return (
    <Box borderTopWidth="1px" borderColor="hairline" py="14px">
      <Box fontFamily="heading" fontWeight="600" fontSize="18px" mb="8px">
        {appWords.lampOnSide({ side: screw.side, lamp })},{' '}
        {AXES.find(([axis]) => axis === screw.axis)?.[1]} {settingsWords.adjuster()}
      </Box>
      <VersionedForm
        edit={edit}
        waitsAs={screwKey(screw.id)}
        onLater={() => change({ version: edit.version + 1 })}
        put={async (sent) => {
          const how = await writeForm(screwState(page.job.id, page.vehicle.id, screw.id, sent));
          if (how === 'kept') {
            takeKept();
          }
          return how;
        }}
        onTheirs={async () => {
          await client.invalidateQueries({ queryKey: ['job', page.job.id] });
          takeKept();
        }}
        words={settingsWords.remember()}
      >
        <Pairs>
          <Choice
            label={settingsWords.movesTheBeam()}
            value={edit.axis}
            set={(axis) => change({ axis })}
            options={AXES}
          />
          <Choice
            label={settingsWords.canBeReached()}
            value={edit.reach}
            set={(reach) => change({ reach })}
            options={REACHES}
          />
          <TextField
            label={settingsWords.drive()}
            value={edit.drive}
            set={(drive) => change({ drive })}
          />
          <TextField
            label={settingsWords.whereItIs()}
            value={edit.place}
            set={(place) => change({ place })}
            maxLength={120}
          />
        </Pairs>
        <Box>
          {edit.rememberedRate === undefined
            ? settingsWords.noRateRemembered()
            : settingsWords.rememberedOneTurnClockwiseMovesThe({
                value: Math.abs(edit.rememberedRate).toFixed(2),
                value2: edit.rememberedRate > 0 ? appWords.up() : appWords.down(),
              })}{' '}
          {foundRate &&
            settingsWords.foundInThisJobValue2({
              value: figureText(sizeOf(foundRate), units),
              value2: foundRate.value > 0 ? appWords.up() : appWords.down(),
            })}
          {foundRate && foundRate.value !== edit.rememberedRate && (
            <PlainButton
              type="button"
              ml="10px"
              onClick={() => change({ rememberedRate: foundRate.value })}
            >
              {settingsWords.takeOver()}
            </PlainButton>
          )}
        </Box>
      </VersionedForm>
    </Box>
  );
}
