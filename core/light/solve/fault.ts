/** What is wrong with data from outside: where (a JSON Pointer) and what is allowed there. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}
