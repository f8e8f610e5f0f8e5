import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useState } from 'react';
import type { Photo } from '../api/client';
import { browserFiles } from '../browser/files';
import { outbox, type Waiting } from '../kept/outbox';
import { useWaiting } from '../kept/Tape';
import { PlainButton } from '../ui/buttons';
import { FileButton } from '../ui/FileButton';
import { keptWords } from '../words/page/kept';
import { photosWords } from '../words/page/photos';
import { sendPhoto } from './outgoing';

const PHOTOS = 'image/jpeg,image/png';

/** Takes photos from files or the camera; they wait for the network, and what is refused says why. */
export function AddPhotos({
  jobId,
  moment,
  onSent,
}: {
  jobId: string;
  moment: Photo['moment'];
  onSent: (id: string) => void;
}) {
  const waiting = useWaiting(jobId).filter((one) => one.file);
  const pick = async (files: FileList | null) => {
    for (const file of files ?? []) {
      onSent(await sendPhoto(jobId, moment, file));
    }
  };
  return (
    <Box>
      <Flex gap="6px">
        <FileButton words={photosWords.fromFile()} accept={PHOTOS} multiple onPick={pick} />
        <FileButton words={photosWords.camera()} accept={PHOTOS} camera onPick={pick} />
      </Flex>
      <Box as="ul" listStyleType="none">
        {waiting.map((one) => (
          <OnItsWay key={one.id} one={one} />
        ))}
      </Box>
    </Box>
  );
}

function OnItsWay({ one }: { one: Waiting }) {
  const preview = usePreview(one.id);
  return (
    <Box as="li" pt="8px" fontSize="15px">
      <Flex gap="10px" align="center">
        {preview && (
          <img src={preview} alt="" style={{ width: 56, height: 40, objectFit: 'cover' }} />
        )}
        {one.refused ? (
          <Box role="alert" color="out">
            {one.words}: {one.refused}
          </Box>
        ) : (
          <Box role="status" color="quiet" overflowWrap="anywhere">
            {one.words}: {keptWords.waitsToBeSent()}
          </Box>
        )}
      </Flex>
      {one.refused && (
        <Flex gap="6px" pt="6px">
          <PlainButton onClick={() => outbox.again(one.document ?? '')}>
            {photosWords.sendAgain()}
          </PlainButton>
          <PlainButton onClick={() => outbox.drop(one.id)}>{keptWords.dropIt()}</PlainButton>
        </Flex>
      )}
    </Box>
  );
}

/** The address of a file that waits, while it is shown. */
function usePreview(id: string): string | undefined {
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    let isShown = true;
    let made: string | undefined;
    void browserFiles.get(id).then((file) => {
      if (file && isShown) {
        made = URL.createObjectURL(file);
        setAddress(made);
      }
    });
    return () => {
      isShown = false;
      if (made) {
        URL.revokeObjectURL(made);
      }
    };
  }, [id]);
  return address;
}
