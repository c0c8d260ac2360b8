import { Input } from 'antd';
import type { DraftGriddle, FieldProblem, Figures } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Field } from '../../ui/Field';

/** How what holds alcohol was heated; shown where some of it could boil off. */
export function Heated(props: {
  griddle: DraftGriddle;
  makeup: Figures['makeup'] | undefined;
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { griddle, makeup, problems, onChange } = props;
  const heated = griddle.making?.heated ?? '';
  if (makeup?.alcohol == null && !heated) return null;
  return (
    <Field
      label="The alcohol in it was heated"
      problem={problems.find((one) => one.field === 'griddle.heated')}
    >
      <Input
        aria-label="The alcohol in it was heated"
        placeholder="all counted; or flamed, 15 min"
        value={heated}
        maxLength={100}
        onChange={(event) => {
          const text = event.target.value || undefined;
          onChange('griddle:heated', (now) => ({
            ...now,
            griddle: { ...now.griddle, making: { ...now.griddle.making, heated: text } },
          }));
        }}
      />
    </Field>
  );
}
