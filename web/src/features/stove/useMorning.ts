import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, api, Problem } from '../../api/client';
import { withTold, type Morning, type Told } from './morning';

const AGAIN_MS = 4000;
const AT_ONCE = 200;
const key = (version: string) => `stove:${version}`;

/** The morning that was begun with a version in this browser, if it is still going on. */
export function begun(version: string): Morning | undefined {
  const text = localStorage.getItem(key(version));
  return text ? (JSON.parse(text) as Morning) : undefined;
}

export function begin(morning: Morning) {
  localStorage.setItem(key(morning.versionId), JSON.stringify(morning));
}

export function putAside(version: string) {
  localStorage.removeItem(key(version));
}

/**
 * A morning that is told bit by bit. What is told is in the browser at once, and goes to the
 * application as soon as that answers; sent twice, it counts once.
 */
export function useMorning(first: Morning) {
  const [morning, setMorning] = useState(first);
  const [waiting, setWaiting] = useState<string>();
  const latest = useRef(first);
  const put = useCallback((how: (now: Morning) => Morning) => {
    latest.current = how(latest.current);
    begin(latest.current);
    setMorning(latest.current);
  }, []);
  const tell = useCallback((told: Told) => put((now) => withTold(now, told)), [put]);
  const silence = useCallback(
    (timer: string) => put((now) => ({ ...now, silenced: [...now.silenced, timer] })),
    [put],
  );

  useEffect(() => {
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    const send = async () => {
      const now = latest.current;
      if (now.told < now.events.length) {
        try {
          await sendTo(now);
          if (stopped) return;
          put((then) => ({
            ...then,
            told: Math.max(then.told, Math.min(now.events.length, now.told + AT_ONCE)),
          }));
          setWaiting(undefined);
        } catch (failed) {
          if (stopped) return;
          setWaiting(failed instanceof Problem ? failed.message : String(failed));
        }
      }
      timer = setTimeout(
        send,
        latest.current.told < latest.current.events.length ? AGAIN_MS / 8 : AGAIN_MS / 4,
      );
    };
    void send();
    return () => {
      stopped = true;
      clearTimeout(timer);
    };
  }, [put]);

  return { morning, tell, silence, waiting };
}

async function sendTo(morning: Morning) {
  const path = { path: { id: morning.id } };
  if (morning.told === 0) {
    const { versionId, startedAt, cook } = morning;
    await answer(api.PUT('/api/runs/{id}', { params: path, body: { versionId, startedAt, cook } }));
  }
  await answer(
    api.POST('/api/runs/{id}/events', {
      params: path,
      body: { events: morning.events.slice(morning.told, morning.told + AT_ONCE) },
    }),
  );
}
