import { Input } from 'antd';
import type { FoodForm } from '../../api/types';

const VALUES: { component: string; words: string; unit: string }[] = [
  { component: 'ENERC', words: 'energy', unit: 'kcal' },
  { component: 'WATER', words: 'water', unit: 'g' },
  { component: 'PROCNT', words: 'protein', unit: 'g' },
  { component: 'FAT', words: 'fat', unit: 'g' },
  { component: 'FASAT', words: 'saturates', unit: 'g' },
  { component: 'ASH', words: 'ash', unit: 'g' },
  { component: 'CHOCDF', words: 'carbohydrate, with fibre', unit: 'g' },
  { component: 'FIBTG', words: 'fibre', unit: 'g' },
  { component: 'SUGAR', words: 'sugars', unit: 'g' },
  { component: 'SUGAD', words: 'added sugars', unit: 'g' },
  { component: 'POLYL', words: 'polyols', unit: 'g' },
  { component: 'ERYTHRITOL', words: 'erythritol', unit: 'g' },
  { component: 'ALLULOSE', words: 'allulose', unit: 'g' },
  { component: 'ACIDS', words: 'organic acids', unit: 'g' },
  { component: 'ALC', words: 'alcohol', unit: 'g' },
  { component: 'OTHER', words: 'other', unit: 'g' },
  { component: 'NA', words: 'sodium', unit: 'mg' },
];

/** What 100 g hold; an empty field is not known. */
export function ValueFields(props: {
  values: FoodForm['values'];
  onChange: (values: FoodForm['values']) => void;
}) {
  const { values, onChange } = props;
  return (
    <fieldset className="plain-set">
      <legend>in 100 g, edible portion</legend>
      {VALUES.map(({ component, words, unit }) => (
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
