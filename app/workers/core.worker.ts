import { workAs } from './workAs'

/** Runs core's jobs over a mirror of the collection. */
workAs()
