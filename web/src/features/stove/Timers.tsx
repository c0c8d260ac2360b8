import { useEffect, useRef, useState } from 'react';
import { leftText, type Timer } from './morning';

const TICK_MS = 250;
const BEEP_EVERY_MS = 1200;

/** Timers that run down by the clock; one that is over rings until it is silenced. */
export function Timers({
  timers,
  onSilence,
}: {
  timers: Timer[];
  onSilence: (id: string) => void;
}) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(tick);
  }, []);
  const ringing = timers.some((timer) => timer.endsAt <= now);
  useRing(ringing);
  if (timers.length === 0) return null;
  return (
    <ul className="timers" aria-label="Timers">
      {timers.map((timer) => {
        const over = timer.endsAt <= now;
        return (
          <li key={timer.id} className={over ? 'timer rings' : 'timer'}>
            <span>
              {timer.name}
              {over && <span role="alert"> is over</span>}
            </span>
            <b>{leftText(timer.endsAt - now)}</b>
            <button type="button" onClick={() => onSilence(timer.id)}>
              {over ? 'Silence' : 'Stop'}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** Two short tones again and again, made here: no file to fetch. */
function useRing(rings: boolean) {
  const audio = useRef<AudioContext>(undefined);
  useEffect(() => {
    if (!rings) return;
    const title = document.title;
    document.title = `⏰ ${title}`;
    const beep = () => {
      audio.current ??= new AudioContext();
      const context = audio.current;
      for (const [at, pitch] of [
        [0, 660],
        [0.22, 880],
      ] as const) {
        const tone = context.createOscillator();
        const volume = context.createGain();
        tone.frequency.value = pitch;
        volume.gain.value = 0.25;
        tone.connect(volume).connect(context.destination);
        tone.start(context.currentTime + at);
        tone.stop(context.currentTime + at + 0.18);
      }
    };
    beep();
    const again = setInterval(beep, BEEP_EVERY_MS);
    return () => {
      clearInterval(again);
      document.title = title;
    };
  }, [rings]);
}
