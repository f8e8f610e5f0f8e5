import { Box, Dialog, Flex } from '@chakra-ui/react';
import { useQuery } from '@tanstack/react-query';
import { DialogFrame, DialogTitle } from '../ui/DialogFrame';
import {
  api,
  unwrap,
  type Figure,
  type JobPage,
  type LampKind,
  type SchoolRow,
} from '../api/client';
import { PlainButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { Refusal } from '../ui/Refusal';
import { SentenceText } from '../finding/SentenceText';
import { VerdictShape } from '../finding/VerdictShape';
import type { Worked } from '../finding/Working';
import { wallRequest } from '../kept/readings';
import { appWords } from '../words/page/app';
import { wallWords } from '../words/page/wall';

/** The schools side by side: what each asks, where it lands, and what each rule set says of it. */
export function SchoolsDialog({
  page,
  kind,
  chosen,
  open,
  close,
  problem,
  onChoose,
  onAsk,
}: {
  page: JobPage;
  kind: LampKind;
  chosen: SchoolRow['school'];
  open: boolean;
  close: () => void;
  /** Why the last choice was not kept. */
  problem: string | undefined;
  onChoose: (school: SchoolRow['school']) => void;
  onAsk: (worked: Worked) => void;
}) {
  const schools = useQuery({
    queryKey: ['schools', page.job.id, wallRequest(page)],
    queryFn: () => unwrap(api.POST('/api/calc/schools', { body: wallRequest(page) })),
    enabled: open,
    placeholderData: (before) => before,
  });
  const rows = schools.data?.find((table) => table.kind === kind)?.rows ?? [];
  const sets = rows.find((row) => row.left.opinions.length > 0)?.left.opinions ?? [];
  return (
    <DialogFrame open={open} close={close} size="full" scrollBehavior="inside">
      <DialogTitle>{wallWords.waysOfAimingForTheseLamps()}</DialogTitle>
      <Dialog.Body pb="24px" overflowX="auto">
        {problem && (
          <Box role="alert" color="out" pb="8px">
            {wallWords.problemThePageShowsItAs({ problem })}
          </Box>
        )}
        <Box as="table" w="100%" minW="860px" css={{ borderCollapse: 'collapse' }}>
          <Head sets={sets} />
          <tbody>
            {rows.map((row) => (
              <Row
                key={row.school}
                row={row}
                sets={sets.length}
                chosen={row.school === chosen}
                onChoose={() => onChoose(row.school)}
                onAsk={onAsk}
              />
            ))}
          </tbody>
        </Box>
        <Refusal words={schools.error?.message} />
        <Box color="quiet" mt="12px">
          {wallWords.percentOfTheDistanceAngleMark()}
        </Box>
      </Dialog.Body>
    </DialogFrame>
  );
}

const cell = { py: '7px', pr: '14px', textAlign: 'left', verticalAlign: 'top' } as const;

function Head({ sets }: { sets: { ruleSetId: string; title: string }[] }) {
  return (
    <Box as="thead" color="quiet" fontFamily="scale" fontSize="15px">
      <tr>
        <Box as="th" {...cell} pl="6px">
          {appWords.wayOfAiming()}
        </Box>
        <Box as="th" {...cell}>
          {appWords.leftTitle()}
        </Box>
        <Box as="th" {...cell}>
          {appWords.rightTitle()}
        </Box>
        {sets.map((set) => (
          <Box as="th" key={set.ruleSetId} {...cell} maxW="110px">
            {set.title}
          </Box>
        ))}
        <Box as="th" {...cell}>
          <Box as="span" srOnly>
            {wallWords.choose()}
          </Box>
        </Box>
      </tr>
    </Box>
  );
}

function Row({
  row,
  sets,
  chosen,
  onChoose,
  onAsk,
}: {
  row: SchoolRow;
  /** So many rule sets have a column of their own. */
  sets: number;
  chosen: boolean;
  onChoose: () => void;
  onAsk: (worked: Worked) => void;
}) {
  const remark = row.left.remark ?? row.right.remark;
  const possible = row.left.percent !== undefined || row.right.percent !== undefined;
  return (
    <>
      <Box as="tr" borderTopWidth="1px" borderColor="hairline" bg={chosen ? 'panel' : undefined}>
        <Box as="th" {...cell} fontFamily="heading" fontSize="18px" fontWeight="600" pl="6px">
          {row.title}
        </Box>
        <LampCell lamp={row.left} />
        <LampCell lamp={row.right} />
        {row.left.opinions.map((opinion, index) => (
          <Box as="td" key={opinion.ruleSetId} {...cell}>
            <Flex gap="4px">
              {[opinion, row.right.opinions[index]].map(
                (one, side) =>
                  one && (
                    <Box
                      as="button"
                      key={side}
                      minW="48px"
                      minH="48px"
                      display="flex"
                      alignItems="center"
                      justifyContent="center"
                      cursor="pointer"
                      aria-label={wallWords.titleShowWorking({
                        title: one.title,
                        value: side === 0 ? appWords.left() : appWords.right(),
                      })}
                      onClick={() => onAsk({ kind: 'finding', finding: one.finding })}
                    >
                      <VerdictShape verdict={one.finding.verdict} size={24} />
                    </Box>
                  ),
              )}
            </Flex>
          </Box>
        ))}
        {row.left.opinions.length < sets && <td colSpan={sets - row.left.opinions.length} />}
        <Box as="td" {...cell} textAlign="right">
          {chosen ? (
            <Box py="12px" color="lamp" fontWeight="600">
              {wallWords.chosen()}
            </Box>
          ) : (
            <PlainButton onClick={onChoose} disabled={!possible}>
              {wallWords.choose()}
            </PlainButton>
          )}
        </Box>
      </Box>
      {remark && (
        <Box as="tr" bg={chosen ? 'panel' : undefined}>
          <td colSpan={sets + 4}>
            <Flex gap="8px" align="center" pb="8px" pl="6px">
              <VerdictShape verdict={remark.verdict} size={18} />
              <span>
                <SentenceText sentence={remark.headline} />
                {remark.detail.pattern && '. '}
                <SentenceText sentence={remark.detail} />
              </span>
            </Flex>
          </td>
        </Box>
      )}
    </>
  );
}

function LampCell({ lamp }: { lamp: SchoolRow['left'] }) {
  const units = useUnits();
  if (!lamp.percent) {
    return (
      <Box as="td" {...cell} color="quiet">
        {wallWords.noMark()}
      </Box>
    );
  }
  const text = (figure: Figure | undefined) => (figure ? figureText(figure, units) : undefined);
  return (
    <Box as="td" {...cell} whiteSpace="nowrap">
      <Box fontFamily="heading" fontSize="18px" fontWeight="600">
        {text(lamp.percent)}
      </Box>
      <Box color="quiet" fontSize="15px">
        {text(lamp.angle)}
        {lamp.belowLine &&
          wallWords.belowLineBelow({ belowLine: figureText(lamp.belowLine, units) })}
        <br />
        {lamp.reach
          ? wallWords.reachesReach({ reach: figureText(lamp.reach, units) })
          : wallWords.neverComesDown()}
      </Box>
    </Box>
  );
}
