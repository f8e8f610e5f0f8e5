import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { uuidv7 } from 'uuidv7';
import type { Photo, PhotosPage } from '../api/client';
import { keepPhoto } from '../api/queries';
import { PlainButton } from '../ui/buttons';
import { FileButton } from '../ui/FileButton';
import { photosWords } from '../words/page/photos';

const PHOTOS = 'image/jpeg,image/png';

interface Sending {
  id: string;
  file: File;
  problem?: string;
}

/** Takes photos from files or the camera, one after the other; what fails stays to be sent again. */
export function AddPhotos({
  jobId,
  moment,
  onKept,
}: {
  jobId: string;
  moment: Photo['moment'];
  onKept: (page: PhotosPage, id: string) => void;
}) {
  const [waiting, setWaiting] = useState<Sending[]>([]);
  const send = async (all: Sending[]) => {
    const failed: Sending[] = [];
    for (const [index, one] of all.entries()) {
      setWaiting([...failed, ...all.slice(index)]);
      try {
        onKept(await keepPhoto(jobId, one.id, moment, '', one.file), one.id);
      } catch (problem) {
        failed.push({ ...one, problem: (problem as Error).message });
      }
    }
    setWaiting(failed);
  };
  const pick = (files: FileList | null) =>
    void send([...(files ?? [])].map((file) => ({ id: uuidv7(), file })));
  const failed = waiting.filter((one) => one.problem);
  return (
    <Box>
      <Flex gap="6px">
        <FileButton words={photosWords.fromFile()} accept={PHOTOS} multiple onPick={pick} />
        <FileButton words={photosWords.camera()} accept={PHOTOS} camera onPick={pick} />
      </Flex>
      {waiting.length > failed.length && (
        <Box role="status" color="quiet" pt="6px">
          {photosWords.sendingLength({ length: waiting.length - failed.length })}
        </Box>
      )}
      {failed.map((one) => (
        <Box key={one.id} role="alert" color="out" pt="6px" fontSize="15px">
          {one.file.name}: {one.problem}
        </Box>
      ))}
      {failed.length > 0 && waiting.length === failed.length && (
        <Flex gap="6px" pt="6px">
          <PlainButton onClick={() => void send(failed.map(({ id, file }) => ({ id, file })))}>
            {photosWords.sendAgain()}
          </PlainButton>
          <PlainButton onClick={() => setWaiting([])}>{photosWords.leave()}</PlainButton>
        </Flex>
      )}
    </Box>
  );
}
