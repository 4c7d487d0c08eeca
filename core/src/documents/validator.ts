import { config } from 'zod/mini'
import { en } from 'zod/locales'

/**
 * The validator speaks English, and is not compiled on the way: a page that allows no code made of text
 * would refuse that, once on every screen.
 */
config({ ...en(), jitless: true })
