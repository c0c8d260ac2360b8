import type { Food } from '../../api/types';
import { Mark } from '../../ui/Mark';
import { plain } from '../../ui/numbers';
import { PROVENANCE } from '../../ui/provenance';

/** One food: composition per 100 g, household measures, where its values are from. */
export function FoodCard({ food }: { food: Food }) {
  const known = food.per100g.filter((value) => value.amount != null);
  const unknown = food.per100g.filter(
    (value) => value.amount == null && LOOKED_FOR.has(value.component),
  );
  const { source, number, mark, remark } = food.provenance;
  return (
    <article className="food-card" aria-label={food.name}>
      <h2>{food.name}</h2>
      <p className="quiet">
        {food.allergens.length > 0 ? `Contains ${food.allergens.join(', ')}. ` : ''}
        Composition revision {food.revision}.
      </p>
      <div className="food-tables">
        <table>
          <caption>in 100 g, edible portion</caption>
          <tbody>
            {known.map((value) => (
              <tr key={value.component}>
                <th scope="row">
                  <Mark component={value.component} /> {value.words}{' '}
                  <span className="unit">{value.component}</span>
                </th>
                <td>
                  {plain(value.amount ?? 0, (value.amount ?? 0) < 100 ? 2 : 0)} {value.unit}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        <div>
          <table>
            <caption>household measures</caption>
            <tbody>
              {food.measures.map((measure) => (
                <tr key={measure.words}>
                  <th scope="row">{measure.words}</th>
                  <td>{plain(measure.grams, measure.grams < 20 ? 1 : 0)} g</td>
                </tr>
              ))}
              {food.measures.length === 0 && (
                <tr>
                  <td className="quiet">none known: weigh it</td>
                </tr>
              )}
            </tbody>
          </table>
          <p className="reading">
            Also called: {food.names.filter((name) => name !== food.name).join('; ')}.
          </p>
        </div>
      </div>
      {unknown.length > 0 && (
        <p className="reading">
          Not known, and never counted as nothing: {unknown.map((value) => value.words).join(', ')}.
        </p>
      )}
      <p className="reading">
        From: {source}
        {number && `, no. ${number}`}; {PROVENANCE[mark] ?? mark}. {remark}
      </p>
    </article>
  );
}

const LOOKED_FOR = new Set([
  'ENERC',
  'WATER',
  'PROCNT',
  'FAT',
  'ASH',
  'CHOCDF',
  'FIBTG',
  'SUGAR',
  'FASAT',
  'NA',
]);
