/** What a field is called, and how its value is said; a field without words is not compared. */
export interface FieldWords<T> {
  key: keyof T
  words: string
  say?: (value: never) => string
}
