import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import type { Figure, RuleSet, Source } from '../api/client';
import { BareButton, PlainButton } from '../ui/buttons';
import { figureText, useUnits } from '../ui/session';
import { FUNCTIONS } from '../lamps/words';
import { DIPPED, FOG } from '../settings/words';
import { appWords } from '../words/page/app';
import { rulebookWords } from '../words/page/rulebook';
import { sideWord } from '../words/terms';

interface RuleActions {
  onConfirm: (ruleId: string) => void;
  /** Changes a rule, or adds one like it. */
  onRule: (ruleId: string, isNew: boolean) => void;
  onBase: (ruleId: string) => void;
}

/** All rules of a set: limits, conditions, where they stand, and their mark. */
export function RuleTables({
  set,
  baseTitle,
  ...actions
}: { set: RuleSet; baseTitle: string | undefined } & RuleActions) {
  const units = useUnits();
  return (
    <>
      <Flex gap="14px" wrap="wrap" align="center" justify="space-between">
        <Box fontSize="17px" maxW="760px">
          {set.scope}{' '}
          <Box as="span" color="quiet">
            {set.local
              ? rulebookWords.versionVersionBasedOnBaseTitleBy({
                  version: set.version,
                  baseTitle: baseTitle ?? '',
                  changedBy: set.local.changedBy,
                })
              : rulebookWords.versionVersionUsuallyForTrafficOn({
                  version: set.version,
                  value:
                    set.vehicleClasses.length > 0
                      ? rulebookWords.classes({ value: set.vehicleClasses.join(', ') })
                      : '',
                  traffic: sideWord(set.usualTraffic),
                })}
          </Box>
        </Box>
        <PlainButton asChild>
          <a href={`/api/rule-sets/${set.id}/file`} download>
            {rulebookWords.itsFile()}
          </a>
        </PlainButton>
      </Flex>
      {set.local && set.local.off.length > 0 && (
        <Box pt="8px">
          {rulebookWords.switchedOffHere()}{' '}
          {set.local.off.map((id) => (
            <BareButton key={id} onClick={() => actions.onBase(id)}>
              {rulebookWords.idSwitchItOn({ id })}
            </BareButton>
          ))}
        </Box>
      )}
      {set.aim.length > 0 && (
        <Table
          title={appWords.aim()}
          heads={[
            appWords.lamps(),
            rulebookWords.condition(),
            rulebookWords.allowed(),
            appWords.aim(),
            appWords.whereItStands(),
          ]}
        >
          {set.aim.map((rule) => (
            <tr key={rule.id}>
              <Cell>{rule.lamps.map(lampWords).join(', ')}</Cell>
              <Cell>
                <Condition rule={rule} />
              </Cell>
              <Cell>
                <Limits least={rule.lowest} most={rule.highest} />
              </Cell>
              <Cell>
                <FigureText figure={rule.aim} />
              </Cell>
              <Cell>
                <Where set={set} ruleId={rule.id} source={rule.source} {...actions} />
              </Cell>
            </tr>
          ))}
        </Table>
      )}
      {set.aside && (
        <Box pt="14px" fontSize="16px">
          {rulebookWords.theStepMayBe({
            left: figureText(set.aside.mostLeft, units),
            right: figureText(set.aside.mostRight, units),
          })}{' '}
          <Box as="span" color="quiet">
            {set.aside.source.reference} ({set.aside.source.words})
          </Box>
        </Box>
      )}
      {set.place.length > 0 && (
        <Table
          title={appWords.place()}
          heads={[
            appWords.lamps(),
            appWords.what(),
            rulebookWords.allowed(),
            rulebookWords.condition(),
            appWords.whereItStands(),
          ]}
        >
          {set.place.map((rule) => (
            <tr key={rule.id}>
              <Cell>{rule.functions.map(functionWords).join(', ')}</Cell>
              <Cell>{rule.asksWords}</Cell>
              <Cell>
                <Limits least={rule.least} most={rule.most} />
              </Cell>
              <Cell>
                <PlaceCondition rule={rule} />
              </Cell>
              <Cell>
                <Where set={set} ruleId={rule.id} source={rule.source} {...actions} />
              </Cell>
            </tr>
          ))}
        </Table>
      )}
    </>
  );
}

