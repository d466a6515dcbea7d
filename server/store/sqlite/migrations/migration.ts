/** One step of the database's structure. Its statements run in one transaction; once released it never changes. */
export interface Migration {
  name: string
  statements: string[]
}
