import { Box, Flex } from '@chakra-ui/react';
import type { WorkshopPage as Page, EntryEdit } from '../api/client';
import { bareText, useUnits } from '../ui/session';
import { paint } from '../ui/theme';
import { CentreLine, Dimension } from '../drawing/Dimension';
import { Caption } from '../drawing/Caption';
import { DrawingGround } from '../drawing/DrawingGround';
import { Overlay } from '../drawing/Overlay';
import { MeasuredEntry } from '../entry/MeasuredEntry';
import { OneOf } from '../workshop/OneOf';
import type { Tell, Write } from '../workshop/useWorkshop';
import { workshopWords } from '../words/page/workshop';

type Field = NonNullable<EntryEdit['measure']>['field'];
type Section = Page['bench']['section'];
type Piece = Section['pieces'][number];

const FIELD: Record<Section['spans'][number]['field'], [Field, string]> = {
  BOWL_OPENING: ['BOWL_OPENING', workshopWords.bowl()],
  BOWL_DEPTH: ['BOWL_DEPTH', workshopWords.toTheLens()],
  BEHIND: ['BEHIND', workshopWords.roomBehind()],
  HOLE: ['HOLE', workshopWords.hole()],
  LENS: ['LENS', workshopWords.lensSmall()],
  SHROUD: ['SHROUD', workshopWords.shroud()],
  FRONT: ['FRONT', workshopWords.inFront()],
  BACK: ['BACK', workshopWords.behind()],
  THREAD: ['THREAD', workshopWords.thread()],
};

const FILL: Record<Piece['of'], [string, string]> = {
  HOUSING: [paint('ground'), paint('ink')],
  LENS_OF_HOUSING: ['none', paint('quiet')],
  BODY: [paint('panel'), paint('ink')],
  LENS: [paint('lampFill'), paint('ink')],
  SHROUD: [paint('rule'), paint('ink')],
  BOSS: [paint('rule'), paint('ink')],
};

/** Housing and projector in section, to scale; what is measured is typed where it lies. */
export function FitView({ page, write, tell }: { page: Page; write: Write; tell: Tell }) {
  const units = useUnits();
  const { bench } = page;
  const measure = (field: Field, words: string) => async (typed: string) => {
    await write({ measure: { field, typed, units } }, `${words}: ${typed}`);
  };
  const rest = bench.measures.filter(
    (one) =>
      one.field === 'CUT_TO' || one.field === 'THREAD' || (one.field === 'SHROUD' && !one.value),
  );
  return (
    <Flex direction="column" flex="1" minH="0" overflowY="auto">
      <Box flex="1 0 auto" h="0" minH={{ base: '380px', lg: '290px' }}>
        <DrawingGround label={workshopWords.sectionThroughHousingAndProjector()}>
          {({ width, height }) => (
            <Drawn section={bench.section} width={width} height={height} measure={measure} />
          )}
        </DrawingGround>
      </Box>
      <Box px={{ base: '14px', lg: '18px' }} py="8px" bg="ground">
        <Flex gap="8px" wrap="wrap" align="center">
          {rest.map((one) => (
            <Flex key={one.field} align="center">
              <Box color="quiet">{one.words}</Box>
              <MeasuredEntry
                label={`${one.words}: ${one.value ? bareText(one.value, units) : '?'}`}
                shown={one.value ? bareText(one.value, units) : '?'}
                missing={!one.value}
                onKeep={measure(one.field, one.words)}
              />
            </Flex>
          ))}
        </Flex>
        <Ways page={page} tell={tell} />
      </Box>
    </Flex>
  );
}