/** The vehicles and lamps that a rule of place is for. */
function PlaceCondition({ rule }: { rule: RuleSet['place'][number] }) {
  const { widthFrom, widthBelow, centreFrom, centreBelow, upperBeam } = rule;
  const units = useUnits();
  if (!widthFrom && !widthBelow && !centreFrom && !centreBelow && upperBeam === undefined) {
    return rulebookWords.all();
  }
  return (
    <>
      {(widthFrom ?? widthBelow) && (
        <Box>
          {widthFrom && rulebookWords.vehiclesFromWide({ width: figureText(widthFrom, units) })}
          {!widthFrom &&
            widthBelow &&
            rulebookWords.vehiclesUnderWide({ width: figureText(widthBelow, units) })}
        </Box>
      )}
      {(centreFrom ?? centreBelow) && (
        <Box>
          {centreFrom && rulebookWords.lampsFromHigh({ height: figureText(centreFrom, units) })}
          {!centreFrom &&
            centreBelow &&
            rulebookWords.lampsUnderHigh({ height: figureText(centreBelow, units) })}
        </Box>
      )}
      {upperBeam !== undefined && (
        <Box>
          {upperBeam ? rulebookWords.dimmedMainBeams() : rulebookWords.notOfDimmedMainBeams()}
        </Box>
      )}
    </>
  );
}

function Table({
  title,
  heads,
  children,
}: {
  title: string;
  heads: string[];
  children: ReactNode;
}) {
  return (
    <Box overflowX="auto" mt="20px" tabIndex={0} role="region" aria-label={title}>
      <Box fontFamily="heading" fontSize="20px" fontWeight="600" pb="6px">
        {title}
      </Box>
      <Box as="table" w="100%" minW="720px" fontSize="16px">
        <thead>
          <tr>
            {heads.map((head) => (
              <Box
                as="th"
                key={head}
                textAlign="left"
                color="quiet"
                fontWeight="500"
                fontSize="15px"
                pr="16px"
                pb="6px"
              >
                {head}
              </Box>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </Box>
    </Box>
  );
}

function Cell({ children }: { children: ReactNode }) {
  return (
    <Box as="td" borderTopWidth="1px" borderColor="hairline" py="9px" pr="16px" verticalAlign="top">
      {children}
    </Box>
  );
}

function FigureText({ figure }: { figure: Figure | undefined }) {
  const units = useUnits();
  return (
    <Box as="span" fontFamily="heading" fontWeight="600" whiteSpace="nowrap">
      {figure && figureText(figure, units)}
    </Box>
  );
}

function Limits({ least, most }: { least: Figure | undefined; most: Figure | undefined }) {
  if (least && most) {
    return (
      <>
        <FigureText figure={least} /> {rulebookWords.to()} <FigureText figure={most} />
      </>
    );
  }
  return (
    <>
      {least ? rulebookWords.atLeastSmall() : rulebookWords.atMostSmall()}
      <FigureText figure={least ?? most} />
    </>
  );
}

function Condition({ rule }: { rule: RuleSet['aim'][number] }) {
  const units = useUnits();
  const of = rule.heightOf === 'CENTRE' ? appWords.centre() : appWords.lowerEdge();
  return (
    <>
      {rule.heightOf ? (
        <>
          {of}{' '}
          {rule.aboveHeight &&
            (rule.aboveIncluded ? rulebookWords.fromHeight : rulebookWords.overHeight)({
              height: figureText(rule.aboveHeight, units),
            })}{' '}
          {rule.belowHeight &&
            (rule.belowIncluded ? rulebookWords.upToHeight : rulebookWords.underHeight)({
              height: figureText(rule.belowHeight, units),
            })}
        </>
      ) : (
        rulebookWords.anyHeight()
      )}
      {rule.byMakersChoice && rulebookWords.atTheMakersChoice()}
    </>
  );
}

function Where({
  set,
  ruleId,
  source,
  onConfirm,
  onRule,
}: { set: RuleSet; ruleId: string; source: Source } & RuleActions) {
  return (
    <Flex columnGap="10px" justify="space-between" align="flex-start">
      <Box>
        {source.reference}
        <Box
          fontSize="14px"
          fontWeight="600"
          color={source.mark === 'FROM_MEMORY' ? 'edge' : 'quiet'}
        >
          {source.words}
        </Box>
      </Box>
      {/* the buttons' words stand on the first line, as in the other columns */}
      <Flex my="-12px">
        {!set.local && source.mark === 'FROM_MEMORY' && (
          <BareButton onClick={() => onConfirm(ruleId)}>{rulebookWords.confirm()}</BareButton>
        )}
        {set.local && (
          <>
            <BareButton onClick={() => onRule(ruleId, false)}>{rulebookWords.change()}</BareButton>
            <BareButton onClick={() => onRule(ruleId, true)}>
              {rulebookWords.addOneLikeIt()}
            </BareButton>
          </>
        )}
      </Flex>
    </Flex>
  );
}

const lampWords = (lamp: RuleSet['aim'][number]['lamps'][number]) =>
  [...DIPPED, ...FOG].find(([one]) => one === lamp)?.[1] ?? lamp;

const functionWords = (of: RuleSet['place'][number]['functions'][number]) =>
  FUNCTIONS.find(([one]) => one === of)?.[1] ?? of;
