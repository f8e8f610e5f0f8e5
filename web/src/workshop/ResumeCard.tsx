import { Box } from '@chakra-ui/react';
import type { WorkshopPage } from '../app/api/client';
import { counted } from '../app/counted';
import { clockTime } from '../timers/times';

/** Where the job was left, for whoever takes it up again. */
export function ResumeCard({ page }: { page: WorkshopPage }) {
  const { resume } = page;
  if (!resume) {
    return null;
  }
  return (
    <Box
      as="section"
      aria-label="Where you stopped"
      pb="10px"
      mb="6px"
      borderBottomWidth="1px"
      borderColor="hairline"
    >
      <Box fontFamily="heading" fontWeight="600" color="lamp">
        You stopped here, {clockTime(resume.leftAt)}
      </Box>
      <Box lineClamp="2">{resume.last}</Box>
      {resume.out > 0 && (
        <Box>{counted(resume.out, 'thing is', 'things are')} off the vehicle.</Box>
      )}
      {resume.cured.length > 0 && <Box>Ready meanwhile: {resume.cured.join(', ')}.</Box>}
      {resume.running.length > 0 && <Box>Still runs: {resume.running.join(', ')}.</Box>}
    </Box>
  );
}
