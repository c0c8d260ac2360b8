import { Button, InputNumber } from 'antd';
import type { DoubtRow, ValueRow } from '../../api/types';
import { plain } from '../../ui/numbers';

const MOST = 100_000;

/** Said once above the tables. */
const USUAL = 'common practice';
const PERCENT = 100;

const inPercent = (share: number) => Number((PERCENT * share).toPrecision(6));

/** Standard uncertainties of the ways of measuring, in two parts. */
export function UncertaintyTable(props: {
  rows: DoubtRow[];
  onChange: (way: DoubtRow['way'], to: { shared: number; perUse: number }) => void;
  onReset: (way: DoubtRow['way']) => void;
}) {
  const { rows, onChange, onReset } = props;
  return (
    <table className="doubt">
      <thead>
        <tr>
          <th scope="col">how it was measured</th>
          <th scope="col">shared</th>
          <th scope="col">each time</th>
          <th scope="col">
            <span className="sr-only">reset</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ way, words, basis, changed, shared, perUse, ...row }) => (
          <tr key={way} className={changed ? 'chosen' : undefined}>
            <th scope="row">
              {words} {basis !== USUAL && <span className="quiet">({basis})</span>}
            </th>
            <td>
              <Cell
                label={`${words}: shared`}
                value={inPercent(shared)}
                unit="%"
                onChange={(to) => onChange(way, { shared: to / PERCENT, perUse })}
              />
            </td>
            <td>
              <Cell
                label={`${words}: each time`}
                value={inPercent(perUse)}
                unit="%"
                onChange={(to) => onChange(way, { shared, perUse: to / PERCENT })}
              />
            </td>
            <td>
              {changed && (
                <Button size="small" onClick={() => onReset(way)}>
                  back to {inPercent(row.shippedShared)} %, {inPercent(row.shippedPerUse)} %
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Values in their units: usual amounts, or factors. */
export function ValueTable<Key extends string>(props: {
  head: string;
  rows: ValueRow<Key>[];
  onChange: (key: Key, to: number) => void;
  onReset: (key: Key) => void;
}) {
  const { head, rows, onChange, onReset } = props;
  return (
    <table className="doubt">
      <thead>
        <tr>
          <th scope="col">{head}</th>
          <th scope="col">value</th>
          <th scope="col">
            <span className="sr-only">reset</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {rows.map(({ key, words, basis, unit, changed, value, shipped }) => (
          <tr key={key} className={changed ? 'chosen' : undefined}>
            <th scope="row">
              {words} {basis !== USUAL && <span className="quiet">({basis})</span>}
            </th>
            <td>
              <Cell label={words} value={value} unit={unit} onChange={(to) => onChange(key, to)} />
            </td>
            <td>
              {changed && (
                <Button size="small" onClick={() => onReset(key)}>
                  back to {plain(shipped, 3)}
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A number that is taken when its field is left. */
function Cell(props: {
  label: string;
  value: number;
  unit?: string;
  onChange: (to: number) => void;
}) {
  const { label, value, unit, onChange } = props;
  return (
    <InputNumber
      key={value}
      aria-label={label}
      max={MOST}
      controls={false}
      suffix={unit}
      defaultValue={value}
      onBlur={(event) => {
        const to = Number(event.target.value);
        if (event.target.value !== '' && to !== value) onChange(to);
      }}
      onPressEnter={(event) => (event.target as HTMLInputElement).blur()}
    />
  );
}
