import { describe, expect, it } from 'vitest';
import { addressOf } from './shown';

describe('what is shown, at the end of an address', () => {
  it('says nothing where nothing is chosen', () => {
    expect(addressOf({})).toBe('');
    expect(addressOf({ also: [], pictured: null })).toBe('');
  });

  it('names figures one by one, and the school', () => {
    expect(addressOf({ also: ['NA', 'SALT'], energy: 'EU', pictured: ['FAT'] })).toBe(
      '&also=NA&also=SALT&energy=EU&pictured=FAT',
    );
    expect(addressOf({ carbohydrate: 'NET' })).toBe('&carbohydrate=NET');
  });
});
