import { Input, Segmented } from 'antd';
import type { LabelForm } from '../../api/types';
import { LABEL_LINES } from './kinds';

/** What a label prints, in the label's own serving. */
export function LabelFields(props: { label: LabelForm; onChange: (label: LabelForm) => void }) {
  const { label, onChange } = props;
  const set = (part: Partial<LabelForm>) => onChange({ ...label, ...part });
  return (
    <fieldset className="plain-set">
      <legend>as printed on the label</legend>
      <Segmented<LabelForm['style']>
        aria-label="Label of"
        value={label.style}
        options={[
          { value: 'EU', label: 'Europe' },
          { value: 'US', label: 'United States' },
        ]}
        onChange={(style) => set({ style })}
      />
      <div className="label-line">
        <label htmlFor="label-serving">printed for</label>
        <Input
          id="label-serving"
          value={label.serving}
          maxLength={40}
          onChange={(event) => set({ serving: event.target.value })}
        />
        <Segmented<LabelForm['servingUnit']>
          aria-label="Unit of the serving"
          value={label.servingUnit}
          options={[
            { value: 'GRAM', label: 'g' },
            { value: 'MILLILITRE', label: 'mL' },
          ]}
          onChange={(servingUnit) => set({ servingUnit })}
        />
      </div>
      {label.servingUnit === 'MILLILITRE' && (
        <div className="label-line">
          <label htmlFor="label-weighs">which weighs</label>
          <Input
            id="label-weighs"
            placeholder="not weighed"
            value={label.servingWeighs}
            maxLength={40}
            onChange={(event) => set({ servingWeighs: event.target.value })}
          />
          <span className="unit">g</span>
        </div>
      )}
      {LABEL_LINES[label.style].map(({ line, words, unit }) => (
        <div className="label-line" key={line}>
          <label htmlFor={`label-${line}`}>{words}</label>
          <Input
            id={`label-${line}`}
            aria-label={`${words}, ${unit}`}
            placeholder="not said"
            value={label.lines[line] ?? ''}
            maxLength={40}
            onChange={(event) => set({ lines: { ...label.lines, [line]: event.target.value } })}
          />
          <span className="unit">{unit}</span>
        </div>
      ))}
    </fieldset>
  );
}
