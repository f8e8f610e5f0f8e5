import { LOCALES } from './dates';
import { spoken } from './say';

// making one takes longer than the rest of a drawing of its number
const decimal = new Intl.NumberFormat(LOCALES[spoken()], { maximumFractionDigits: 3 });

/** A number as the language that the page speaks writes it: "2.5", "2,5". */
export const decimalText = (value: number) => decimal.format(value);
