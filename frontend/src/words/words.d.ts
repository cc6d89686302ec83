declare module 'words:languages' {
  const languages: {
    code: string
    name: string
    whole: boolean
    regions: Record<string, string[][]>
  }[]
  export default languages
}
declare module 'words:*' {
  const tell: import('./index').Tell
  export default tell
}
