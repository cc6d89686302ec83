/** Numbers as the language of the pages writes them. */
import { language } from '.'

/** A decimal sign as the language has it, in digits that a computer wrote. */
const signed = (digits: string) =>
  digits.replace('.', (1.5).toLocaleString(language.value).charAt(1))

/** With so many digits after the sign. */
export const decimals = (n: number, digits: number) => signed(n.toFixed(digits))

/** A count with its thousands apart. */
export const grouped = (n: number) => n.toLocaleString(language.value)
