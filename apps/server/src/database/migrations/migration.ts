/** One change to the schema: whole, or not there. */
export interface Migration {
  readonly name: string;
  readonly sql: string;
}
