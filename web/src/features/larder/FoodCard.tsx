import { useMutation, useQuery } from '@tanstack/react-query';
import { Button, Popconfirm } from 'antd';
import { answer, api, ifMatch } from '../../api/client';
import { queries } from '../../api/queries';
import type { Food } from '../../api/types';
import { Mark } from '../../ui/Mark';
import { Amount } from './Amount';
import { Notice } from '../../ui/Notice';
import { Uses } from '../../ui/Uses';
import { plain } from '../../ui/numbers';
import { PROVENANCE } from '../../ui/provenance';

/** One food: composition per 100 g, household measures, where its values are from and are used. */
export function FoodCard(props: {
  food: Food;
  onEdit: () => void;
  /** It is out, or went back to what ships. */
  onRemoved: (left: Food | undefined) => void;
}) {
  const { food, onEdit, onRemoved } = props;
  const remove = useMutation({
    mutationFn: () =>
      answer(
        api.DELETE('/api/foods/{id}', {
          params: { path: { id: food.id }, header: ifMatch(food.change) },
        }),
      ),
    onSuccess: onRemoved,
  });
  const uses = useQuery(queries.usesOfFood(food.id, food.revision));
  const known = food.per100g.filter((value) => value.amount != null);
  const unknown = food.per100g.filter(
    (value) => value.amount == null && LOOKED_FOR.has(value.component),
  );
  const { source, number, mark, remark } = food.provenance;
  return (
    <article className="food-card" aria-label={food.name}>
      <header>
        <h2>{food.name}</h2>
        {food.own && (
          <Popconfirm
            title={
              food.ships ? 'Back to what the larder ships with?' : 'Take it out of the larder?'
            }
            description="Kept versions stay as they are."
            okText={food.ships ? 'Back to what ships' : 'Take it out'}
            cancelText="Leave it"
            onConfirm={() => remove.mutate()}
          >
            <Button type="text">{food.ships ? 'Back to what ships' : 'Take it out'}</Button>
          </Popconfirm>
        )}
        <Button onClick={onEdit}>Change it</Button>
      </header>
      {remove.error && <Notice>{remove.error.message}</Notice>}
      <p className="quiet">
        {food.allergens.length > 0 ? `Contains ${food.allergens.join(', ')}. ` : ''}
        {food.mayContain.length > 0 ? `May contain ${food.mayContain.join(', ')}. ` : ''}
        {food.origins.length > 0
          ? `From ${food.origins.map((origin) => origin.toLowerCase()).join(', ')}. `
          : ''}
        {food.added.length > 0
          ? `With added ${food.added.map((added) => added.toLowerCase()).join(', ')}. `
          : ''}
        Composition revision {food.revision}
        {food.own ? ', entered or changed here' : ''}.
      </p>
      {food.warnings.map((warning) => (
        <p className="reading refused" key={warning}>
          Contradicts itself: {warning}
        </p>
      ))}
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
                  <Amount value={value} />
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
                  <td>{measure.energy != null && `${plain(measure.energy, 0)} kcal`}</td>
                </tr>
              ))}
              {food.measures.length === 0 && (
                <tr>
                  <td className="quiet">none known: weigh it</td>
                </tr>
              )}
            </tbody>
          </table>
          {food.names.length > 1 && (
            <p className="reading">
              Also called: {food.names.filter((name) => name !== food.name).join('; ')}.
            </p>
          )}
          <Uses uses={uses.data} of="this food" />
        </div>
      </div>
      {unknown.length > 0 && (
        <p className="reading">
          Not known, and never counted as nothing: {unknown.map((value) => value.words).join(', ')}.
        </p>
      )}
      <p className="reading">
        From: {source || 'not said'}
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
