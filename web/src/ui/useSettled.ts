import { useEffect, useRef, useState } from 'react';

/**
 * A value that changes in bursts, as it stands when the burst pauses.
 *
 * @param atOnce a change that comes alone goes through at once; only those that follow it wait
 */
export function useSettled<Value>(value: Value, pauseMs: number, atOnce = false): Value {
  const [settled, setSettled] = useState(value);
  const changedAt = useRef(-Infinity);
  useEffect(() => {
    const alone = atOnce && performance.now() - changedAt.current > pauseMs;
    changedAt.current = performance.now();
    const timer = setTimeout(() => setSettled(value), alone ? 0 : pauseMs);
    return () => clearTimeout(timer);
  }, [value, pauseMs, atOnce]);
  return settled;
}
