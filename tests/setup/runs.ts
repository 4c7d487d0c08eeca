/** How often a property is tried: as many times as it says in `npm test`, ten times that in `npm run test:long`. */
export const runs = (n: number): number => n * Number(process.env.JX_RUNS ?? 1)
