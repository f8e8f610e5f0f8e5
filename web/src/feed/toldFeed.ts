import type { FeedEdit } from '../app/api/client';
import { FUNCTIONS, LEVEL_WORDS, spoken } from './words';

const PASSES = { NOTHING: '', GROMMET: ' through a grommet', BARE_HOLE: ' through bare metal' };
const FUNCTION_WORDS = new Map<string, string>(FUNCTIONS);

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
    lines.set(`plan beside, ${one.tag}`, one.pair ? `${one.id}, ${one.pair}` : one.id);
  }
  for (const [question, answer] of Object.entries(feed.plan?.answers ?? {})) {
    lines.set(`answer to ${question}`, answer);
  }
  for (const [part, values] of Object.entries(feed.plan?.changes ?? {})) {
    for (const [name, value] of Object.entries(values)) {
      lines.set(`${part}, ${name}`, value);
    }
  }
  for (const wish of feed.wishes) {
    const of = FUNCTION_WORDS.get(wish.function) ?? spoken(wish.function);
    lines.set(`wish: ${of}, ${spoken(wish.state)}`, LEVEL_WORDS[wish.level]);
  }
  for (const wire of feed.sources) {
    const readings = wire.readings.map(
      (one) => `${spoken(one.key)}/${spoken(one.lights)} ${one.volts} V`,
    );
    lines.set(`wire at ${wire.place}`, [wire.colour, wire.ground, ...readings].join(', '));
  }
  feed.routes.forEach((route, index) => {
    const stops = route.stops.map((one) => placed(one) + PASSES[one.passes]);
    lines.set(`way ${index + 1}, ${route.name}`, [route.question, ...stops].join(', '));
  });
  for (const hazard of feed.hazards) {
    lines.set(`keep away from ${hazard.name}`, `${placed(hazard)} by ${hazard.clearanceMm} mm`);
  }
  for (const reading of feed.readings) {
    const unit = reading.amperes ? 'A' : 'V';
    lines.set(
      `meter ${reading.id}: ${reading.place}, ${spoken(reading.state)}`,
      `${reading.value} ${unit}`,
    );
  }
  feed.battery.forEach((event, index) => {
    const step = event.step && `: ${event.step}`;
    lines.set(`battery, ${index + 1}`, `${spoken(event.what)}${step}, ${event.person}`);
  });
  for (const item of feed.open) {
    lines.set(`open ${item.id}: ${item.what}`, item.done ? 'done' : 'open');
  }
  feed.settings.forEach((setting, index) => {
    lines.set(
      `setting ${index + 1}: ${setting.parameter}`,
      `${setting.before} to ${setting.after}, ${setting.result}`,
    );
  });
  return lines;
}
