import { Input, Segmented } from 'antd';
import { memo } from 'react';
import type { Draft, DraftGriddle, FieldProblem, Line } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Stepper } from '../../ui/Stepper';
import { Field } from '../../ui/Field';
import { Discs } from './Discs';
import { KindChoice } from './KindChoice';
import { PanFatFields } from './PanFatFields';

const MOST_PIECES = 1000;

/** Second station: what came out of the batter. */
export const Griddle = memo(function Griddle(props: {
  kind: Draft['kind'];
  griddle: DraftGriddle;
  readings: Map<string, Line>;
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { kind, griddle, readings, problems, onChange } = props;
  const set = (what: string, part: Partial<DraftGriddle>) =>
    onChange(`griddle:${what}`, (draft) => ({
      ...draft,
      griddle: { ...draft.griddle, ...part },
    }));
  return (
    <section className="station griddle" aria-labelledby="griddle-title">
      <header>
        <h2 id="griddle-title">Griddle</h2>
        <KindChoice kind={kind} onChange={onChange} />
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
        kind={kind}
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
      <PanFatFields griddle={griddle} readings={readings} problems={problems} onChange={onChange} />
    </section>
  );
});

function find(problems: FieldProblem[], field: string) {
  return problems.find((problem) => problem.field === field);
}
