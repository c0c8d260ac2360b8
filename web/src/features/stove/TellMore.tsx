import { Button, Input } from 'antd';
import { useState } from 'react';
import { Choice } from '../../ui/Choice';
import { Stepper } from '../../ui/Stepper';
import type { Morning, Told } from './morning';

const NEW = '';

/** What happens beside counting: a splash more, the heat, weights, words. */
export function TellMore({ morning, onTell }: { morning: Morning; onTell: (told: Told) => void }) {
  const [about, setAbout] = useState(NEW);
  const [weighed, setWeighed] = useState<number>();
  const [marks, setMarks] = useState<number>();
  return (
    <div className="stove-more">
      <Tell
        label="A bit more or less"
        placeholder={about === NEW ? '2 tbsp milk' : '+2 tbsp, -10 g'}
        onTell={(text) => onTell({ kind: 'ADJUSTED', text, about: about || undefined })}
      >
        <Choice<string>
          aria-label="Of what"
          value={about}
          options={[
            { value: NEW, label: 'of something new' },
            ...morning.lines.map((line) => ({ value: line.id, label: `of: ${line.text}` })),
          ]}
          onChange={setAbout}
        />
      </Tell>
      <Tell
        label="Cooked, they weigh"
        placeholder="156 g"
        onTell={(text) => onTell({ kind: 'COOKED', text, amount: weighed ?? 0 })}
      >
        <span className="quiet">so many; blank for all kept</span>
        <Stepper
          label="Weighed pieces"
          value={weighed}
          least={1}
          most={1000}
          onChange={setWeighed}
        />
      </Tell>
      <Tell
        label="Left in the bowl"
        placeholder="40 g, ½ cup"
        onTell={(text) => onTell({ kind: 'LEFT', text })}
      />
      <Tell
        label="Heat"
        placeholder="175 °C, mark 6"
        onTell={(text) => onTell({ kind: 'HEAT', text })}
      />
      <Tell
        label="Note"
        placeholder="in your words"
        onTell={(text) => onTell({ kind: 'NOTE', text })}
      />
      <Tell
        label="Taste and texture"
        placeholder="tender, a bit sweet"
        onTell={(text) => onTell({ kind: 'JUDGED', text, amount: marks })}
      >
        <span className="quiet">marks, up to five</span>
        <Stepper label="Marks" value={marks} least={1} most={5} onChange={setMarks} />
      </Tell>
    </div>
  );
}

function Tell(props: {
  label: string;
  placeholder: string;
  onTell: (text: string) => void;
  children?: React.ReactNode;
}) {
  const { label, placeholder, onTell, children } = props;
  const [text, setText] = useState('');
  const tell = () => {
    if (!text.trim()) return;
    onTell(text.trim());
    setText('');
  };
  return (
    <div className="field">
      <p className="field-label">{label}</p>
      {children}
      <div className="editor-row">
        <Input
          aria-label={label}
          placeholder={placeholder}
          value={text}
          maxLength={500}
          onChange={(event) => setText(event.target.value)}
          onPressEnter={tell}
        />
        <Button disabled={!text.trim()} onClick={tell}>
          Tell
        </Button>
      </div>
    </div>
  );
}
