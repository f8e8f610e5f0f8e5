import { LOCALES } from './dates';
import { spoken } from './say';

/** A number as the language that the page speaks writes it: "2.5", "2,5". */
export const decimalText = (value: number) =>
  new Intl.NumberFormat(LOCALES[spoken()], { maximumFractionDigits: 3 }).format(value);
