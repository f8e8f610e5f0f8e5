import type { FeedPart, FeedSheet, PartNow } from '../api/client';
import { isOfComponent } from '../finding/subject';
import { sizeOf } from '../ui/session';
import { feedWords } from '../words/page/feed';

/** What stands beside a part on the drawing. */
export interface Told {
  name: string;
  line: string;
  /** Something about it is out. */
  out: boolean;
}

/** A part's name, and what it does now, or what it is while nothing flows. */
export function told(sheet: FeedSheet, part: FeedPart | undefined, now: PartNow | undefined): Told {
  if (!part) {
    return { name: '', line: '', out: false };
  }
  const out = sheet.findings.some(
    (one) => one.verdict === 'OUT' && isOfComponent(one.subject, part.id),
  );
  return { name: part.name, line: now?.flows ? flowing(part, now) : still(part), out };
}

function still({ kind, values }: FeedPart): string {
  switch (kind) {
    case 'wire':
      return `${values.size ?? ''}, ${values.metres ?? ''} m`;
    case 'fuse':
    case 'tap':
      return `${values.amps ?? ''} A`;
    case 'lamp':
      return values.watts ? `${values.watts} W` : '';
    case 'resistor':
      return `${values.ohms ?? ''} Ω`;
    case 'dimmer':
      return `${values.duty ?? ''} %`;
    default:
      return '';
  }
}

function flowing(part: FeedPart, now: PartNow): string {
  const first = Object.values(now.amps)[0];
  const amps = first ? sizeOf(first).metric : '';
  switch (part.kind) {
    case 'wire':
      return `${amps} · ${now.volts.metric}`;
    case 'fuse':
    case 'tap':
      return feedWords.ampsOfAmps2A({ amps, amps2: part.values.amps ?? '' });
    case 'lamp':
      return `${now.volts.metric}, ${now.lamp ? `${Math.round(now.lamp.light.value)} %` : ''}`;
    default:
      return amps;
  }
}
