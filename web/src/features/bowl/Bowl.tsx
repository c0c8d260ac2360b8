import { useMutation } from '@tanstack/react-query';
import { Button } from 'antd';
import { memo, useCallback, useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { answer, api } from '../../api/client';
import type { Draft, DraftLine, Figures, Line } from '../../api/types';
import type { ChangeDraft, ChangeLines } from '../../ui/change';
import { Choice } from '../../ui/Choice';
import { LineList } from '../../ui/LineList';
import { Notice } from '../../ui/Notice';
import { rangeText, valueText } from '../../ui/numbers';
import { Review } from '../say/Review';
import { SayItAll } from '../say/SayItAll';
import { useTold } from '../say/useTold';
import { Anew } from './Anew';
import { ScalePanel } from './ScalePanel';
import {
  aimOf,
  aimWords,
  clear,
  currentLine,
  rewritten,
  type Aim,
  type CurrentLine,
} from './weighIn';

const SYSTEMS: { value: Draft['system']; label: string }[] = [
  { value: 'US', label: 'US cups (237 mL)' },
  { value: 'METRIC', label: 'metric cups (250 mL)' },
  { value: 'US_LABELLING', label: 'US label cups (240 mL)' },
  { value: 'AUSTRALIAN', label: 'Australian (250 mL, tbsp 20 mL)' },
  { value: 'IMPERIAL', label: 'imperial cups (284 mL)' },
];

const SHORT: Record<Draft['system'], string> = {
  US: 'US',
  METRIC: 'metric',
  US_LABELLING: 'US label',
  AUSTRALIAN: 'Australian',
  IMPERIAL: 'imperial',
};

/** First station: what went into the batter. */
export const Bowl = memo(function Bowl(props: {
  kind: Draft['kind'];
  system: Draft['system'];
  lines: DraftLine[];
  readings: Map<string, Line>;
  batterMass: Figures['batterMass'] | undefined;
  makeup: Figures['makeup'] | undefined;
  /** The draft at the moment of asking. */
  now: () => Draft;
  onChange: ChangeDraft;
}) {
  const { kind, system, lines, readings, batterMass, makeup, now, onChange } = props;
  const [scaleOpen, setScaleOpen] = useState(false);
  const [aim, setAim] = useState<Aim>();
  const told = useTold('bowl', system, onChange);
  const [saying, setSaying] = useState(false);
  useBrought(told.say);
  const weigh = useMutation({
    scope: { id: 'bowl' },
    mutationFn: ({ line, grams }: { line: CurrentLine; grams: number }) =>
      answer(
        api.POST('/api/lines/weighed', { body: { text: line.text, foodId: line.foodId, grams } }),
      ),
    onSuccess: ({ text }, { line }) =>
      onChange('weigh-in', (draft) => ({ ...draft, bowl: rewritten(draft.bowl, line, text) })),
  });
  const { mutate: writeWeight } = weigh;
  const onTake = useCallback(
    (grams: number) => {
      const line = currentLine(now().bowl, aim);
      if (!line) return;
      if (line.field) clear(line.field);
      writeWeight({ line, grams });
    },
    [now, aim, writeWeight],
  );
  const changeLines = useCallback<ChangeLines>(
    (what, how) => onChange(what, (draft) => ({ ...draft, bowl: how(draft.bowl) })),
    [onChange],
  );
  return (
    <section
      className="station bowl"
      aria-labelledby="bowl-title"
      onFocus={(event) => setAim(aimOf(event.target, lines, aim))}
    >
      <header>
        <h2 id="bowl-title">Bowl</h2>
        <Choice
          aria-label="Cups and spoons"
          variant="borderless"
          value={system}
          options={SYSTEMS}
          onChange={(to) => onChange('system', (draft) => ({ ...draft, system: to }))}
        />
      </header>
      {weigh.error && <Notice>{weigh.error.message}</Notice>}
      <LineList
        name="Bowl"
        lines={lines}
        strain={kind === 'PREPARATION'}
        system={SHORT[system]}
        readings={readings}
        placeholder={
          lines.length === 0
            ? 'Begin here: 160 g rye flour, or paste a recipe'
            : 'Next: ½ tsp salt, 2 large eggs …'
        }
        onText={(text) => {
          setAim('ENTERED');
          told.enter(text.trim());
        }}
        onApart={told.apart}
        onChange={changeLines}
      />
      {scaleOpen && <ScalePanel into={aimWords(lines, aim)} onTake={onTake} />}
      {batterMass && batterMass.value > 0 && (
        <p className="foot">
          {kind === 'PREPARATION' ? 'All that went in' : 'Batter'} <b>{valueText(batterMass)} g</b>{' '}
          <span className="range">{rangeText(batterMass)}</span>
        </p>
      )}
      {makeup && <Makeup {...makeup} />}
      <div className="bowl-tools">
        {lines.length > 0 && <Anew now={now} onChange={onChange} />}
        <Button size="small" onClick={() => setSaying(true)}>
          Say it all
        </Button>
        <Button size="small" aria-pressed={scaleOpen} onClick={() => setScaleOpen(!scaleOpen)}>
          {scaleOpen ? 'Put the scale away' : 'Kitchen scale'}
        </Button>
      </div>
      {saying && !told.review && (
        <SayItAll
          busy={told.busy}
          error={told.error}
          onSay={told.say}
          onClose={() => setSaying(false)}
        />
      )}
      {told.review && (
        <Review
          {...told.review}
          entered="bowl"
          system={system}
          cups={SHORT[system]}
          onTake={(taken) => {
            setSaying(false);
            told.take(taken);
          }}
          onClose={told.close}
        />
      )}
    </section>
  );
});

/** A text that a file held is looked over at once, and only once. */
function useBrought(say: (text: string) => void) {
  const { state, pathname } = useLocation() as {
    state: { told?: string } | null;
    pathname: string;
  };
  const navigate = useNavigate();
  const text = state?.told;
  useEffect(() => {
    if (!text) return;
    say(text);
    void navigate(pathname, { replace: true, state: null });
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once for each text
  }, [text]);
}

/** How wet the batter is, as far as that is known. */
function Makeup({ water, liquidPerFlour }: Figures['makeup']) {
  if (!water && !liquidPerFlour) return null;
  return (
    <p className="foot">
      {water && (
        <>
          water <b>{valueText(water)} %</b> <span className="range">{rangeText(water)}</span>
        </>
      )}
      {water && liquidPerFlour && ' · '}
      {liquidPerFlour && (
        <>
          flour : liquid <b>1 : {valueText(liquidPerFlour)}</b>{' '}
          <span className="range">{rangeText(liquidPerFlour)}</span>
        </>
      )}
    </p>
  );
}
