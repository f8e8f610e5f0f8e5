import type { FeedEdit } from '../app/api/client';
import { LEVEL_WORDS } from './words';

/** A feed in lines, for a comparison of two versions: by what each line is about. */
export function toldFeed(feed: FeedEdit): Map<string, string> {
  const lines = new Map<string, string>();
  lines.set('plan', feed.plan?.id ?? 'none');
  for (const [question, answer] of Object.entries(feed.plan?.answers ?? {})) {
    lines.set(`answer to ${question}`, answer);
  }
  for (const [part, values] of Object.entries(feed.plan?.changes ?? {})) {
    for (const [name, value] of Object.entries(values)) {
      lines.set(`${part}, ${name}`, value);
    }
  }
  for (const wish of feed.wishes) {
    lines.set(`wish: ${wish.function} ${wish.state}`, LEVEL_WORDS[wish.level]);
  }
  for (const wire of feed.sources) {
    lines.set(`wire at ${wire.place}`, `${wire.readings.length} readings`);
  }
  for (const route of feed.routes) {
    lines.set(`way ${route.name}`, `${route.stops.length} stops`);
  }
  lines.set('meter readings', String(feed.readings.length));
  lines.set('battery', `${feed.battery.length} events`);
  for (const item of feed.open) {
    lines.set(item.what, item.done ? 'done' : 'open');
  }
  lines.set('settings', String(feed.settings.length));
  return lines;
}
