import { Button, Input, InputNumber } from 'antd';
import type { MeasureRow } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Glyph } from '../../ui/Glyph';

const VESSELS = [
  { value: 'cup', label: 'US cup' },
  { value: 'tbsp', label: 'US tablespoon' },
  { value: 'tsp', label: 'US teaspoon' },
  { value: '100 mL', label: '100 mL' },
  { value: 'piece', label: 'piece' },
];

/** What cups, spoons and pieces of a food weigh. */
export function MeasureFields(props: {
  measures: MeasureRow[];
  onChange: (measures: MeasureRow[]) => void;
}) {
  const { measures, onChange } = props;
  const set = (index: number, part: Partial<MeasureRow>) =>
    onChange(measures.map((row, i) => (i === index ? { ...row, ...part } : row)));
  return (
    <fieldset className="plain-set">
      <legend>household measures</legend>
      {measures.map((row, index) => (
        <div className="editor-row" key={index}>
          <Choice
            aria-label={`Measure ${index + 1}`}
            value={row.measure}
            options={VESSELS}
            onChange={(measure) => set(index, { measure, usual: measure === 'piece' })}
          />
          <Input
            aria-label={`Measure ${index + 1}: packing or size`}
            placeholder={
              row.measure === 'piece' ? 'size: large' : 'spooned, sifted, scooped, packed'
            }
            value={row.qualifier}
            maxLength={40}
            onChange={(event) => set(index, { qualifier: event.target.value })}
          />
          <InputNumber
            aria-label={`Measure ${index + 1}: grams`}
            min={0.01}
            max={10000}
            controls={false}
            suffix="g"
            value={row.grams || null}
            onChange={(grams) => set(index, { grams: grams ?? 0 })}
          />
          <button
            type="button"
            className="plain"
            aria-label={`Remove measure ${index + 1}`}
            onClick={() => onChange(measures.filter((_, i) => i !== index))}
          >
            <Glyph of="remove" />
          </button>
        </div>
      ))}
      <Button
        type="text"
        onClick={() =>
          onChange([
            ...measures,
            { measure: 'cup', qualifier: '', grams: 0, graded: false, usual: false },
          ])
        }
      >
        One more measure
      </Button>
    </fieldset>
  );
}
