import type { Food } from '../api/types';

/** What foods do in a batter, for a reader. */
export const ROLES: { value: Food['role']; label: string }[] = [
  { value: 'FLOUR', label: 'flours and starches' },
  { value: 'LIQUID', label: 'milks and liquids' },
  { value: 'EGG', label: 'eggs' },
  { value: 'FAT', label: 'fats' },
  { value: 'SUGAR', label: 'sugars and syrups' },
  { value: 'LEAVENING', label: 'leavenings' },
  { value: 'SALT', label: 'salt' },
  { value: 'FLAVOUR', label: 'flavourings' },
  { value: 'ADD_IN', label: 'fruit, nuts and the rest' },
];
