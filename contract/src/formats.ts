/** How a kitchen can write its figures, dates and heat. Apart from the schemas, which are large. */
export const DECIMAL_MARKS = ['.', ','] as const;
export const DATE_ORDERS = ['day', 'month', 'year'] as const;
export const FIRST_DAYS = ['monday', 'sunday', 'saturday'] as const;
export const TEMPERATURES = ['celsius', 'fahrenheit'] as const;

export type DecimalMark = (typeof DECIMAL_MARKS)[number];
export type DateOrder = (typeof DATE_ORDERS)[number];
export type FirstDay = (typeof FIRST_DAYS)[number];
export type Temperature = (typeof TEMPERATURES)[number];
