const HOUR = 60;
const DAY = 24 * HOUR;

/** "8:05", from minutes after midnight. */
export function clockText(minutes: number): string {
  const at = ((Math.floor(minutes) % DAY) + DAY) % DAY;
  return `${Math.floor(at / HOUR)}:${String(at % HOUR).padStart(2, '0')}`;
}

/** Minutes after midnight, from "8:05" or "8.05" or "8"; undefined for anything else. */
export function minutesOf(text: string): number | undefined {
  const found = /^\s*(\d{1,2})(?:[:.](\d{2}))?\s*$/.exec(text);
  if (!found) return undefined;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? 0)];
  return hours < 24 && minutes < 60 ? hours * HOUR + minutes : undefined;
}

/** Now, in minutes after midnight. */
export function nowMinutes(now = new Date()): number {
  return now.getHours() * HOUR + now.getMinutes();
}
