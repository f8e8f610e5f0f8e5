import { Box, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { Finding, Photo, PhotoNotes, PhotosPage as Page } from '../api/client';
import { usePhotoComparison, usePhotosPage } from '../api/queries';
import { ActButton, BareButton, PlainButton } from '../ui/buttons';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { useCommand } from '../ui/commands';
import { useToYard } from '../frame/useToYard';
import { JobStage } from '../frame/JobStage';
import { Key } from '../ui/Key';
import { figureText, useUnits } from '../ui/session';
import { DrawingTools, StageColumn, StageFrame } from '../frame/StageFrame';
import { JobStrip } from '../frame/JobStrip';
import { StageHeader } from '../frame/StageHeader';
import { ToolButton } from '../ui/ToolButton';
import { LazyText } from '../entry/LazyText';
import { Band } from '../finding/Band';
import { FindingList } from '../finding/FindingList';
import { SentenceText } from '../finding/SentenceText';
import { WorkingDialog, type Worked } from '../finding/Working';
import { gravest } from '../kept/KeptBand';
import { appWords } from '../words/page/app';
import { keptWords } from '../words/page/kept';
import { photosWords } from '../words/page/photos';
import { usePhotoNotes } from './usePhotoNotes';
import { AddPhotos } from './AddPhotos';
import { LaidOver } from './LaidOver';
import { FIRST_MARKS, LOCKS, MOMENTS, pairOf, thumbnailOf } from './photos';
import { PhotoStage } from './PhotoStage';

export function PhotosPage() {
  return (
    <JobStage usePage={usePhotosPage}>
      {(page, offline) => <Photos page={page} offline={offline} />}
    </JobStage>
  );
}

function Photos({ page, offline }: { page: Page; offline: boolean }) {
  const navigate = useNavigate();
  const jobId = page.job.id;
  const { photos, problem, change } = usePhotoNotes(page);
  const pair = pairOf(photos);
  const [chosenId, setChosenId] = useState<string>();
  const [over, setOver] = useState(false);
  const [worked, setWorked] = useState<Worked>();
  const chosen = photos.find((photo) => photo.id === chosenId) ?? photos.at(-1);
  const comparison = usePhotoComparison(jobId, pair.before, pair.after);
  const both = pair.before !== undefined && pair.after !== undefined;
  const toCame = () => void navigate(`/jobs/${jobId}/as-it-came`);
  const lay = () => setOver((on) => !on && both);
  useToYard();
  useCommand('o', photosWords.layAfterOverBefore(), lay);
  const findings = (both && comparison.data?.findings) || [];
  const foremost = gravest(findings);
  return (
    <StageFrame
      header={
        <StageHeader
          job={page.job}
          vehicle={page.vehicle}
          here="CAME"
          keptUnder="photos"
          offline={offline}
        />
      }
      strip={<JobStrip job={page.job} here="CAME" />}
      leftWidth="236px"
      left={
        <StageColumn
          label={appWords.photos()}
          foot={
            <Box py="10px" borderTopWidth="1px" borderColor="hairline">
              <AddPhotos
                jobId={jobId}
                moment={pair.before ? 'AFTER' : 'BEFORE'}
                onSent={setChosenId}
              />
            </Box>
          }
        >
          <Thumbnails
            photos={photos}
            on={over ? undefined : chosen}
            onChoose={(id) => {
              setChosenId(id);
              setOver(false);
            }}
          />
        </StageColumn>
      }
      drawing={
        <>
          <DrawingTools>
            <ToolButton on={over} disabled={!both} onClick={lay}>
              {photosWords.layAfterOverBefore()}
              <Key name="o" />
            </ToolButton>
          </DrawingTools>
          <Box flex={{ base: 'none', lg: '1' }} h={{ base: '420px', lg: 'auto' }} minH="0">
            {over && pair.before && pair.after ? (
              <LaidOver before={pair.before} after={pair.after} lay={comparison.data?.lay} />
            ) : chosen ? (
              <PhotoStage
                key={chosen.id}
                photo={chosen}
                onMarks={(marks) => change(chosen)({ marks })}
              />
            ) : (
              <Box p="22px" fontSize="18px" bg="plaster" h="100%" maxW="none">
                {photosWords.photographTheFrontAndTheCutoff()}
              </Box>
            )}
          </Box>
        </>
      }
      right={
        <Box
          h="100%"
          bg="panel"
          overflowY="auto"
          tabIndex={0}
          role="region"
          aria-label={photosWords.notes()}
        >
          {over ? (
            <FindingList
              title={photosWords.whatTheComparisonIsGoodFor()}
              findings={findings}
              onAsk={(finding) => setWorked({ kind: 'finding', finding })}
            />
          ) : (
            chosen && <Notes key={chosen.id} photo={chosen} onChange={change(chosen)} />
          )}
        </Box>
      }
      rightWidth="262px"
      band={
        <PhotoBand
          problem={problem}
          both={both}
          before={pair.before !== undefined}
          foremost={foremost}
          onAsk={(finding) => setWorked({ kind: 'finding', finding })}
        >
          <ActButton onClick={over || !both ? toCame : lay}>
            {over || !both ? appWords.asItCame() : photosWords.layOver()}
          </ActButton>
        </PhotoBand>
      }
    >
      <WorkingDialog worked={worked} close={() => setWorked(undefined)} />
    </StageFrame>
  );
}

function PhotoBand({
  problem,
  both,
  before,
  foremost,
  onAsk,
  children,
}: {
  problem: { words: string; again: () => void; drop: () => void } | undefined;
  both: boolean;
  before: boolean;
  foremost: Finding | undefined;
  onAsk: (finding: Finding) => void;
  children: React.ReactNode;
}) {
  return (
    <Band
      verdict={foremost?.verdict ?? 'NOT_KNOWN'}
      headline={
        foremost ? (
          <SentenceText sentence={foremost.headline} />
        ) : before ? (
          photosWords.photographedBeforeNothingAfterYet()
        ) : (
          photosWords.noPhotoBeforeTheWork()
        )
      }
      detail={
        problem ? (
          <Box as="span" role="alert" color="out">
            {problem.words}{' '}
            <BareButton onClick={problem.again}>{photosWords.sendItAgain()}</BareButton>{' '}
            <BareButton onClick={problem.drop}>{keptWords.dropIt()}</BareButton>
          </Box>
        ) : foremost?.remedy ? (
          <SentenceText sentence={foremost.remedy} />
        ) : both ? (
          ''
        ) : (
          photosWords.aPhotoComparesOnlyWhatWas()
        )
      }
      onAsk={foremost && (() => onAsk(foremost))}
    >
      {children}
    </Band>
  );
}

function Thumbnail({ photo, on, onChoose }: { photo: Photo; on: boolean; onChoose: () => void }) {
  const words = MOMENTS.find(([moment]) => moment === photo.moment)?.[1];
  return (
    <Flex
      as="button"
      w="100%"
      gap="10px"
      py="6px"
      align="center"
      textAlign="left"
      cursor="pointer"
      aria-pressed={on}
      opacity={photo.putAside ? 0.55 : 1}
      onClick={onChoose}
    >
      <img
        src={thumbnailOf(photo)}
        alt=""
        style={{
          width: 84,
          height: 60,
          objectFit: 'cover',
          outline: on ? '2px solid var(--chakra-colors-lamp)' : undefined,
          outlineOffset: -2,
        }}
      />
      <Box minW="0">
        <Box fontFamily="heading" fontWeight="600" color={on ? 'lamp' : 'ink'}>
          {words}
          {photo.putAside && photosWords.putAside()}
        </Box>
        <Box
          color="quiet"
          fontSize="14px"
          lineClamp="2"
          data-shortened
          title={photo.shows}
          lineHeight="1.25"
        >
          {photo.shows || photosWords.noNoteYet()}
        </Box>
      </Box>
    </Flex>
  );
}

function Notes({
  photo,
  onChange,
}: {
  photo: Photo;
  onChange: (part: Partial<PhotoNotes>) => void;
}) {
  const units = useUnits();
  return (
    <Flex direction="column" gap="10px" px="14px" py="10px">
      <ChoiceButtons
        label={photosWords.whenItWasTaken()}
        options={MOMENTS}
        chosen={[photo.moment]}
        onToggle={(moment) => onChange({ moment })}
      />
      <LazyText
        label={photosWords.whatItShows()}
        placeholder={photosWords.whatItShowsSmall()}
        value={photo.shows}
        onDone={(shows) => onChange({ shows })}
      />
      <Box>
        <LazyText
          label={photosWords.fromHowFarItWasTaken()}
          placeholder={photosWords.fromHowFar()}
          value={photo.fromTyped ?? ''}
          maxLength={60}
          onDone={(typed) => onChange({ fromTyped: typed.trim() || undefined })}
        />
        {photo.from && (
          <Box color="quiet" fontSize="14px" pt="2px">
            {figureText(photo.from, units)}
          </Box>
        )}
      </Box>
      <ChoiceButtons
        label={photosWords.whatWasLocked()}
        options={LOCKS}
        chosen={LOCKS.map(([lock]) => lock).filter((lock) => photo[lock])}
        onToggle={(lock) => onChange({ [lock]: !photo[lock] })}
      />
      <PlainButton
        onClick={() => onChange({ marks: photo.marks ? undefined : FIRST_MARKS })}
        alignSelf="flex-start"
      >
        {photo.marks ? photosWords.takeItsMarksOff() : photosWords.setItsTwoTapeMarks()}
      </PlainButton>
      <BareButton alignSelf="flex-start" onClick={() => onChange({ putAside: !photo.putAside })}>
        {photo.putAside ? appWords.undo() : appWords.putItAside()}
      </BareButton>
      <Box color="quiet" fontSize="14px">
        {photosWords.takenByWidthPxHeightPxPxPlaceTime({
          takenBy: photo.takenBy,
          widthPx: photo.widthPx,
          heightPx: photo.heightPx,
        })}
      </Box>
    </Flex>
  );
}

function Thumbnails({
  photos,
  on,
  onChoose,
}: {
  photos: Photo[];
  on: Photo | undefined;
  onChoose: (id: string) => void;
}) {
  return (
    <>
      {photos.length === 0 && <Box color="quiet">{photosWords.noPhotoYet()}</Box>}
      <Box as="ul" listStyleType="none" aria-label={appWords.photos()}>
        {photos.map((photo) => (
          <li key={photo.id}>
            <Thumbnail photo={photo} on={photo.id === on?.id} onChoose={() => onChoose(photo.id)} />
          </li>
        ))}
      </Box>
    </>
  );
}
