import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { LampPairEdit, Side } from '../api/client';
import { PlainButton } from '../ui/buttons';
import { useUnits } from '../ui/session';
import { Choice, Pairs } from '../settings/fields';
import { SIDES } from '../settings/words';
import { appWords } from '../words/page/app';
import { placeWords } from '../words/page/place';
import { fileAddress } from '../words/fileAddress';

/** The drill template of one lamp: 1:1 on paper, the other side mirrored. */
export function TemplateForm({ jobId, pair }: { jobId: string; pair: LampPairEdit }) {
  const units = useUnits();
  const [side, setSide] = useState<Side>('LEFT');
  const [paper, setPaper] = useState<'A4' | 'LETTER'>('A4');
  const link = (ending: 'pdf' | 'svg') =>
    fileAddress(
      `/api/jobs/${jobId}/place/template.${ending}?${new URLSearchParams({ pair: pair.id, side, paper, units }).toString()}`,
    );
  if (pair.holes.length === 0) {
    return <Box>{placeWords.enterTheHolesOfTheName({ name: pair.name })}</Box>;
  }
  return (
    <Flex direction="column" gap="14px">
      <Pairs>
        <Choice label={placeWords.side()} value={side} set={setSide} options={SIDES} />
        <Choice
          label={placeWords.paper()}
          value={paper}
          set={setPaper}
          options={[
            ['A4', 'A4'],
            ['LETTER', placeWords.letter()],
          ]}
        />
      </Pairs>
      <Box color="edge" fontWeight="600" fontSize="17px">
        {placeWords.printAt100EachSheetHas()}
      </Box>
      <Box>
        {placeWords.theCrossGoesOfTheCentre({
          value: side === 'LEFT' ? appWords.left() : appWords.right(),
        })}
      </Box>
      <Flex gap="8px" wrap="wrap">
        <PlainButton asChild>
          <a href={link('pdf')}>{placeWords.templateAsPDF()}</a>
        </PlainButton>
        <PlainButton asChild>
          <a href={link('svg')}>{placeWords.firstSheetAsSVG()}</a>
        </PlainButton>
      </Flex>
    </Flex>
  );
}
