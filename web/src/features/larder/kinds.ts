import type { Food, FoodForm } from '../../api/types';

type Allergen = FoodForm['allergens'][number];

export const ALLERGENS: { value: Allergen; label: string }[] = [
  { value: 'WHEAT', label: 'wheat' },
  { value: 'GLUTEN', label: 'gluten' },
  { value: 'MILK', label: 'milk' },
  { value: 'EGG', label: 'egg' },
  { value: 'FISH', label: 'fish' },
  { value: 'SOY', label: 'soy' },
  { value: 'TREE_NUT', label: 'tree nuts' },
  { value: 'ALMOND', label: 'almond' },
  { value: 'HAZELNUT', label: 'hazelnut' },
  { value: 'WALNUT', label: 'walnut' },
  { value: 'CASHEW', label: 'cashew' },
  { value: 'PECAN', label: 'pecan' },
  { value: 'BRAZIL_NUT', label: 'Brazil nut' },
  { value: 'PISTACHIO', label: 'pistachio' },
  { value: 'MACADAMIA', label: 'macadamia' },
  { value: 'PEANUT', label: 'peanut' },
  { value: 'SESAME', label: 'sesame' },
  { value: 'LUPIN', label: 'lupin' },
  { value: 'MUSTARD', label: 'mustard' },
  { value: 'SULPHITES', label: 'sulphites' },
];

export const MARKS: { value: Food['provenance']['mark']; label: string }[] = [
  { value: 'READ', label: 'read from a table' },
  { value: 'RECALLED', label: 'recalled from a table' },
  { value: 'TYPICAL', label: 'typical values' },
  { value: 'OWN', label: 'entered here' },
  { value: 'INVENTED', label: 'invented' },
];

export const ORIGINS: { value: FoodForm['origins'][number]; label: string }[] = [
  { value: 'PLANT', label: 'plant' },
  { value: 'FUNGUS', label: 'fungus' },
  { value: 'MINERAL', label: 'mineral' },
  { value: 'DAIRY', label: 'dairy' },
  { value: 'EGG', label: 'egg' },
  { value: 'HONEY', label: 'honey' },
  { value: 'FISH', label: 'fish' },
  { value: 'MEAT', label: 'meat' },
];

type LabelLine = keyof NonNullable<FoodForm['label']>['lines'];

/** The lines of a label, in the order that its law prints them. */
export const LABEL_LINES: Record<
  NonNullable<FoodForm['label']>['style'],
  { line: LabelLine; words: string; unit: string }[]
> = {
  US: [
    { line: 'ENERGY', words: 'calories', unit: 'kcal' },
    { line: 'FAT', words: 'total fat', unit: 'g' },
    { line: 'SATURATES', words: 'saturated fat', unit: 'g' },
    { line: 'SODIUM', words: 'sodium', unit: 'mg' },
    { line: 'CARBOHYDRATE', words: 'total carbohydrate', unit: 'g' },
    { line: 'FIBRE', words: 'dietary fiber', unit: 'g' },
    { line: 'SUGARS', words: 'total sugars', unit: 'g' },
    { line: 'ADDED_SUGARS', words: 'added sugars', unit: 'g' },
    { line: 'POLYOLS', words: 'sugar alcohol', unit: 'g' },
    { line: 'ERYTHRITOL', words: 'of it erythritol', unit: 'g' },
    { line: 'PROTEIN', words: 'protein', unit: 'g' },
  ],
  EU: [
    { line: 'ENERGY_KJ', words: 'energy', unit: 'kJ' },
    { line: 'ENERGY', words: 'energy', unit: 'kcal' },
    { line: 'FAT', words: 'fat', unit: 'g' },
    { line: 'SATURATES', words: 'of which saturates', unit: 'g' },
    { line: 'CARBOHYDRATE', words: 'carbohydrate', unit: 'g' },
    { line: 'SUGARS', words: 'of which sugars', unit: 'g' },
    { line: 'POLYOLS', words: 'of which polyols', unit: 'g' },
    { line: 'ERYTHRITOL', words: 'of them erythritol', unit: 'g' },
    { line: 'FIBRE', words: 'fibre', unit: 'g' },
    { line: 'PROTEIN', words: 'protein', unit: 'g' },
    { line: 'SALT', words: 'salt', unit: 'g' },
  ],
};
