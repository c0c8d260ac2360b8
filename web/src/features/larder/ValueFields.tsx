import { useQuery } from '@tanstack/react-query';
import { Input } from 'antd';
import { queries } from '../../api/queries';
import type { FoodForm } from '../../api/types';

/** What 100 g hold; an empty field is not known. */
export function ValueFields(props: {
  values: FoodForm['values'];
  onChange: (values: FoodForm['values']) => void;
}) {
  const { values, onChange } = props;
  const components = useQuery(queries.components());
  return (
    <fieldset className="plain-set">
      <legend>in 100 g, edible portion</legend>
      {components.data?.map(({ component, words, unit }) => (
        <div className="label-line" key={component}>
          <label htmlFor={`value-${component}`}>{words}</label>
          <Input
            id={`value-${component}`}
            aria-label={`${words}, ${unit}`}
            placeholder="not said"
            value={values[component] ?? ''}
            maxLength={40}
            onChange={(event) => onChange({ ...values, [component]: event.target.value })}
          />
          <span className="unit">{unit}</span>
        </div>
      ))}
    </fieldset>
  );
}
