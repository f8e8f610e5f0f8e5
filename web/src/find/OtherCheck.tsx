import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { ChosenPlan, FindPage, Hunt, HuntCheck, ShownEdit } from '../api/client';
import { Choice, Pairs } from '../settings/fields';
import { PlainButton } from '../ui/buttons';
import { capital } from '../words/capital';
import { findWords } from '../words/page/find';
import { Answers } from './Answers';
import { ASKED, GROUND, KINDS, MEASURED, minutesText, stateWords, type Kind } from './checking';
import { opensWords } from './NextCheck';
import type { Checked } from './useHunt';

/** Another check than the one that is proposed: one of the best, or whatever was just done. */
export function OtherCheck({
  page,
  hunt,
  part,
  plan,
  checked,
  onPlan,
}: {
  page: FindPage;
  hunt: Hunt;
  /** A part that was pressed on the drawing. */
  part: string | undefined;
  /** Nothing: the job’s own feed, whose parts are moved at Feed. */
  plan: ChosenPlan | undefined;
  checked: Checked;
  onPlan: (plan: ChosenPlan) => void;
}) {
  const [check, setCheck] = useState<HuntCheck>();
  const about = hunt.others.filter((one) => !part || isAbout(one.check, part));
  return (
    <>
      {about.length > 0 && (
        <Box pb="14px">
          <Box color="quiet" pb="4px">
            {findWords.bestOfTheOthers()}
          </Box>
          {about.map((one) => (
            <PlainButton
              key={one.words}
              w="100%"
              h="auto"
              py="6px"
              mb="6px"
              borderRadius="10px"
              justifyContent="space-between"
              textAlign="left"
              whiteSpace="normal"
              flexWrap="wrap"
              columnGap="12px"
              aria-pressed={check === one}
              borderColor={check === one ? 'lamp' : 'rule'}
              onClick={() => setCheck(one)}
            >
              <span>{one.words}</span>
              <Box as="span" color="quiet" fontWeight="400">
                {[minutesText(one.minutes), opensWords(page, one.opens)]
                  .filter(Boolean)
                  .join(' · ')}
              </Box>
            </PlainButton>
          ))}
        </Box>
      )}
      <AnyCheck hunt={hunt} part={part} onCheck={setCheck} />
      {plan && part && <Seat hunt={hunt} part={part} plan={plan} onPlan={onPlan} />}
      {check && (
        <Box pt="14px">
          <Box fontFamily="heading" fontWeight="600" fontSize="19px" pb="6px">
            {check.words}
          </Box>
          <Answers
            key={JSON.stringify(check.check)}
            jobId={page.job.id}
            hunt={hunt}
            check={check}
            checked={checked}
          />
        </Box>
      )}
    </>
  );
}

const isAbout = (check: ShownEdit, part: string) => check.part === part || check.lamp === part;

/** Where a part sits on this vehicle: what has to be opened for it goes by that. */
function Seat({
  hunt,
  part,
  plan,
  onPlan,
}: {
  hunt: Hunt;
  part: string;
  plan: ChosenPlan;
  onPlan: (plan: ChosenPlan) => void;
}) {
  const seat = hunt.sheet.parts
    .find((one) => one.id === part)
    ?.changes.find((one) => one.name === 'at');
  return (
    seat && (
      <Box pt="14px">
        <Choice
          label={findWords.whereItSits()}
          value={seat.value}
          set={(at) =>
            onPlan({
              ...plan,
              changes: { ...plan.changes, [part]: { ...plan.changes[part], at } },
            })
          }
          options={seat.options.map((one) => [one.value, one.says] as const)}
        />
      </Box>
    )
  );
}

/** Whatever can be checked at all, said piece by piece. */
function AnyCheck({
  hunt,
  part,
  onCheck,
}: {
  hunt: Hunt;
  part: string | undefined;
  onCheck: (check: HuntCheck) => void;
}) {
  const points = Object.entries(hunt.sheet.points);
  const [kind, setKind] = useState<Kind>(part ? 'INSPECTED' : 'VOLTS');
  const [said, setSaid] = useState({
    state: hunt.states.at(-1)?.state ?? 'LOW',
    part: part ?? hunt.parts[0]?.id ?? '',
    lamp: hunt.lamps[0]?.id ?? '',
    from: points.find(([id]) => id !== GROUND)?.[0] ?? '',
    to: GROUND,
  } as Said);
  const asks = (field: keyof Said) => ASKED[kind].includes(field);
  const set = (field: keyof Said) => (value: string) => setSaid({ ...said, [field]: value });
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        onCheck(asked(hunt, kind, said));
      }}
    >
      <Box color="quiet" pb="4px">
        {findWords.anyCheck()}
      </Box>
      <Pairs>
        <Choice label={findWords.whatWasDone()} value={kind} set={setKind} options={KINDS} />
        {asks('state') && (
          <Choice
            label={findWords.controlsAt()}
            value={said.state}
            set={set('state')}
            options={hunt.states.map((one) => [one.state as string, one.words] as const)}
          />
        )}
        {asks('part') && (
          <Choice
            label={findWords.part()}
            value={said.part}
            set={set('part')}
            options={named(hunt.parts)}
          />
        )}
        {asks('from') && (
          <Choice
            label={findWords.redProbe()}
            value={said.from}
            set={set('from')}
            options={points}
          />
        )}
        {asks('to') && (
          <Choice label={findWords.blackProbe()} value={said.to} set={set('to')} options={points} />
        )}
        {asks('lamp') && (
          <Choice
            label={findWords.lamp()}
            value={said.lamp}
            set={set('lamp')}
            options={named(hunt.lamps)}
          />
        )}
      </Pairs>
      <Flex pt="12px">
        <PlainButton type="submit">{findWords.enterIt()}</PlainButton>
      </Flex>
    </form>
  );
}

interface Said {
  state: string;
  part: string;
  lamp: string;
  from: string;
  to: string;
}

const named = (all: Hunt['parts'] | Hunt['lamps']) =>
  all.map((one) => [one.id, one.words] as const);

function asked(hunt: Hunt, kind: Kind, said: Said): HuntCheck {
  const check = { kind, value: 0 } as ShownEdit;
  for (const field of ASKED[kind]) {
    Object.assign(check, { [field]: said[field] });
  }
  const words = [
    KINDS.find(([one]) => one === kind)?.[1],
    check.state && stateWords(hunt, check.state),
    check.part && hunt.parts.find((one) => one.id === check.part)?.words,
    check.from && hunt.sheet.points[check.from],
    check.to && hunt.sheet.points[check.to],
    check.lamp && hunt.lamps.find((one) => one.id === check.lamp)?.words,
  ];
  return {
    check,
    words: capital(words.filter(Boolean).join(', ')),
    minutes: 0,
    splits: [],
    unit: MEASURED[kind]?.unit ?? '',
    opens: [],
  };
}
