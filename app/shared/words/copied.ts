/** A copy of plain data that shares nothing with it, reactive wrappers undone. */
export const copied = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
