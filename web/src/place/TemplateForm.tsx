import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { LampPairEdit, Side } from '../app/api/client';
import { PlainButton } from '../app/buttons';
import { useUnits } from '../app/session';
import { Choice, Pairs } from '../settings/fields';
import { SIDES } from '../settings/words';

/** The drill template of one lamp: 1:1 on paper, the other side mirrored. */
export function TemplateForm({ jobId, pair }: { jobId: string; pair: LampPairEdit }) {
  const units = useUnits();
  const [side, setSide] = useState<Side>('LEFT');
  const [paper, setPaper] = useState<'A4' | 'LETTER'>('A4');
  const link = (ending: 'pdf' | 'svg') =>
    `/api/jobs/${jobId}/place/template.${ending}?${new URLSearchParams({ pair: pair.id, side, paper, units }).toString()}`;
  if (pair.holes.length === 0) {
    return <Box>Enter the holes of the {pair.name} first: “Change this lamp”.</Box>;
  }
  return (
    <Flex direction="column" gap="14px">
      <Pairs>
        <Choice label="Side" value={side} set={setSide} options={SIDES} />
        <Choice
          label="Paper"
          value={paper}
          set={setPaper}
          options={[
            ['A4', 'A4'],
            ['LETTER', 'Letter'],
          ]}
        />
      </Pairs>
      <Box color="edge" fontWeight="600" fontSize="17px">
        Print at 100 %. Each sheet has a control line: measure it. If it is not 100 mm, do not drill
        by it.
      </Box>
      <Box>
        The cross goes {side === 'LEFT' ? 'left' : 'right'} of the centre line and above the ground
        as the sheet says. Pilot holes first; look what lies behind.
      </Box>
      <Flex gap="8px" wrap="wrap">
        <PlainButton asChild>
          <a href={link('pdf')}>Template as PDF</a>
        </PlainButton>
        <PlainButton asChild>
          <a href={link('svg')}>First sheet as SVG</a>
        </PlainButton>
      </Flex>
    </Flex>
  );
}
