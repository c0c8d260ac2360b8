import { Input, Segmented } from 'antd';
import type { ReactNode } from 'react';
import type { Draft, DraftGriddle, FieldProblem, Line } from '../../api/types';
import { Grams, Reading } from '../../ui/Reading';
import { Stepper } from '../../ui/Stepper';
import { Discs } from './Discs';

const MOST_PIECES = 1000;

/** Second station: what came out of the batter. */
export function Griddle(props: {
  draft: Draft;
  readings: Map<string, Line>;
  problems: FieldProblem[];
  onChange: (what: string, draft: Draft) => void;
}) {
  const { draft, readings, problems, onChange } = props;
  const { griddle } = draft;
  const set = (what: string, part: Partial<DraftGriddle>) =>
    onChange(`griddle:${what}`, { ...draft, griddle: { ...griddle, ...part } });
  const fatReading = readings.get(griddle.panFat.id);
  return (
    <section className="station griddle" aria-labelledby="griddle-title">
      <header>
        <h2 id="griddle-title">Griddle</h2>
        <Segmented<Draft['kind']>
          aria-label="What is baked"
          value={draft.kind}
          options={[
            { value: 'PANCAKE', label: 'Pancakes' },
            { value: 'WAFFLE', label: 'Waffles' },
          ]}
          onChange={(kind) => onChange('kind', { ...draft, kind })}
        />
      </header>
      <div className="pair">
        <Field label="Came out" problem={find(problems, 'griddle.pieces')}>
          <Stepper
            label="Came out"
            value={griddle.pieces ?? undefined}
            least={1}
            most={MOST_PIECES}
            onChange={(pieces) => set('pieces', { pieces })}
          />
        </Field>
        <Field label="Thrown away" problem={find(problems, 'griddle.discarded')}>
          <Stepper
            label="Thrown away"
            value={griddle.discarded}
            least={0}
            most={griddle.pieces ?? 0}
            onChange={(discarded) => set('discarded', { discarded: discarded ?? 0 })}
          />
        </Field>
      </div>
      <Discs
        kind={draft.kind}
        pieces={griddle.pieces ?? 0}
        discarded={griddle.discarded}
        onPieces={(pieces) => set('pieces', { pieces })}
        onDiscarded={(discarded) => set('discarded', { discarded })}
      />
      <Field label="Portioned by">
        <Segmented<DraftGriddle['portioning']>
          block
          aria-label="Portioned by"
          value={griddle.portioning}
          options={[
            { value: 'LADLE', label: 'ladle' },
            { value: 'SCOOP', label: 'scoop' },
            { value: 'SPOON', label: 'spoon' },
            { value: 'WEIGHED', label: 'scale' },
          ]}
          onChange={(portioning) => set('portioning', { portioning })}
        />
      </Field>
      <Field label="Left in the bowl" problem={find(problems, 'griddle.left')}>
        <Input
          aria-label="Left in the bowl"
          placeholder="nothing; or a weight: 40 g"
          value={griddle.left}
          maxLength={100}
          onChange={(event) => set('left', { left: event.target.value })}
        />
      </Field>
      <Field label="Fat in the pan" aside={<Grams line={fatReading} />}>
        <Input
          aria-label="Fat in the pan"
          placeholder="1 tbsp sunflower oil"
          value={griddle.panFat.text}
          maxLength={300}
          onChange={(event) =>
            set('panFat', { panFat: { id: griddle.panFat.id, text: event.target.value } })
          }
        />
        <Reading
          line={fatReading}
          onPick={(foodId) => set('panFat', { panFat: { ...griddle.panFat, foodId } })}
        />
      </Field>
      <Field label="Of it, left in the pan" problem={find(problems, 'griddle.panFatLeft')}>
        <Input
          aria-label="Of it, left in the pan"
          placeholder="not measured; or a weight: 4 g"
          value={griddle.panFatLeft}
          maxLength={100}
          onChange={(event) => set('panFatLeft', { panFatLeft: event.target.value })}
        />
      </Field>
    </section>
  );
}

function find(problems: FieldProblem[], field: string) {
  return problems.find((problem) => problem.field === field);
}

function Field(props: {
  label: string;
  aside?: ReactNode;
  problem?: FieldProblem;
  children: ReactNode;
}) {
  return (
    <div className="field">
      <p className="field-label">
        <span>{props.label}</span>
        {props.aside}
      </p>
      {props.children}
      {props.problem && (
        <p className="reading refused" role="status">
          {props.problem.problem} <span className="quiet">Accepted: {props.problem.accepted}.</span>
        </p>
      )}
    </div>
  );
}
