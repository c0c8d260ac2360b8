import { Input, Segmented } from 'antd';
import { memo } from 'react';
import type {
  Draft,
  DraftGriddle,
  DraftMaking,
  FieldProblem,
  Figures,
  Line,
  Yielded,
} from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Field } from '../../ui/Field';
import { CameOut } from './CameOut';
import { Discs } from './Discs';
import { Heated } from './Heated';
import { KindChoice } from './KindChoice';
import { MoreAtGriddle } from './MoreAtGriddle';
import { PanFatFields } from './PanFatFields';
import { Portion } from './Portion';
import { YieldWords } from './YieldWords';

/** Second station: how the batter became pieces, and how many. */
export const Griddle = memo(function Griddle(props: {
  kind: Draft['kind'];
  griddle: DraftGriddle;
  yielded: Yielded | undefined;
  makeup: Figures['makeup'] | undefined;
  readings: Map<string, Line>;
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { kind, griddle, yielded, readings, problems, onChange } = props;
  const making = griddle.making ?? {};
  const set = (what: string, part: Partial<DraftGriddle>) =>
    onChange(`griddle:${what}`, (draft) => ({
      ...draft,
      griddle: { ...draft.griddle, ...part },
    }));
  const make = (what: string, part: Partial<DraftMaking>) =>
    onChange(`griddle:${what}`, (draft) => ({
      ...draft,
      griddle: { ...draft.griddle, making: { ...draft.griddle.making, ...part } },
    }));
  const foretold = yielded && !yielded.counted ? Math.round(yielded.pieces.value) : 0;
  return (
    <section className="station griddle" aria-labelledby="griddle-title">
      <header>
        <h2 id="griddle-title">Griddle</h2>
        <KindChoice kind={kind} onChange={onChange} />
      </header>
      <Portion
        making={making}
        portioning={griddle.portioning}
        problem={find(problems, 'griddle.portion')}
        onMake={make}
        onPortioning={(portioning) => set('portioning', { portioning })}
      />
      <CameOut griddle={griddle} making={making} problems={problems} onSet={set} onMake={make} />
      <Discs
        kind={kind}
        pieces={griddle.pieces ?? foretold}
        foretold={griddle.pieces == null && foretold > 0}
        discarded={griddle.discarded}
        each={making.each ?? []}
        onPieces={(pieces) => set('pieces', { pieces })}
        onDiscarded={(discarded) => set('discarded', { discarded })}
      />
      <YieldWords yielded={yielded} waffles={kind === 'WAFFLE'} />
      <Field label="Left in the bowl" problem={find(problems, 'griddle.left')}>
        <Input
          aria-label="Left in the bowl"
          placeholder="nothing; or 40 g, ½ cup, 2 pieces"
          value={griddle.left}
          maxLength={100}
          onChange={(event) => set('left', { left: event.target.value })}
        />
      </Field>
      {kind === 'WAFFLE' && (
        <Field label="Baked until">
          <Segmented<'soft' | 'crisp'>
            block
            aria-label="Baked until"
            value={making.crisp ? 'crisp' : 'soft'}
            options={[
              { value: 'soft', label: 'soft' },
              { value: 'crisp', label: 'crisp' },
            ]}
            onChange={(how) => make('crisp', { crisp: how === 'crisp' })}
          />
        </Field>
      )}
      <PanFatFields
        griddle={griddle}
        where={kind === 'WAFFLE' ? 'iron' : 'pan'}
        readings={readings}
        problems={problems}
        onChange={onChange}
      />
      <Heated griddle={griddle} makeup={props.makeup} problems={problems} onChange={onChange} />
      <MoreAtGriddle
        griddle={griddle}
        making={making}
        readings={readings}
        problems={problems}
        onMake={make}
      />
    </section>
  );
});

function find(problems: FieldProblem[], field: string) {
  return problems.find((problem) => problem.field === field);
}
