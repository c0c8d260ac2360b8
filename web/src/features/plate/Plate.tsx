import { memo, useCallback } from 'react';
import type { Draft, FieldProblem, Line } from '../../api/types';
import type { ChangeDraft, ChangeLines } from '../../ui/change';
import { LineList } from '../../ui/LineList';
import { Stepper } from '../../ui/Stepper';
import { Review } from '../say/Review';
import { Helpings } from './Helpings';
import { Otherwise } from './Otherwise';
import { ToppingSets } from './ToppingSets';
import { useTold } from '../say/useTold';

/** Third station: what is put before one person. */
export const Plate = memo(function Plate(props: {
  plate: Draft['plate'];
  system: Draft['system'];
  readings: Map<string, Line>;
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { plate, system, readings, problems, onChange } = props;
  const told = useTold('plate', system, onChange);
  const changeToppings = useCallback<ChangeLines>(
    (what, how) =>
      onChange(what, (draft) => ({
        ...draft,
        plate: { ...draft.plate, toppings: how(draft.plate.toppings) },
      })),
    [onChange],
  );
  const problem = problems.find((one) => one.field === 'plate.pieces');
  return (
    <section className="station plate" aria-labelledby="plate-title">
      <header>
        <h2 id="plate-title">Plate</h2>
      </header>
      <div className="field beside">
        <p className="field-label">Pieces in a serving</p>
        <Stepper
          label="Pieces in a serving"
          value={plate.pieces ?? undefined}
          least={0.5}
          most={100}
          step={0.5}
          onChange={(pieces) =>
            onChange('plate:pieces', (draft) => ({ ...draft, plate: { ...draft.plate, pieces } }))
          }
        />
        {problem && (
          <p className="reading refused" role="status">
            {problem.problem} <span className="quiet">Try: {problem.accepted}.</span>
          </p>
        )}
      </div>
      <Otherwise plate={plate} problems={problems} onChange={onChange} />
      <p className="field-label">On top of each serving</p>
      <LineList
        name="Toppings"
        lines={plate.toppings}
        readings={readings}
        placeholder="1 tbsp maple syrup"
        onText={(text) => told.enter(text.trim())}
        onApart={told.apart}
        onChange={changeToppings}
      />
      <ToppingSets toppings={plate.toppings} onChange={onChange} />
      <Helpings plate={plate} problems={problems} onChange={onChange} />
      {told.review && (
        <Review
          {...told.review}
          entered="plate"
          system={system}
          cups=""
          onTake={told.take}
          onClose={told.close}
        />
      )}
    </section>
  );
});
