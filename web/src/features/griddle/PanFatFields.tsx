import { Input } from 'antd';
import type { DraftGriddle, FieldProblem, Line } from '../../api/types';
import type { ChangeDraft } from '../../ui/change';
import { Field } from '../../ui/Field';
import { Weighed } from '../../ui/LineMore';
import { Grams, Reading } from '../../ui/Reading';

/** What went into the pan, and what stayed in it. */
export function PanFatFields(props: {
  griddle: DraftGriddle;
  where?: 'pan' | 'iron';
  readings: Map<string, Line>;
  problems: FieldProblem[];
  onChange: ChangeDraft;
}) {
  const { griddle, where = 'pan', readings, problems, onChange } = props;
  const set = (what: string, part: Partial<DraftGriddle>) =>
    onChange(`griddle:${what}`, (draft) => ({
      ...draft,
      griddle: { ...draft.griddle, ...part },
    }));
  const reading = readings.get(griddle.panFat.id);
  return (
    <>
      <Field label={`Fat in the ${where}`} aside={<Grams line={reading} />}>
        <Input
          aria-label="Fat in the pan"
          placeholder="1 tbsp sunflower oil"
          value={griddle.panFat.text}
          maxLength={300}
          onChange={(event) =>
            set('panFat', {
              panFat: { id: griddle.panFat.id, text: event.target.value, off: griddle.panFat.off },
            })
          }
        />
        <Reading
          line={reading}
          onPick={(foodId) => set('panFat', { panFat: { ...griddle.panFat, foodId } })}
        />
        {griddle.panFat.text.trim() && (
          <button
            type="button"
            className="text-button"
            aria-pressed={griddle.panFat.off === true}
            onClick={() =>
              set('panFat:off', {
                panFat: { ...griddle.panFat, off: griddle.panFat.off ? undefined : true },
              })
            }
          >
            {griddle.panFat.off ? 'without it; count it again?' : 'counted; without it?'}
          </button>
        )}
        {reading?.filled && reading.foodId && (
          <Weighed text={griddle.panFat.text} foodId={reading.foodId} />
        )}
      </Field>
      <Field
        label={`Of it, left in the ${where}`}
        problem={problems.find((one) => one.field === 'griddle.panFatLeft')}
      >
        <Input
          aria-label={`Of it, left in the ${where}`}
          placeholder="not measured; or a weight: 4 g"
          value={griddle.panFatLeft}
          maxLength={100}
          onChange={(event) => set('panFatLeft', { panFatLeft: event.target.value })}
        />
      </Field>
    </>
  );
}
