import type { FeedEdit } from '../app/api/client';
import { LEVEL_WORDS } from './words';
import { feedWords } from '../words/page/feed';
import { term } from '../words/terms';

const PASSES = {
  NOTHING: '',
  GROMMET: feedWords.throughAGrommet(),
  BARE_HOLE: feedWords.throughBareMetal(),
};

interface Place {
  leftMm: number;
  forwardMm: number;
  upMm: number;
}
const placed = (at: Place) => [at.leftMm, at.forwardMm, at.upMm].join('/');

/** A feed in lines, for a comparison of two versions: by what each line is about. */
export function toldFeed(feed: FeedEdit): Map<string, string> {
  const lines = new Map<string, string>();
  lines.set('plan', feed.plan?.id ?? 'none');
  for (const one of feed.plan?.beside ?? []) {
    lines.set(
      feedWords.planBesideTag({ tag: one.tag }),
      one.pair ? `${one.id}, ${one.pair}` : one.id,
    );
  }
  for (const [question, answer] of Object.entries(feed.plan?.answers ?? {})) {
    lines.set(feedWords.answerToQuestion({ question }), answer);
  }
  for (const [part, values] of Object.entries(feed.plan?.changes ?? {})) {
    for (const [name, value] of Object.entries(values)) {
      lines.set(`${part}, ${name}`, value);
    }
  }
  for (const wish of feed.wishes) {
    const of = term('LampFunction', wish.function);
    lines.set(
      feedWords.wishOfState({ of, state: term('DrivingState', wish.state) }),
      LEVEL_WORDS[wish.level],
    );
  }
  for (const wire of feed.sources) {
    const readings = wire.readings.map(
      (one) =>
        `${term('Controls.Key', one.key)}/${term('Controls.Lights', one.lights)} ${one.volts} V`,
    );
    lines.set(
      feedWords.wireAtPlace({ place: wire.place }),
      [wire.colour, wire.ground, ...readings].join(', '),
    );
  }
  feed.routes.forEach((route, index) => {
    const stops = route.stops.map((one) => placed(one) + PASSES[one.passes]);
    lines.set(
      feedWords.routeIndexName({ index: index + 1, name: route.name }),
      [route.question, ...stops].join(', '),
    );
  });
  for (const hazard of feed.hazards) {
    lines.set(
      feedWords.keepAwayFromName({ name: hazard.name }),
      feedWords.hazardByClearanceMmMm({ hazard: placed(hazard), clearanceMm: hazard.clearanceMm }),
    );
  }
  for (const reading of feed.readings) {
    const unit = reading.amperes ? 'A' : 'V';
    lines.set(
      feedWords.meterIdPlaceState({
        id: reading.id,
        place: reading.place,
        state: term('DrivingState', reading.state),
      }),
      `${reading.value} ${unit}`,
    );
  }
  feed.battery.forEach((event, index) => {
    const step = event.step && `: ${event.step}`;
    lines.set(
      feedWords.batteryIndex({ index: index + 1 }),
      `${term('BatteryTimeline.What', event.what)}${step}, ${event.person}`,
    );
  });
  for (const item of feed.open) {
    lines.set(feedWords.openIdWhat({ id: item.id, what: item.what }), item.done ? 'done' : 'open');
  }
  feed.settings.forEach((setting, index) => {
    lines.set(
      feedWords.settingIndexParameter({ index: index + 1, parameter: setting.parameter }),
      feedWords.beforeToAfterResult({
        before: setting.before,
        after: setting.after,
        result: setting.result,
      }),
    );
  });
  return lines;
}
