import type { NewGoalSet } from '../../api/types';

/**
 * A breakfast of a quarter of a day's reference intake, to be copied and changed. United States: 21
 * CFR 101.9(c), for 2000 kcal. European Union: 1169/2011, Annex XIII.
 */
export const REFERENCES: NewGoalSet[] = [
  {
    name: 'A quarter of a US day',
    note: 'A quarter of the daily values of 21 CFR 101.9(c), for 2000 kcal.',
    goals: [
      { measurand: 'ENERC', upper: 500 },
      { measurand: 'PROCNT', lower: 12.5 },
      { measurand: 'CHOCDF', upper: 68.75 },
      { measurand: 'FIBTG', lower: 7 },
      { measurand: 'FAT', upper: 19.5 },
      { measurand: 'FASAT', upper: 5 },
      { measurand: 'SUGAD', upper: 12.5 },
      { measurand: 'NA', upper: 575 },
    ],
  },
  {
    name: 'A quarter of an EU day',
    note: 'A quarter of the reference intakes of EU 1169/2011, Annex XIII, for 2000 kcal.',
    goals: [
      { measurand: 'ENERC', upper: 500 },
      { measurand: 'PROCNT', lower: 12.5 },
      { measurand: 'CARBOHYDRATE_AVAILABLE', upper: 65 },
      { measurand: 'SUGAR', upper: 22.5 },
      { measurand: 'FAT', upper: 17.5 },
      { measurand: 'FASAT', upper: 5 },
      { measurand: 'SALT', upper: 1.5 },
    ],
  },
];
