import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, InputNumber } from 'antd';
import { useState } from 'react';
import { answer, api } from '../../api/client';
import { queries } from '../../api/queries';
import type { NewTool, Tool } from '../../api/types';
import { Choice } from '../../ui/Choice';
import { Glyph } from '../../ui/Glyph';
import { Notice } from '../../ui/Notice';
import { plain } from '../../ui/numbers';

const KINDS: { value: NewTool['kind']; label: string }[] = [
  { value: 'LADLE', label: 'a ladle' },
  { value: 'SCOOP', label: 'a scoop' },
  { value: 'CUP', label: 'a cup' },
  { value: 'SPOON', label: 'a spoon' },
  { value: 'BOTTLE', label: 'a squeeze bottle' },
  { value: 'RING', label: 'a ring or mould' },
  { value: 'IRON', label: 'an iron' },
];
const BLANK: NewTool = { name: '', kind: 'LADLE', fill: '', pieces: 1 };

/** What the cook portions with, described once; weighed fills replace what is said of it. */
export function Tools() {
  const client = useQueryClient();
  const tools = useQuery(queries.tools());
  const [made, setMade] = useState(BLANK);
  const change = useMutation({
    mutationFn: (asked: () => Promise<unknown>) => asked(),
    onSuccess: () =>
      Promise.all([
        client.invalidateQueries({ queryKey: ['tools'] }),
        client.invalidateQueries({ queryKey: ['figures'] }),
      ]),
  });
  const keep = () =>
    change.mutate(async () => {
      await answer(api.POST('/api/tools', { body: made }));
      setMade(BLANK);
    });
  const failure = tools.error ?? change.error;
  return (
    <>
      <h2>What you portion with</h2>
      <p className="quiet">
        Say once how much batter fills it; at the griddle its name is enough. Weigh a few fills, and
        from three on they count instead.
      </p>
      {failure && <Notice>{failure.message}</Notice>}
      <ul className="own-constants">
        {tools.data?.map((tool) => (
          <Row key={tool.id} tool={tool} onChange={change.mutate} />
        ))}
      </ul>
      <div className="new-tool">
        <Input
          aria-label="Name of the tool"
          placeholder="blue ladle"
          value={made.name}
          maxLength={60}
          onChange={(event) => setMade({ ...made, name: event.target.value })}
        />
        <Choice<NewTool['kind']>
          aria-label="What it is"
          value={made.kind}
          options={KINDS}
          onChange={(kind) => setMade({ ...made, kind })}
        />
        <Input
          aria-label="Batter that fills it"
          placeholder="60 ml, 85 g, 11 cm"
          value={made.fill}
          maxLength={100}
          onChange={(event) => setMade({ ...made, fill: event.target.value })}
        />
        <label>
          makes{' '}
          <InputNumber
            aria-label="Pieces from one fill"
            min={0.05}
            max={100}
            value={made.pieces}
            onChange={(pieces) => setMade({ ...made, pieces: pieces ?? 1 })}
          />{' '}
          pieces
        </label>
        <Button disabled={!made.name.trim()} loading={change.isPending} onClick={keep}>
          Keep it
        </Button>
      </div>
    </>
  );
}

function Row(props: { tool: Tool; onChange: (asked: () => Promise<unknown>) => void }) {
  const { tool, onChange } = props;
  const [weight, setWeight] = useState('');
  const path = { path: { id: tool.id } };
  return (
    <li>
      <p className="tool-head">
        <span>
          <b>{tool.name}</b> {tool.fill && `holds ${tool.fill}`}
          {tool.pieces !== 1 &&
            `, one fill makes ${plain(tool.pieces, tool.pieces % 1 ? 2 : 0)}`}{' '}
          <span className="quiet">
            {tool.words}
            {tool.words && (tool.inUse ? '; in use' : '; in use from three weighings on')}
          </span>
        </span>
        <button
          type="button"
          className="plain"
          aria-label={`Forget ${tool.name}`}
          onClick={() => onChange(() => answer(api.DELETE('/api/tools/{id}', { params: path })))}
        >
          <Glyph of="remove" />
        </button>
      </p>
      <ul className="weighings">
        {tool.fills.map((fill) => (
          <li key={fill.id}>
            {plain(fill.grams, 1)} g{' '}
            <button
              type="button"
              className="plain"
              aria-label={`Forget ${plain(fill.grams, 1)} g`}
              onClick={() =>
                onChange(() =>
                  answer(
                    api.DELETE('/api/tools/{id}/fills/{fillId}', {
                      params: { path: { id: tool.id, fillId: fill.id } },
                    }),
                  ),
                )
              }
            >
              <Glyph of="remove" />
            </button>
          </li>
        ))}
        <li>
          <Input
            size="small"
            aria-label={`A fill of ${tool.name} weighed`}
            placeholder="a fill weighed: 61 g"
            value={weight}
            maxLength={100}
            onChange={(event) => setWeight(event.target.value)}
            onPressEnter={() =>
              onChange(async () => {
                await answer(api.POST('/api/tools/{id}/fills', { params: path, body: { weight } }));
                setWeight('');
              })
            }
          />
        </li>
      </ul>
    </li>
  );
}
