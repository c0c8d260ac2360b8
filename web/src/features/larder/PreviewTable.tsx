import type { FoodCheck } from '../../api/types';
import { Mark } from '../../ui/Mark';
import { Amount } from './Amount';

/** What a form would become, and where it contradicts itself. */
export function PreviewTable(props: { check: FoodCheck | undefined; refused?: string }) {
  const { check, refused } = props;
  const known = check?.food.per100g.filter((value) => value.amount != null) ?? [];
  return (
    <>
      <table>
        <caption>becomes, in 100 g</caption>
        <tbody>
          {known.map((value) => (
            <tr key={value.component}>
              <th scope="row">
                <Mark component={value.component} /> {value.words}
              </th>
              <td>
                <Amount value={value} />
              </td>
            </tr>
          ))}
          {known.length === 0 && (
            <tr>
              <td className="quiet">nothing yet</td>
            </tr>
          )}
        </tbody>
      </table>
      <div role="status">
        {refused && <p className="reading refused">{refused}</p>}
        {check?.food.warnings.map((warning) => (
          <p className="reading refused" key={warning}>
            Contradicts itself: {warning}
          </p>
        ))}
        {check?.notes.map((note) => (
          <p className="reading" key={note}>
            {note}
          </p>
        ))}
      </div>
    </>
  );
}
