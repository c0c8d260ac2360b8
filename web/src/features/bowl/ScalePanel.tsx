import { useMutation } from '@tanstack/react-query';
import { Button, InputNumber } from 'antd';
import { useCallback, useEffect, useState } from 'react';
import { answer, api } from '../../api/client';
import type { ScaleReading } from '../../api/types';
import { plain } from '../../ui/numbers';

const intoView = (panel: HTMLElement | null) => panel?.scrollIntoView({ block: 'nearest' });
const LATE_MS = 5000;

/** The live reading of the kitchen scale; Alt+W takes it into the current line. */
export function ScalePanel(props: {
  /** The line that it would fill. */
  into: string | undefined;
  onTake: (grams: number) => void;
}) {
  const { onTake } = props;
  const [reading, setReading] = useState<ScaleReading>();
  const [simulated, setSimulated] = useState(false);
  const [late, setLate] = useState(false);
  useEffect(() => {
    const timer = setTimeout(() => setLate(true), LATE_MS);
    return () => clearTimeout(timer);
  }, []);
  const [load, setLoad] = useState(0);
  const [plugged, setPlugged] = useState(true);
  useEffect(() => {
    const events = new EventSource('/api/kitchen-scale/stream');
    events.addEventListener('reading', (event: MessageEvent<string>) =>
      setReading(JSON.parse(event.data) as ScaleReading),
    );
    events.onerror = () =>
      setReading((before) => ({
        state: 'LOST',
        lastStable: before?.lastStable,
        age: 0,
        words: 'The application does not answer.',
      }));
    answer(api.GET('/api/kitchen-scale')).then(
      (scale) => {
        setSimulated(scale.simulated);
        setReading(scale.reading);
      },
      () => undefined, // the stream says that it is lost
    );
    return () => events.close();
  }, []);
  const { mutate: tare } = useMutation({
    mutationFn: () => answer(api.POST('/api/kitchen-scale/tare')),
  });
  const { mutate: simulation } = useMutation({
    mutationFn: (body: { load: number; plugged: boolean }) =>
      answer(api.POST('/api/kitchen-scale/simulated', { body })),
  });
  const grams = reading?.state === 'STABLE' ? reading.grams : reading?.lastStable;
  const take = useCallback(() => {
    if (grams == null || grams <= 0) return;
    onTake(grams);
    tare();
  }, [grams, onTake, tare]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!event.altKey || event.key.toLowerCase() !== 'w') return;
      event.preventDefault();
      take();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [take]);
  const simulate = (to: number, plug: boolean) => {
    setLoad(to);
    setPlugged(plug);
    simulation({ load: to, plugged: plug });
  };
  return (
    <section className="scale-panel" aria-label="Kitchen scale" ref={intoView}>
      <p className="scale-reading">
        <output aria-label="Scale reading" className={reading?.state.toLowerCase()}>
          {reading?.grams != null
            ? `${plain(reading.grams || 0, 0)} g`
            : reading?.lastStable != null
              ? `${plain(reading.lastStable || 0, 0)} g`
              : '—'}
        </output>{' '}
        <span className="quiet">
          {reading ? STATES[reading.state] : late ? 'no scale answers' : 'looking …'}
        </span>
      </p>
      <p className="scale-into">
        {props.into ? (
          <>
            fills <b>{props.into}</b>
          </>
        ) : (
          <span className="quiet">Choose the line that it is to fill, or type one.</span>
        )}
      </p>
      <Button onMouseDown={(event) => event.preventDefault()} onClick={take} disabled={!grams}>
        Take it in (Alt+W)
      </Button>
      <Button onClick={() => tare()}>Tare</Button>
      {reading?.words && (
        <p className="reading refused" role="alert">
          {reading.words}
        </p>
      )}
      {simulated && (
        <p className="scale-simulated">
          <span className="quiet">No scale is connected; this one is simulated. On it lie</span>{' '}
          <InputNumber
            aria-label="On the simulated scale"
            size="small"
            min={0}
            max={20000}
            suffix="g"
            value={load}
            onChange={(to) => simulate(to ?? 0, plugged)}
          />{' '}
          <Button size="small" onClick={() => simulate(load, !plugged)}>
            {plugged ? 'Pull its plug' : 'Plug it in'}
          </Button>
        </p>
      )}
    </section>
  );
}

const STATES: Record<ScaleReading['state'], string> = {
  STABLE: 'stands still',
  MOVING: 'still moving',
  OVERLOAD: 'too much',
  LOST: 'lost; this is the last reading',
};