/** Both ways to mount and to set roll, and what holds the lens. */
function Ways({ page, tell }: { page: Page; tell: Tell }) {
  const { bench } = page;
  const seal = bench.choices.SEAL ?? 'GLUED';
  const lens = bench.choices.LENS ?? 'AS_IT_IS';
  const groups = [
    [
      'MOUNT',
      workshopWords.mount(),
      bench.mount,
      [
        ['RING', workshopWords.ringAndNut()],
        ['GLUED', workshopWords.glued()],
      ],
    ],
    [
      'ROLL',
      workshopWords.rollIsSet(),
      bench.rollWay,
      [
        ['ON_BENCH', workshopWords.onTheBench()],
        ['ON_VEHICLE', workshopWords.onTheVehicle()],
      ],
    ],
    [
      'SEAL',
      workshopWords.lens(),
      seal,
      [
        ['GLUED', workshopWords.sealed()],
        ['WELDED', workshopWords.welded()],
      ],
    ],
    [
      'LENS',
      workshopWords.itsSurface(),
      lens,
      [
        ['AS_IT_IS', workshopWords.asItIs()],
        ['RESTORE', workshopWords.restored()],
      ],
    ],
  ] as const;
  return (
    <>
      <Flex gap="18px" wrap="wrap">
        {groups.map(([which, title, value, options]) => (
          <Box key={which} role="group" aria-label={title}>
            <Box color="quiet" fontSize="14px">
              {title}
            </Box>
            <OneOf which={which} options={options} value={value} keep={tell} />
          </Box>
        ))}
      </Flex>
      <Box color="quiet" pt="4px">
        {bench.advised === bench.mount ? workshopWords.follows() : workshopWords.advisedOtherwise()}
        : {bench.because}
      </Box>
    </>
  );
}

const EDGE = 42;

function Drawn({
  section,
  width,
  height,
  measure,
}: {
  section: Section;
  width: number;
  height: number;
  measure: (field: Field, words: string) => (typed: string) => Promise<void>;
}) {
  const units = useUnits();
  const vertices = section.pieces.flatMap((piece) => piece.vertices);
  const xs = vertices.map(({ xMm }) => xMm);
  const ys = vertices.map(({ yMm }) => yMm);
  const box = { left: Math.min(...xs), right: Math.max(...xs), half: Math.max(...ys) + 20 };
  const scale = Math.min(
    (width - 2 * EDGE) / (box.right - box.left),
    (height - 56) / (2 * box.half),
  );
  const x = (mm: number) => width / 2 + (mm - (box.left + box.right) / 2) * scale;
  const y = (mm: number) => height / 2 - mm * scale;
  return (
    <>
      <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
        <CentreLine x1={x(box.left) - 20} y1={y(0)} x2={x(box.right) + 20} y2={y(0)} />
        {section.pieces.map((piece, index) => (
          <path
            key={index}
            d={`M${piece.vertices
              .map(({ xMm, yMm }) => `${x(xMm).toFixed(1)} ${y(yMm).toFixed(1)}`)
              .join('L')}Z`}
            fill={FILL[piece.of][0]}
            fillOpacity={piece.of === 'LENS' ? 0.45 : 1}
            stroke={FILL[piece.of][1]}
            strokeWidth="1.4"
            strokeLinejoin="round"
          />
        ))}
        {section.spans.map((span) =>
          span.upright ? (
            <Dimension
              key={span.field}
              x1={x(span.at)}
              y1={y(span.from)}
              x2={x(span.at)}
              y2={y(span.to)}
            />
          ) : (
            <Dimension
              key={span.field}
              x1={x(span.from)}
              y1={y(span.at)}
              x2={x(span.to)}
              y2={y(span.at)}
            />
          ),
        )}
      </svg>
      <Caption>{workshopWords.sectionAlongTheAxisForwardTo()}</Caption>
      {section.spans.map((span) => {
        const [field, words] = FIELD[span.field];
        const middle = (span.from + span.to) / 2;
        return (
          <Overlay
            key={span.field}
            x={span.upright ? x(span.at) : x(middle)}
            y={span.upright ? y(0) + UPRIGHT[span.field] : y(span.at)}
          >
            <MeasuredEntry
              label={`${words} ${span.value ? bareText(span.value, units) : workshopWords.notMeasured()}`}
              shown={`${words} ${span.value ? bareText(span.value, units) : '?'}`}
              missing={!span.value}
              room={span.upright ? undefined : Math.abs(x(span.to) - x(span.from)) - TICKS}
              onKeep={measure(field, words)}
            />
          </Overlay>
        );
      })}
    </>
  );
}

/** Of a dimension's line, left and right of its words. */
const TICKS = 12;

/** Upright measurements stand apart from each other. */
const UPRIGHT: Record<Section['spans'][number]['field'], number> = {
  BOWL_OPENING: 56,
  LENS: -32,
  SHROUD: 0,
  HOLE: 0,
  BOWL_DEPTH: 0,
  BEHIND: 0,
  FRONT: 0,
  BACK: 0,
  THREAD: 0,
};
