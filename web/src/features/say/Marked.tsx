import type { Told, ToldMark } from '../../api/types';

const WORDS: Partial<Record<ToldMark['part'], string>> = {
  AMOUNT: 'amount',
  FOOD: 'food',
  NOTE: 'said of the food',
  PLACE: 'where it goes',
  EXCLUDED: 'left out',
  CHOICE: 'the other food of a choice',
  YIELD: 'how many come out',
  SERVES: 'how many it serves',
  METHOD: 'not counted: part of the work, or named before',
  ASIDE: 'not meant as a food',
  UNKNOWN: 'not understood',
};

/** The cook's own words, each part marked with what it was taken for. */
export function Marked(props: {
  text: string;
  marks: Told['marks'];
  onLine: (line: number) => void;
}) {
  const { text, marks, onLine } = props;
  const parts: React.ReactNode[] = [];
  let at = 0;
  for (const mark of marks) {
    if (mark.start < at) continue;
    if (mark.start > at) parts.push(text.slice(at, mark.start));
    parts.push(<Stretch key={mark.start} mark={mark} text={text} onLine={onLine} />);
    at = mark.end;
  }
  parts.push(text.slice(at));
  return (
    <div className="marked" aria-label="The text, as it was understood">
      {parts}
    </div>
  );
}

function Stretch(props: { mark: ToldMark; text: string; onLine: (line: number) => void }) {
  const { mark, text, onLine } = props;
  const words = text.slice(mark.start, mark.end);
  const what = WORDS[mark.part];
  if (what === undefined) return words;
  const className = `said-${mark.part.toLowerCase()}`;
  return mark.line >= 0 ? (
    <button type="button" className={className} title={what} onClick={() => onLine(mark.line)}>
      {words}
    </button>
  ) : (
    <span className={className} title={what}>
      {words}
    </span>
  );
}
