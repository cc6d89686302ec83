/** Row numbers as one says them: `1 to 4, 7`; ascending. */
import tell from 'words:app'
export function rowsWords(rows: number[]): string {
  const spans: [number, number][] = []
  for (const n of rows) {
    const last = spans[spans.length - 1]
    if (last && n === last[1] + 1) last[1] = n
    else spans.push([n, n])
  }
  const said = ([a, b]: [number, number]) =>
    a === b ? `${a}` : b === a + 1 ? `${a}, ${b}` : tell('to-2', { a, b })
  return spans.map(said).join(', ')
}
