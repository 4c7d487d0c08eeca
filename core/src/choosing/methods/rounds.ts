import { call, MOST_CALLED, withinPlaces, type Method } from './method'

/** Quotas as painters set them (common practice, no source); to be edited. */
export const rounds: Method = {
  id: 'rounds',
  name: 'Rounds',
  goodFor:
    'You decide a few at a time among what you own, and whoever loses a round is a candidate again ' +
    'in the next. Good for a full drawer and for favourites that compete.',
  costs: 'It takes an evening, and nothing makes sure that the winners mix well: look at the verdict between rounds.',
  calls: ({ places }) =>
    withinPlaces(
      [
        call('primaries', 'round 1: primaries', 3, { families: ['yellow', 'red', 'blue'] }),
        call('secondaries', 'round 2: more primaries or secondaries', 3, {
          families: ['yellow', 'red', 'blue', 'orange', 'green', 'violet'],
        }),
        call('earths', 'round 3: earths', 2, { families: ['earth'] }),
        call('ends', 'round 4: darks and lights', 3, { depth: 'dark' }, { depth: 'light' }),
        call('dearest', 'round 5: the one you cannot do without', 1),
        call('more', 'after the rounds: what was passed and is missed', MOST_CALLED),
      ],
      places,
    ),
}
