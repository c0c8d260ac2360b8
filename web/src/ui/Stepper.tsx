import { InputNumber } from 'antd';
import { Glyph } from './Glyph';

/** A number with big buttons to count up and down. Blank means: nobody counted. */
export function Stepper(props: {
  label: string;
  value: number | undefined;
  least: number;
  most: number;
  step?: number;
  onChange: (value: number | undefined) => void;
}) {
  const { label, value, least, most, step = 1, onChange } = props;
  const move = (by: number) => onChange(Math.min(most, Math.max(least, (value ?? 0) + by)));
  return (
    <div className="stepper">
      <button type="button" aria-label={`${label}: fewer`} onClick={() => move(-step)}>
        <Glyph of="minus" />
      </button>
      <InputNumber
        aria-label={label}
        value={value ?? null}
        min={least}
        max={most}
        step={step}
        precision={Number.isInteger(step) ? 0 : undefined}
        formatter={(entered) => String(entered ?? '')}
        controls={false}
        variant="borderless"
        onChange={(entered) => onChange(entered ?? undefined)}
      />
      <button type="button" aria-label={`${label}: more`} onClick={() => move(step)}>
        <Glyph of="plus" />
      </button>
    </div>
  );
}
