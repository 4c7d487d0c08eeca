/** How often a property is tried: as many times as it says in `npm test`, ten times that in `npm run test:long`. */
export const runs = (n: number): number => n * Number(process.env.JX_RUNS ?? 1)

/** Numbers of worked cases, from 1: few in `npm test`, all of them in `npm run test:long`. */
export const seeds = (few: number, all: number): number[] =>
  Array.from({ length: process.env.JX_RUNS ? all : few }, (_, i) => i + 1)
