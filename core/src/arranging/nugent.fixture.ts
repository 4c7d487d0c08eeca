/**
 * Instances of Nugent, Vollmann and Ruml (1968, Operations Research 16, 150-173) as QAPLIB numbers them (Burkard, Karisch,
 * Rendl 1997, J. Global Optimization 10, 391-403): flows between rooms, to be laid on a grid of city-block distances. The
 * flows are from memory; that a search reaches the published optimum, and nothing goes below it, checks them.
 */
export const NUGENT: readonly { name: string; rows: number; columns: number; optimum: number; flows: string }[] = [
  {
    name: 'nug12',
    rows: 3,
    columns: 4,
    optimum: 578,
    flows: `0 5 2 4 1 0 0 6 2 1 1 1
5 0 3 0 2 2 2 0 4 5 0 0
2 3 0 0 0 0 0 5 5 2 2 2
4 0 0 0 5 2 2 10 0 0 5 5
1 2 0 5 0 10 0 0 0 5 1 1
0 2 0 2 10 0 5 1 1 5 4 0
0 2 0 2 0 5 0 10 5 2 3 3
6 0 5 10 0 1 10 0 0 0 5 0
2 4 5 0 0 1 5 0 0 0 10 10
1 5 2 0 5 5 2 0 0 0 5 0
1 0 2 5 1 4 3 5 10 5 0 2
1 0 2 5 1 0 3 0 10 0 2 0`,
  },
  {
    name: 'nug15',
    rows: 3,
    columns: 5,
    optimum: 1150,
    flows: `0 10 0 5 1 0 1 2 2 2 2 0 4 0 0
10 0 1 3 2 2 2 3 2 0 2 0 10 5 0
0 1 0 10 2 0 2 5 4 5 2 2 5 5 5
5 3 10 0 1 1 5 0 0 2 1 0 2 5 0
1 2 2 1 0 3 5 5 5 1 0 3 0 5 5
0 2 0 1 3 0 2 2 1 5 0 0 2 5 10
1 2 2 5 5 2 0 6 0 1 5 5 5 1 0
2 3 5 0 5 2 6 0 5 2 10 0 5 0 0
2 2 4 0 5 1 0 5 0 0 10 5 10 0 2
2 0 5 2 1 5 1 2 0 0 0 4 0 0 5
2 2 2 1 0 0 5 10 10 0 0 5 0 5 0
0 0 2 0 3 0 5 0 5 4 5 0 3 3 0
4 10 5 2 0 2 5 5 10 0 0 3 0 10 2
0 5 5 5 5 5 1 0 0 0 5 3 10 0 4
0 0 5 0 5 10 0 0 2 5 0 0 2 4 0`,
  },
  {
    name: 'nug20',
    rows: 4,
    columns: 5,
    optimum: 2570,
    flows: `0 0 5 0 5 2 10 3 1 5 5 5 0 0 5 4 4 0 0 1
0 0 3 10 5 1 5 1 2 4 2 5 0 10 10 3 0 5 10 5
5 3 0 2 0 5 2 4 4 5 0 0 0 5 1 0 0 5 0 0
0 10 2 0 1 0 5 2 1 0 10 2 2 0 2 1 5 2 5 5
5 5 0 1 0 5 6 5 2 5 2 0 5 1 1 1 5 2 5 1
2 1 5 0 5 0 5 2 1 6 0 0 10 0 2 0 1 0 1 5
10 5 2 5 6 5 0 0 0 0 5 10 2 2 5 1 2 1 0 10
3 1 4 2 5 2 0 0 1 1 10 10 2 0 10 2 5 2 2 10
1 2 4 1 2 1 0 1 0 2 0 3 5 5 0 5 0 0 0 2
5 4 5 0 5 6 0 1 2 0 5 5 0 5 1 0 0 5 5 2
5 2 0 10 2 0 5 10 0 5 0 5 2 5 1 10 0 2 2 5
5 5 0 2 0 0 10 10 3 5 5 0 2 10 5 0 1 1 2 5
0 0 0 2 5 10 2 2 5 0 2 2 0 2 2 1 0 0 0 5
0 10 5 0 1 0 2 0 5 5 5 10 2 0 5 5 1 5 5 0
5 10 1 2 1 2 5 10 0 1 1 5 2 5 0 3 0 5 10 10
4 3 0 1 1 0 1 2 5 0 10 0 1 5 3 0 0 0 2 0
4 0 0 5 5 1 2 5 0 0 0 1 0 1 0 0 0 5 2 0
0 5 5 2 2 0 1 2 0 5 2 1 0 5 5 0 5 0 1 1
0 10 0 5 5 1 0 2 0 5 2 2 0 5 10 2 2 1 0 6
1 5 0 5 1 5 10 10 2 2 5 5 5 0 10 0 0 1 6 0`,
  },
]
