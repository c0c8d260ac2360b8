import type { Food, FoodForm, LabelForm } from '../../api/types';

/** A form with nothing in it yet. */
export function emptyForm(): FoodForm {
  return {
    name: '',
    role: 'ADD_IN',
    liquid: false,
    allergens: [],
    mayContain: [],
    origins: [],
    added: [],
    names: [],
    measures: [],
    values: {},
    doubt: 1,
    source: '',
    number: '',
    remark: '',
    label: emptyLabel(),
  };
}

export function emptyLabel(): LabelForm {
  return { style: 'EU', serving: '100', servingUnit: 'GRAM', servingWeighs: '', lines: {} };
}

/** The form that says what the larder has of a food. */
export function formOf(food: Food): FoodForm {
  return {
    name: food.name,
    role: food.role,
    liquid: food.liquid,
    allergens: food.allergenTags,
    mayContain: food.mayContainTags,
    origins: food.origins,
    added: food.added,
    names: food.names.filter((name) => name !== food.name),
    measures: food.measures.map(({ row }) => ({ ...row, qualifier: row.qualifier.toLowerCase() })),
    values: Object.fromEntries(
      food.per100g
        .filter((value) => value.amount != null)
        .map((value) => [value.component, String(value.amount)]),
    ),
    doubt: food.doubt,
    source: food.provenance.source,
    number: food.provenance.number,
    remark: food.provenance.remark,
    label: food.label,
  };
}
