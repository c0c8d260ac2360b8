import { Button } from 'antd';
import { useCallback, useState } from 'react';
import { api } from '../../api/client';
import type { Draft, Figures, Line, ProposedLine } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { LineList } from '../../ui/LineList';
import { rangeText, valueText } from '../../ui/numbers';
import { Anew } from './Anew';
import { Review } from './Review';
import { withLines, type Reviewed } from './reviewed';
import { ScalePanel } from './ScalePanel';
import { withGrams } from './weighIn';

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

/** May mean more than one line: two parts of a fruit, two places, a whole list. */
const SEVERAL = /\n|[&+]|\b(and|plus|with|in|into|half)\b/i;

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
  const add = (lines: Reviewed[]) => {
    setProposed(undefined);
    onChange('Bowl:add', withLines(draft, lines));
  };
  const onText = (text: string) => {
    if (!SEVERAL.test(text.trim())) return false;
    api.lines(text, draft.system).then(
      (lines) => {
        if (text.trim().includes('\n')) setProposed(lines);
        else add(lines);
      },
      () => add([{ text: text.trim(), place: 'NOT_SAID', shared: false }]),
    );
    return true;
  };
  const onTake = useCallback(
    (grams: number) => {
      const taken = withGrams(draft.bowl, readings, grams);
      if (taken) onChange('weigh-in', { ...draft, bowl: taken });
    },
    [draft, readings, onChange],
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
        onText={onText}
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
