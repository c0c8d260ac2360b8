import { Button, Input } from 'antd';
import type { DraftGriddle, DraftMaking, FieldProblem, Line } from '../../api/types';
import { Field } from '../../ui/Field';
import { Glyph } from '../../ui/Glyph';
import { Grams, Reading } from '../../ui/Reading';
import { Stepper } from '../../ui/Stepper';

const MOST_NOTED = 60;

/** What not every morning needs: what was lost, weighed, and noted piece by piece. */
export function MoreAtGriddle(props: {
  griddle: DraftGriddle;
  making: DraftMaking;
  readings: Map<string, Line>;
  problems: FieldProblem[];
  onMake: (what: string, part: Partial<DraftMaking>) => void;
}) {
  const { griddle, making, readings, problems, onMake } = props;
  const problem = (field: string) => problems.find((one) => one.field === field);
  const text = (what: 'spilled' | 'tasted' | 'cooked', label: string, placeholder: string) => (
    <Field label={label} problem={problem(`griddle.${what}`)}>
      <Input
        aria-label={label}
        placeholder={placeholder}
        value={making[what] ?? ''}
        maxLength={100}
        onChange={(event) => onMake(what, { [what]: event.target.value || undefined })}
      />
    </Field>
  );
  const used =
    making.spilled ??
    making.tasted ??
    making.cooked ??
    making.each ??
    making.rounds ??
    making.later;
  return (
    <details className="fold" open={used !== undefined || undefined}>
      <summary>Weighed, lost, noted piece by piece</summary>
      <div className="pair">
        {text('cooked', 'Cooked, they weigh', 'not weighed; or 156 g')}
        <Field label="So many of them">
          <Stepper
            label="So many of them"
            value={making.cookedPieces ?? undefined}
            least={1}
            most={griddle.pieces ?? 1000}
            onChange={(cookedPieces) => onMake('cookedPieces', { cookedPieces })}
          />
          <span className="quiet"> blank: all that are kept</span>
        </Field>
      </div>
      <div className="pair">
        {text('spilled', 'Spilled', 'nothing; or 20 g')}
        {text('tasted', 'Tasted raw', 'nothing; or 1 tbsp')}
      </div>
      <div className="field beside">
        <p className="field-label">Kept for later</p>
        <Stepper
          label="Kept for later"
          value={making.later ?? undefined}
          least={0}
          most={griddle.pieces ?? 1000}
          onChange={(later) => onMake('later', { later })}
        />
        {problem('griddle.later') && (
          <p className="reading refused" role="status">
            {problem('griddle.later')?.problem}
          </p>
        )}
      </div>
      <Fats making={making} readings={readings} onMake={onMake} />
      <Each griddle={griddle} making={making} problems={problems} onMake={onMake} />
    </details>
  );
}

function Fats(props: {
  making: DraftMaking;
  readings: Map<string, Line>;
  onMake: (what: string, part: Partial<DraftMaking>) => void;
}) {
  const { making, readings, onMake } = props;
  const fats = making.moreFat ?? [];
  return (
    <>
      <div className="field beside">
        <p className="field-label">Fat goes in anew for so many rounds</p>
        <Stepper
          label="Rounds of fat"
          value={making.rounds ?? undefined}
          least={1}
          most={1000}
          onChange={(rounds) => onMake('rounds', { rounds })}
        />
      </div>
      {fats.map((fat) => (
        <Field key={fat.id} label="Another fat" aside={<Grams line={readings.get(fat.id)} />}>
          <div className="editor-row">
            <Input
              aria-label="Another fat"
              value={fat.text}
              maxLength={300}
              onChange={(event) =>
                onMake('moreFat', {
                  moreFat: fats.map((one) =>
                    one.id === fat.id ? { id: fat.id, text: event.target.value } : one,
                  ),
                })
              }
            />
            <button
              type="button"
              className="plain"
              aria-label="Without this fat"
              onClick={() => onMake('moreFat', { moreFat: fats.filter((one) => one !== fat) })}
            >
              <Glyph of="remove" />
            </button>
          </div>
          <Reading line={readings.get(fat.id)} />
        </Field>
      ))}
      <Button
        size="small"
        type="text"
        onClick={() =>
          onMake('moreFat', { moreFat: [...fats, { id: crypto.randomUUID(), text: '' }] })
        }
      >
        Another fat
      </Button>
    </>
  );
}

/** Small, large, or what each weighed, in the order in which they left the pan. */
function Each(props: {
  griddle: DraftGriddle;
  making: DraftMaking;
  problems: FieldProblem[];
  onMake: (what: string, part: Partial<DraftMaking>) => void;
}) {
  const { griddle, making, problems, onMake } = props;
  const each = making.each;
  const pieces = Math.min(griddle.pieces ?? each?.length ?? 0, MOST_NOTED);
  if (pieces === 0) return null;
  if (!each) {
    return (
      <Button
        size="small"
        type="text"
        onClick={() => onMake('each', { each: Array<string>(pieces).fill('') })}
      >
        Note each piece
      </Button>
    );
  }
  const rows = Array.from({ length: Math.max(pieces, each.length) }, (_, at) => each[at] ?? '');
  return (
    <Field
      label="Each piece: small, large, or its weight"
      problem={problems.find((one) => one.field.startsWith('griddle.each'))}
    >
      <div className="each-pieces">
        {rows.map((text, at) => (
          <label key={at}>
            <span className="quiet">#{at + 1}</span>
            <Input
              aria-label={`Piece ${at + 1}`}
              value={text}
              maxLength={40}
              onChange={(event) =>
                onMake('each', {
                  each: rows.map((one, other) => (other === at ? event.target.value : one)),
                })
              }
            />
          </label>
        ))}
      </div>
      <Button size="small" type="text" onClick={() => onMake('each', { each: undefined })}>
        Forget these notes
      </Button>
    </Field>
  );
}
