import type { DraftLine, RunEvent } from '../../api/types';

/** All that a morning at the stove needs, kept in the browser so that nothing told is lost. */
export interface Morning {
  id: string;
  versionId: string;
  startedAt: string;
  cook: string;
  title: string;
  waffles: boolean;
  steps: string[];
  lines: DraftLine[];
  events: RunEvent[];
  /** How many of the events the application has. */
  told: number;
  /** Timers that were silenced. */
  silenced: string[];
}

export type Told = Omit<RunEvent, 'id' | 'at'>;

/** The same morning with one thing more told. */
export function withTold(morning: Morning, told: Told, at = new Date()): Morning {
  const event: RunEvent = { id: crypto.randomUUID(), at: at.toISOString(), ...told };
  return { ...morning, events: [...morning.events, event] };
}

/** What counts: events that were not undone, nor are undoings. */
export function counting(events: RunEvent[]): RunEvent[] {
  const undone = new Set<string>();
  for (const event of [...events].reverse()) {
    if (event.kind === 'UNDONE' && event.about && !undone.has(event.id)) undone.add(event.about);
  }
  return events.filter((event) => event.kind !== 'UNDONE' && !undone.has(event.id));
}

export function pieces(events: RunEvent[]): number {
  return counting(events).reduce(
    (sum, event) =>
      sum + (event.kind === 'PIECE' ? 1 : event.kind === 'ROUND' ? (event.amount ?? 0) : 0),
    0,
  );
}

export function discarded(events: RunEvent[]): number {
  return counting(events)
    .filter((event) => event.kind === 'DISCARDED')
    .reduce((sum, event) => sum + (event.amount ?? 0), 0);
}

/** The place of the step to do now: behind the last that is done. */
export function stepNow(events: RunEvent[]): number {
  return counting(events)
    .filter((event) => event.kind === 'STEP_DONE')
    .reduce((next, event) => Math.max(next, (event.amount ?? 0) + 1), 0);
}

/** The last thing told that can be undone. */
export function lastTold(events: RunEvent[]): RunEvent | undefined {
  return counting(events)
    .filter((event) => event.kind !== 'SETUP')
    .at(-1);
}

export interface Timer {
  id: string;
  name: string;
  endsAt: number;
}

/** Timers that run or ring, the next to ring first. */
export function timers({ events, silenced }: Morning): Timer[] {
  return counting(events)
    .filter((event) => event.kind === 'TIMER' && !silenced.includes(event.id))
    .map((event) => ({
      id: event.id,
      name: event.text ?? 'timer',
      endsAt: Date.parse(event.at) + (event.amount ?? 0) * 60_000,
    }))
    .sort((a, b) => a.endsAt - b.endsAt);
}

/** "4:05" left, "+0:12" over. */
export function leftText(ms: number): string {
  const seconds = Math.round(Math.abs(ms) / 1000);
  const text = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
  return ms < 0 ? `+${text}` : text;
}

/** An event in a few words. */
export function eventText(event: RunEvent, lines: DraftLine[]): string {
  const text = event.text ?? '';
  const amount = event.amount ?? 0;
  const line = lines.find((one) => one.id === event.about)?.text;
  switch (event.kind) {
    case 'PIECE':
      return text ? `one piece, ${text}` : 'one piece';
    case 'ROUND':
      return `a round of ${amount}`;
    case 'DISCARDED':
      return amount === 1 ? 'one thrown away' : `${amount} thrown away`;
    case 'STEP_DONE':
      return `done: ${text}`;
    case 'ADJUSTED':
      return line ? `${text}: ${line}` : `${text} went in`;
    case 'TIMER':
      return `timer ${text}, ${amount} min`;
    case 'HEAT':
      return `heat: ${text}`;
    case 'LEFT':
      return `left in the bowl: ${text}`;
    case 'SPILLED':
      return `spilled: ${text}`;
    case 'TASTED':
      return `tasted: ${text}`;
    case 'COOKED':
      return `cooked, ${amount > 0 ? `${amount} weigh` : 'all weigh'} ${text}`;
    case 'JUDGED':
      return `${text}${amount > 0 ? `, ${amount} of 5` : ''}`;
    case 'FINISHED':
      return 'finished';
    default:
      return text;
  }
}
