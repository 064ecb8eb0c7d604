import { formatsOf, usualFormats } from './formats';

const UNCHOSEN = {
  currency: null,
  decimalMark: null,
  dateOrder: null,
  firstDay: null,
  temperature: null,
  letterKeys: true,
  getsWebPages: true,
} as const;

describe('the formats of a kitchen', () => {
  it('go by the language of the browser at first', () => {
    expect(usualFormats('en-US')).toEqual({
      currency: '$',
      decimalMark: '.',
      dateOrder: 'month',
      firstDay: 'sunday',
      temperature: 'fahrenheit',
    });
    expect(usualFormats('de')).toEqual({
      currency: '€',
      decimalMark: ',',
      dateOrder: 'day',
      firstDay: 'monday',
      temperature: 'celsius',
    });
    expect(usualFormats('ja').dateOrder).toBe('year');
  });

  it('are the kitchen’s own where it has chosen', () => {
    const chosen = { ...UNCHOSEN, currency: 'kr', temperature: 'celsius' } as const;
    expect(formatsOf(chosen, usualFormats('en-US'))).toEqual({
      currency: 'kr',
      decimalMark: '.',
      dateOrder: 'month',
      firstDay: 'sunday',
      temperature: 'celsius',
    });
  });
});
