import type { Draft, Figures, Line } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { LineList } from '../../ui/LineList';
import { rangeText, valueText } from '../../ui/numbers';

const SYSTEMS: { value: Draft['system']; label: string }[] = [
  { value: 'US', label: 'US cups (237 mL)' },
  { value: 'METRIC', label: 'metric cups (250 mL)' },
  { value: 'US_LABELLING', label: 'US label cups (240 mL)' },
  { value: 'AUSTRALIAN', label: 'Australian (250 mL, tbsp 20 mL)' },
  { value: 'IMPERIAL', label: 'imperial cups (284 mL)' },
];

/** First station: what went into the batter. */
export function Bowl(props: {
  draft: Draft;
  readings: Map<string, Line>;
  figures: Figures | undefined;
  onChange: (what: string, draft: Draft) => void;
}) {
  const { draft, readings, figures, onChange } = props;
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
      <LineList
        name="Bowl"
        lines={draft.bowl}
        strain={draft.kind === 'PREPARATION'}
        readings={readings}
        placeholder={
          draft.bowl.length === 0
            ? 'Begin here: 160 g rye flour'
            : 'Next: ½ tsp salt, 2 large eggs …'
        }
        onChange={(what, bowl) => onChange(what, { ...draft, bowl })}
      />
      {figures && figures.batterMass.value > 0 && (
        <p className="foot">
          {draft.kind === 'PREPARATION' ? 'All that went in' : 'Batter'}{' '}
          <b>{valueText(figures.batterMass)} g</b>{' '}
          <span className="range">{rangeText(figures.batterMass)}</span>
        </p>
      )}
    </section>
  );
}
