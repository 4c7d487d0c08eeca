/** `1 row`, `2 rows`; a plural of its own where one is given. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`
