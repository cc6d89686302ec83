/** Lines of cells as CSV (RFC 4180), and files given to whoever asked for them. */

const cell = (text: string) => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text)
export const csvOf = (lines: string[][]) =>
  lines.map((line) => line.map(cell).join(',') + '\r\n').join('')

export function saveFile(name: string, text: string, type = 'text/csv'): void {
  const address = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = address
  link.download = name
  link.click()
  URL.revokeObjectURL(address)
}
