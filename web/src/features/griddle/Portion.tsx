import { useQuery } from '@tanstack/react-query';
import { AutoComplete, Segmented } from 'antd';
import { queries } from '../../api/queries';
import type { DraftGriddle, DraftMaking, FieldProblem } from '../../api/types';
import { Field } from '../../ui/Field';

const USUAL = ['¼ cup', '⅓ cup', '½ cup', '60 ml', '2 tbsp', '11 cm', '55 g'];

/** What goes into one piece, and with what: from that the pieces are foretold. */
export function Portion(props: {
  making: DraftMaking;
  portioning: DraftGriddle['portioning'];
  problem: FieldProblem | undefined;
  onMake: (what: string, part: Partial<DraftMaking>) => void;
  onPortioning: (portioning: DraftGriddle['portioning']) => void;
}) {
  const { making, portioning, problem, onMake, onPortioning } = props;
  const tools = useQuery(queries.tools());
  const options = [...(tools.data ?? []).map((tool) => tool.name), ...USUAL];
  return (
    <>
      <Field label="Into one piece goes" problem={problem}>
        <AutoComplete
          aria-label="Into one piece goes"
          className="wide"
          placeholder="¼ cup, 60 g, 11 cm, your ladle …"
          value={making.portion ?? ''}
          maxLength={100}
          options={options.map((value) => ({ value }))}
          onChange={(portion: string) => onMake('portion', { portion: portion || undefined })}
        />
      </Field>
      <Segmented<DraftGriddle['portioning']>
        block
        aria-label="Portioned by"
        value={portioning}
        options={[
          { value: 'LADLE', label: 'ladle' },
          { value: 'SCOOP', label: 'scoop' },
          { value: 'SPOON', label: 'spoon' },
          { value: 'WEIGHED', label: 'scale' },
        ]}
        onChange={onPortioning}
      />
    </>
  );
}
