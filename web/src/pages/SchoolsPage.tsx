import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { queries } from '../api/queries';
import type { Draft } from '../api/types';
import '../features/stove/stove.css';
import { figureOf } from '../ui/figures';
import { FigureText } from '../ui/FigureText';
import { Caution } from '../ui/Caution';
import { Choice } from '../ui/Choice';
import { Notice } from '../ui/Notice';

const SCHOOLS: { head: string; rows: { tag: string; words: string; why: string }[] }[] = [
  {
    head: 'Energy',
    rows: [
      {
        tag: 'ENERC',
        words: 'as the tables have it',
        why: 'Each food has factors of its own: a gram of flour’s protein gives 4.05 kcal, of egg’s 4.36. The tally shows it unless you choose another.',
      },
      {
        tag: 'ENERGY_GENERAL',
        words: 'general factors',
        why: '4 for protein, 9 for fat, 7 for alcohol, 4 for carbohydrate with its fibre; polyols and allulose by their own. Many labels in the United States rest on it.',
      },
      {
        tag: 'ENERGY_EU',
        words: 'the EU’s way',
        why: 'Fibre counts 2 instead of 4, polyols 2.4, erythritol 0 (EU 1169/2011, Annex XIV).',
      },
    ],
  },
  {
    head: 'Carbohydrate',
    rows: [
      {
        tag: 'CHOCDF',
        words: 'by difference, with fibre',
        why: 'What is left of 100 g when water, protein, fat and ash are taken away. The tally shows it unless you choose another.',
      },
      {
        tag: 'CARBOHYDRATE_AVAILABLE',
        words: 'without fibre',
        why: 'What a label in the EU calls carbohydrate: fibre stands beside it, not in it.',
      },
      {
        tag: 'CARBOHYDRATE_NET',
        words: 'net',
        why: 'Fibre, erythritol and allulose are taken out, and half of the other polyols. No authority defines it.',
      },
      {
        tag: 'CARBOHYDRATE_CHOICES',
        words: 'in choices of 15 g',
        why: 'How diabetes educators count: 15 g, fibre included, are one choice.',
      },
    ],
  },
  {
    head: 'Where the energy comes from',
    rows: [
      {
        tag: 'SHARE_PROTEIN',
        words: 'protein',
        why: 'All four by general factors, so that they sum to 100 %.',
      },
      { tag: 'SHARE_FAT', words: 'fat', why: '' },
      { tag: 'SHARE_CARBOHYDRATE', words: 'carbohydrate and fibre', why: '' },
      { tag: 'SHARE_ALCOHOL', words: 'alcohol', why: '' },
    ],
  },
];
const TAGS = SCHOOLS.flatMap(({ rows }) => rows.map(({ tag }) => tag));

/** Why two honest people give different figures for one plate: the same serving in each school. */
export default function SchoolsPage() {
  const shelf = useQuery(queries.shelf());
  const [chosen, setChosen] = useState<string>();
  const eaten = shelf.data?.filter((one) => one.kind !== 'PREPARATION') ?? [];
  const id = chosen ?? eaten[0]?.id;
  const recipe = useQuery({ ...queries.recipe(id ?? ''), enabled: id !== undefined });
  const figures = useQuery({
    ...queries.figures(recipe.data?.draft as Draft, id, { also: TAGS }),
    enabled: recipe.data !== undefined,
  });
  const failure = shelf.error ?? recipe.error ?? figures.error;
  return (
    <main className="page">
      <title>Why figures differ · Honest Stack</title>
      <h1>Why figures differ</h1>
      {failure && <Notice>{failure.message}</Notice>}
      <p className="answer-first">
        One plate, several honest answers: they count fibre and sweeteners differently, or take
        other factors. A comparison is fair only within one school.
      </p>
      {eaten.length > 0 && (
        <p>
          A serving of{' '}
          <Choice<string>
            aria-label="A serving of"
            value={id}
            options={eaten.map((one) => ({ value: one.id, label: one.name }))}
            onChange={setChosen}
          />
        </p>
      )}
      {figures.data &&
        SCHOOLS.map(({ head, rows }) => (
          <section key={head} aria-label={head}>
            <h2>{head}</h2>
            <table className="stock-table">
              <tbody>
                {rows.map(({ tag, words, why }) => {
                  const figure = figureOf(figures.data, 'AS_SERVED', tag);
                  const unit = figures.data.measurands.find((one) => one.tag === tag)?.unit;
                  return (
                    <tr key={tag}>
                      <th scope="row">{words}</th>
                      <td className="school-figure">
                        {figure ? <FigureText figure={figure} /> : '—'} {unit}
                      </td>
                      <td className="quiet">{why}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </section>
        ))}
      <Caution />
    </main>
  );
}
