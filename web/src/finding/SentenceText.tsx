import { Box } from '@chakra-ui/react';
import { Fragment } from 'react';
import type { Sentence } from '../api/client';
import { figureText, useUnits } from '../ui/session';
import type { Paint } from '../ui/theme';

/** A sentence in the units shown; its first figure may be set apart by a colour. */
export function SentenceText({ sentence, accent }: { sentence: Sentence; accent?: Paint }) {
  const units = useUnits();
  const parts = sentence.pattern.split(/(\{\d+\})/);
  return (
    <>
      {parts.map((part, index) => {
        const place = /^\{(\d+)\}$/.exec(part);
        const figure = place ? sentence.figures[Number(place[1])] : undefined;
        if (!figure) {
          return <Fragment key={index}>{part}</Fragment>;
        }
        return (
          <Box
            as="span"
            key={index}
            whiteSpace="nowrap"
            color={accent && place?.[1] === '0' ? accent : undefined}
          >
            {figureText(figure, units)}
          </Box>
        );
      })}
    </>
  );
}
