import { Box } from '@chakra-ui/react';
import { Sheet } from '../ui/Sheet';
import { SentenceText } from '../finding/SentenceText';
import { KeepOutForm } from '../lamps/KeepOutForm';
import { LampForm } from '../lamps/LampForm';
import { freeId, withPair } from '../vehicle/shapes';
import { placeWords } from '../words/page/place';
import type { FrontEdit, Finding, PlacePage, LampPairEdit, NearestPlace } from '../api/client';
import { FindingsDialog } from '../finding/FindingsDialog';
import type { Worked } from '../finding/Working';
import type { Known } from '../vehicle/knownVehicle';
import { useKnown } from '../vehicle/useKnown';
import { HoleRowForm } from './HoleRowForm';
import { RulesForm } from './RulesForm';
import { TemplateForm } from './TemplateForm';

/** Which dialog stands over the page. */
export type Shown =
  | 'add'
  | 'edit'
  | 'keepOuts'
  | 'rules'
  | 'holes'
  | 'template'
  | 'findings'
  | 'cautions'
  | 'nowhere'
  | 'conflict'
  | undefined;

/** The forms that stand over the page: a lamp, what is in the way, rules, holes, the template. */
export function PlaceDialogs({
  jobId,
  front,
  chosen,
  shown,
  unsaved,
  vehicle,
  nearest,
  findings,
  onAsk,
  change,
  onChoose,
  close,
}: {
  jobId: string;
  front: FrontEdit;
  chosen: LampPairEdit | undefined;
  shown: Shown;
  /** Whether something of the front is not kept yet. */
  unsaved: boolean;
  vehicle: PlacePage['vehicle'];
  /** What came of looking for a good place. */
  nearest: NearestPlace | undefined;
  findings: Finding[];
  onAsk: (worked: Worked) => void;
  change: (front: FrontEdit) => void;
  onChoose: (pairId: string) => void;
  close: () => void;
}) {
  const known = useKnown(jobId, vehicle);
  return (
    <>
      <Sheet
        title={shown === 'edit' ? placeWords.theLamp() : placeWords.aLampForThisFront()}
        open={shown === 'add' || shown === 'edit'}
        close={close}
      >
        <LampForm
          pair={shown === 'edit' ? chosen : undefined}
          first={front.pairs.some((one) => one.function === 'DIPPED') ? 'DRL' : 'DIPPED'}
          newId={(name) => freeId(front, name)}
          measured={measuredLowBeams(known)}
          onDone={(pair) => {
            change(
              front.pairs.some((one) => one.id === pair.id)
                ? withPair(front, pair)
                : { ...front, pairs: [...front.pairs, pair] },
            );
            onChoose(pair.id);
            close();
          }}
          onRemove={
            shown === 'edit' && chosen
              ? () => {
                  change({
                    ...front,
                    pairs: front.pairs.filter((pair) => pair.id !== chosen.id),
                  });
                  close();
                }
              : undefined
          }
        />
      </Sheet>
      <Sheet title={placeWords.inTheWay()} open={shown === 'keepOuts'} close={close}>
        <KeepOutForm front={front} onChange={(keepOuts) => change({ ...front, keepOuts })} />
      </Sheet>
      <Sheet title={placeWords.rulesToJudgeBy()} open={shown === 'rules'} close={close}>
        <RulesForm
          front={front}
          onChange={(changed) => {
            change({ ...front, ...changed });
          }}
        />
      </Sheet>
      <Sheet title={placeWords.holesOfABracket()} open={shown === 'holes'} close={close}>
        <HoleRowForm />
      </Sheet>
      <Sheet title={placeWords.drillTemplate11()} open={shown === 'template'} close={close}>
        {unsaved ? (
          <Box>{placeWords.saveThePlaceFirstTheTemplate()}</Box>
        ) : (
          chosen && <TemplateForm jobId={jobId} pair={chosen} />
        )}
      </Sheet>
      <Sheet
        title={nearest?.kind === 'STAYS' ? placeWords.itCanStay() : placeWords.noGoodPlace()}
        open={shown === 'nowhere'}
        close={close}
      >
        {nearest?.kind === 'STAYS'
          ? placeWords.everyLimitOfPlaceIsMet()
          : nearest?.clashes.map((clash) => (
              <Box key={clash.pattern} fontSize="17px">
                <SentenceText sentence={clash} />
              </Box>
            ))}
      </Sheet>
      <FindingsDialog findings={findings} open={shown === 'findings'} close={close} onAsk={onAsk} />
    </>
  );
}

/** Where the low beams sit, where their marks were measured as the vehicle came. */
function measuredLowBeams({ centreMm, spacingMm }: Known) {
  if (spacingMm === undefined || centreMm.LEFT === undefined || centreMm.RIGHT === undefined) {
    return undefined;
  }
  const spot = (heightMm: number) => ({ outMm: spacingMm / 2, heightMm, headingDeg: 0 });
  return { left: spot(centreMm.LEFT), right: spot(centreMm.RIGHT) };
}
