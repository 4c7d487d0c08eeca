import { readSpectra, type SpectralFile } from '../formats/readSpectra'
import { atOnce, job } from './job'

/** Reads a file of measured spectra. */
export const readSpectraJob = job<{ text: string }, never, SpectralFile>({
  lane: 'long',
  run: atOnce(({ text }) => readSpectra(text)),
})
