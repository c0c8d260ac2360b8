import type { DraftGriddle, DraftMaking, FieldProblem } from '../../api/types';
import { Field } from '../../ui/Field';
import { Stepper } from '../../ui/Stepper';

const MOST_PIECES = 1000;

/** How many came out, exactly or as "7 or 8", and how many of them were thrown away. */
export function CameOut(props: {
  griddle: DraftGriddle;
  making: DraftMaking;
  problems: FieldProblem[];
  onSet: (what: string, part: Partial<DraftGriddle>) => void;
  onMake: (what: string, part: Partial<DraftMaking>) => void;
}) {
  const { griddle, making, problems, onSet, onMake } = props;
  const pieces = griddle.pieces ?? undefined;
  const most = pieces !== undefined && (making.most ?? 0) > pieces ? making.most : undefined;
  return (
    <div className="pair">
      <Field
        label="Came out"
        problem={problems.find((one) => /^griddle\.(pieces|most)$/.test(one.field))}
      >
        <Stepper
          label="Came out"
          value={pieces}
          least={1}
          most={MOST_PIECES}
          onChange={(now) => {
            onSet('pieces', { pieces: now });
            if (most !== undefined) onMake('most', { most: undefined });
          }}
        />
        {pieces !== undefined && (
          <button
            type="button"
            className="text-button"
            onClick={() => onMake('most', { most: most === undefined ? pieces + 1 : undefined })}
          >
            {most === undefined ? `or ${pieces + 1}?` : `${pieces} or ${most}; exactly ${pieces}?`}
          </button>
        )}
      </Field>
      <Field
        label="Thrown away"
        problem={problems.find((one) => one.field === 'griddle.discarded')}
      >
        <Stepper
          label="Thrown away"
          value={griddle.discarded}
          least={0}
          most={pieces ?? 0}
          onChange={(discarded) => onSet('discarded', { discarded: discarded ?? 0 })}
        />
      </Field>
    </div>
  );
}
