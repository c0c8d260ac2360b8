import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { answer, api } from '../../api/client';
import type { Draft, Figures, Line, ProposedLine } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { LineList } from '../../ui/LineList';
import { Notice } from '../../ui/Notice';
import { rangeText, valueText } from '../../ui/numbers';
import { Anew } from './Anew';
import { Review } from './Review';
import { meansMore, withLines, withLinesFor, type Reviewed } from './reviewed';
import { ScalePanel } from './ScalePanel';
import { clear, currentLine, rewritten, type CurrentLine } from './weighIn';

const SYSTEMS: { value: Draft['system']; label: string }[] = [
  { value: 'US', label: 'US cups (237 mL)' },
  { value: 'METRIC', label: 'metric cups (250 mL)' },
  { value: 'US_LABELLING', label: 'US label cups (240 mL)' },
  { value: 'AUSTRALIAN', label: 'Australian (250 mL, tbsp 20 mL)' },
  { value: 'IMPERIAL', label: 'imperial cups (284 mL)' },
];

const SHORT: Record<Draft['system'], string> = {
  US: 'US',
  METRIC: 'metric',
  US_LABELLING: 'US label',
  AUSTRALIAN: 'Australian',
  IMPERIAL: 'imperial',
};

/** First station: what went into the batter. */
export function Bowl(props: {
  draft: Draft;
  readings: Map<string, Line>;
  figures: Figures | undefined;
  onChange: (what: string, draft: Draft) => void;
}) {
  const { draft, readings, figures, onChange } = props;
  const [proposed, setProposed] = useState<ProposedLine[]>();
  const [scaleOpen, setScaleOpen] = useState(false);
  // Answers arrive later than the draft that they were asked for.
  const latest = useRef({ draft, onChange });
  useEffect(() => {
    latest.current = { draft, onChange };
  }, [draft, onChange]);
  const change = (what: string, how: (draft: Draft) => Draft) =>
    latest.current.onChange(what, how(latest.current.draft));
  const add = (lines: Reviewed[]) => {
    setProposed(undefined);
    change('Bowl:add', (now) => withLines(now, lines));
  };
  const takeApart = useMutation({
    scope: { id: 'bowl' },
    mutationFn: ({ text }: { text: string; id?: string }) =>
      answer(api.POST('/api/lines', { body: { text, system: draft.system } })),
    onSuccess: (lines, { id }) => {
      if (id === undefined) setProposed(lines);
      else if (meansMore(lines)) change('Bowl:add', (now) => withLinesFor(now, id, lines));
    },
  });
  // A single line stands at once; should it mean several, or go elsewhere, that follows.
  const enter = (text: string) => {
    if (text.includes('\n')) {
      takeApart.mutate({ text });
      return;
    }
    const id = crypto.randomUUID();
    change('Bowl:add', (now) => ({ ...now, bowl: [...now.bowl, { id, text }] }));
    takeApart.mutate({ text, id });
  };
  const weigh = useMutation({
    scope: { id: 'bowl' },
    mutationFn: ({ line, grams }: { line: CurrentLine; grams: number }) =>
      answer(
        api.POST('/api/lines/weighed', { body: { text: line.text, foodId: line.foodId, grams } }),
      ),
    onSuccess: ({ text }, { line }) =>
      change('weigh-in', (now) => ({ ...now, bowl: rewritten(now.bowl, line, text) })),
  });
  const { mutate: writeWeight } = weigh;
  const onTake = useCallback(
    (grams: number) => {
      const line = currentLine(latest.current.draft.bowl);
      if (!line) return;
      if (line.field) clear(line.field);
      writeWeight({ line, grams });
    },
    [writeWeight],
  );
  return (
    <section className="station bowl" aria-labelledby="bowl-title">
      <header>
        <h2 id="bowl-title">Bowl</h2>
        <Choice
          aria-label="Cups and spoons"
          variant="borderless"
          value={draft.system}
          options={SYSTEMS}
          onChange={(system) => onChange('system', { ...draft, system })}
        />
      </header>
      {scaleOpen && <ScalePanel onTake={onTake} />}
      {weigh.error && <Notice>{weigh.error.message}</Notice>}
      <LineList
        name="Bowl"
        lines={draft.bowl}
        strain={draft.kind === 'PREPARATION'}
        system={SHORT[draft.system]}
        readings={readings}
        placeholder={
          draft.bowl.length === 0
            ? 'Begin here: 160 g rye flour, or paste a recipe'
            : 'Next: ½ tsp salt, 2 large eggs …'
        }
        onText={(text) => enter(text.trim())}
        onChange={(what, bowl) => onChange(what, { ...draft, bowl })}
      />
      {figures && figures.batterMass.value > 0 && (
        <p className="foot">
          {draft.kind === 'PREPARATION' ? 'All that went in' : 'Batter'}{' '}
          <b>{valueText(figures.batterMass)} g</b>{' '}
          <span className="range">{rangeText(figures.batterMass)}</span>
        </p>
      )}
      {figures && <Makeup {...figures.makeup} />}
      <div className="bowl-tools">
        {draft.bowl.length > 0 && <Anew draft={draft} onChange={onChange} />}
        <Button size="small" aria-pressed={scaleOpen} onClick={() => setScaleOpen(!scaleOpen)}>
          {scaleOpen ? 'Put the scale away' : 'Kitchen scale'}
        </Button>
      </div>
      {proposed && (
        <Review
          proposed={proposed}
          system={draft.system}
          cups={SHORT[draft.system]}
          onAdd={add}
          onClose={() => setProposed(undefined)}
        />
      )}
    </section>
  );
}

/** How wet the batter is, as far as that is known. */
function Makeup({ water, liquidPerFlour }: Figures['makeup']) {
  if (!water && !liquidPerFlour) return null;
  return (
    <p className="foot">
      {water && (
        <>
          water <b>{valueText(water)} %</b> <span className="range">{rangeText(water)}</span>
        </>
      )}
      {water && liquidPerFlour && ' · '}
      {liquidPerFlour && (
        <>
          flour : liquid <b>1 : {valueText(liquidPerFlour)}</b>{' '}
          <span className="range">{rangeText(liquidPerFlour)}</span>
        </>
      )}
    </p>
  );
}
