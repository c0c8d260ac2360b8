import { Link } from 'react-router';
import { useSchool, type Carbohydrate, type Energy } from '../../ui/shown';

const ENERGY: Record<Energy, string> = {
  TABLES: 'each food’s own factors',
  GENERAL: 'general factors, 4-9-4',
  EU: 'the EU’s factors',
};
const CARBOHYDRATE: Record<Carbohydrate, string> = {
  TOTAL: 'all, with fibre',
  AVAILABLE: 'without fibre',
  NET: 'net',
};

/** How energy and carbohydrate are counted, wherever figures are shown. */
export function SchoolChoice() {
  const { energy, carbohydrate, setEnergy, setCarbohydrate } = useSchool();
  return (
    <p className="school-choice">
      <label>
        Energy by{' '}
        <select
          aria-label="How energy is counted"
          value={energy}
          onChange={(event) => setEnergy(event.target.value)}
        >
          {Object.entries(ENERGY).map(([one, words]) => (
            <option key={one} value={one}>
              {words}
            </option>
          ))}
        </select>
      </label>{' '}
      <label>
        Carbohydrate{' '}
        <select
          aria-label="What counts as carbohydrate"
          value={carbohydrate}
          onChange={(event) => setCarbohydrate(event.target.value)}
        >
          {Object.entries(CARBOHYDRATE).map(([one, words]) => (
            <option key={one} value={one}>
              {words}
            </option>
          ))}
        </select>
      </label>{' '}
      <Link to="/schools">Why figures differ</Link>
    </p>
  );
}
