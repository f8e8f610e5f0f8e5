import { Box } from '@chakra-ui/react';
import type { WorkshopPage } from '../api/client';
import { clockTime } from '../words/dates';
import { workshopWords } from '../words/page/workshop';

/** Where the job was left, for whoever takes it up again. */
export function ResumeCard({ page }: { page: WorkshopPage }) {
  const { resume } = page;
  if (!resume) {
    return null;
  }
  return (
    <Box
      as="section"
      aria-label={workshopWords.whereYouStopped()}
      pb="10px"
      mb="6px"
      borderBottomWidth="1px"
      borderColor="hairline"
    >
      <Box fontFamily="heading" fontWeight="600" color="lamp">
        {workshopWords.youStoppedHereLeftAt({ leftAt: clockTime(resume.leftAt) })}
      </Box>
      <Box lineClamp="2" data-shortened title={resume.last}>
        {resume.last}
      </Box>
      {resume.out > 0 && <Box>{workshopWords.thingsOffTheVehicle({ count: resume.out })}</Box>}
      {resume.cured.length > 0 && (
        <Box>{workshopWords.readyMeanwhile({ value: resume.cured.join(', ') })}</Box>
      )}
      {resume.running.length > 0 && (
        <Box>{workshopWords.stillRuns({ value: resume.running.join(', ') })}</Box>
      )}
    </Box>
  );
}
