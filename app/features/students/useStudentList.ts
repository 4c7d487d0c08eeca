import { perMlInWords } from '~/shared/words/moneyWords'
import {
  linesOf,
  linesOfGuide,
  linesOfPalette,
  paintsInOrder,
  type StudentLine,
  writeStudentList,
} from '@juxtachrome/core/formats'
import { readPrice } from '@juxtachrome/core/paints'
import { USUAL_MATTERS } from '@juxtachrome/core/standins'
import { READY_METHODS } from '@juxtachrome/core/choosing'
import { computed, ref, shallowRef, watch } from 'vue'
import { useCollection } from '~/stores/collection'
import { useSettings } from '~/stores/settings'
import { nameOfStandIn } from '~/features/standins'
import { type StandInLine, useClassSums } from './useClassSums'
import { CAUTION, refusedInWords, sumsOfListInWords, tubesInWords } from './words'
import { useQuestion } from '~/shared/questions/useQuestion'
import { useLinkCode } from '~/shared/files/useLinkCode'
import { ok } from '@juxtachrome/core/result'
import { slug } from '~/shared/files/slug'
import { saveFile } from '~/shared/files/saveFile'

/** A list for students as it is made: its lines, and what stands in at up to two levels of price. */
export function useStudentList(from: string) {
  const collection = useCollection()
  const settings = useSettings()
  const nameOf = (id: string) => {
    const paint = collection.paint(id)
    return [paint?.name ?? 'a paint that is gone', paint?.maker].filter(Boolean).join(' of ')
  }
  const { ask, cancel, isWorking, trouble } = useQuestion('substitutePalette')
  const source = ref(from)
  const note = ref('')
  const prices = ref(['', ''])
  const levels = shallowRef<string[]>([])
  const stands = shallowRef<readonly (StandInLine | undefined)[][]>([])
  const done = ref(0)
  const lines = ref<StudentLine[]>([])

  const sources = computed(() => [
    ...collection.palettes.map((p) => ({ id: `palette:${p.id}`, text: `the palette ${p.name}` })),
    ...collection.guides.map((g) => ({ id: `guide:${g.id}`, text: `the method ${g.name}` })),
    ...READY_METHODS.map((g) => ({ id: `ready:${g.id}`, text: `the method ${g.name}` })),
  ])
  const title = computed(() => {
    const named = sources.value.find((s) => s.id === source.value)
    return named ? `Paints for ${named.text.replace(/^the (palette|method) /, '')}` : 'Paints'
  })
  /** The paints of the lines, where they are those of a palette. */
  function paintIds(): string[] | undefined {
    const palette = source.value.startsWith('palette:')
      ? collection.palette(source.value.slice('palette:'.length))
      : undefined
    return palette && paintsInOrder(palette, collection.paint).map((p) => p.id)
  }
  function linesNow(): StudentLine[] {
    const [kind, id = ''] = source.value.split(/:(.*)/)
    if (kind === 'palette') {
      const palette = collection.palette(id)
      return palette ? linesOfPalette(palette, collection.paint) : []
    }
    const guide = kind === 'ready' ? READY_METHODS.find((g) => g.id === id) : collection.guide(id)
    return guide ? linesOfGuide(guide) : []
  }
  watch(
    source,
    () => {
      cancel()
      levels.value = []
      stands.value = []
      lines.value = linesNow()
    },
    { immediate: true },
  )
  if (!sources.value.some((s) => s.id === source.value)) source.value = sources.value[0]?.id ?? ''

  function wordsOf(line: StandInLine | undefined): string {
    if (line?.refused)
      return refusedInWords(nameOfStandIn(line.refused.standIn, nameOf), line.refused.lost).slice(0, 300)
    return line?.best ? `${nameOfStandIn(line.best, nameOf)}${line.isNear ? '' : ' (only roughly)'}`.slice(0, 300) : ''
  }

  /** What stands in for each line, once without and once for each level of price. */
  async function findStandIns(): Promise<void> {
    const [palette] = collection.palettes
    if (!palette) return void (trouble.value = 'Stand-ins are judged beside a palette: make one first.')
    const typed = prices.value.map((p) => p.trim()).filter(Boolean)
    const read = typed.map((p) => readPrice(p, settings.money))
    const odd = typed.find((_, i) => !read[i])
    if (odd) return void (trouble.value = `“${odd}” is no price. Write it with its currency: 0.80 EUR.`)
    const caps = read.length ? read : [undefined]
    // of a palette its own paints are asked about, of a method the words of its lines
    const ids = paintIds()
    const own = ids ? source.value.slice('palette:'.length) : palette.id
    const asked = ids ? {} : { text: linesOf({ lines: lines.value }), others: true }
    const found: (StandInLine | undefined)[][] = []
    const names: string[] = []
    for (const [i, mostPerMl] of caps.entries()) {
      const request = { paletteId: own, scope: 'anything' as const, matters: USUAL_MATTERS, keepsPoint: true, ...asked }
      const answer = await ask({ ...request, ...(mostPerMl ? { mostPerMl } : {}) }, (p) => {
        done.value = (i + p.done / p.of) / caps.length
      })
      if (!answer) return
      names.push(mostPerMl ? `up to ${perMlInWords(mostPerMl)}` : 'whatever it costs')
      // the lines of the text are numbered from 1
      found.push(
        lines.value.map((_, n) => answer.lines.find((l) => (ids ? l.paintId === ids[n] : l.id === String(n + 1)))),
      )
    }
    levels.value = names
    stands.value = found
    lines.value = lines.value.map((line, n) => ({ ...line, standIns: found.map((level) => wordsOf(level[n])) }))
  }

  const sums = useClassSums(lines, stands)
  const list = computed(() => ({
    students: sums.students.value,
    millilitres: sums.millilitres.value,
    title: title.value.slice(0, 160),
    ...(note.value.trim() ? { note: note.value.trim().slice(0, 2000) } : {}),
    ...(levels.value.length ? { levels: levels.value } : {}),
    // whoever gets the list reads how many tubes of each, also where it is one
    lines: lines.value.map((line) => ({ ...line, tubes: line.tubes ?? 1 })),
  }))
  /** The palette that the list is of, where it is of one, and whether its code goes along. */
  const palette = computed(() => collection.palette(source.value.replace(/^palette:/, '')))
  const withCode = ref(false)
  const { code, codeTrouble } = useLinkCode(() => (withCode.value ? palette.value : undefined))

  const save = () => saveFile(`${slug(title.value)}.json`, writeStudentList(list.value), 'application/json')

  /** As a PDF: fetched when it is first asked for. */
  async function savePdf(): Promise<void> {
    const [{ printFonts }, { layCode, layList, onPaper }, sheets] = await Promise.all([
      import('~/print/fonts'),
      import('@juxtachrome/core/charts'),
      import('~/shared/files/saveSheets'),
    ])
    const fonts = await printFonts()
    const { lines: own, note: said, levels: names = [], millilitres, students } = list.value
    const entries = own.map((l) => ({
      title: l.name,
      aside: l.pigments.join(' '),
      texts: [
        tubesInWords(l.tubes ?? 1, millilitres),
        l.matters ?? '',
        ...(l.standIns ?? []).map((s, i) => (s ? `Instead, ${names[i] ?? ''}: ${s}` : '')),
        ...(l.cautions ?? []),
      ].filter(Boolean),
    }))
    const printed = onPaper(
      (room) => {
        const laid = layList(
          {
            title: title.value,
            note: [said, sumsOfListInWords(sums.written.value, students), CAUTION].filter(Boolean).join(' '),
            entries,
            measure: fonts.measure,
          },
          room,
        )
        if (!laid.ok || !code.value) return laid
        return ok([...laid.value, layCode(code.value, title.value, fonts.measure)])
      },
      title.value,
      { paper: { name: 'A4', turn: 'upright' }, photoMarks: false },
      fonts.measure,
    )
    if (!printed.ok) return void (trouble.value = printed.error.message)
    await sheets.savePdf(printed.value.pages, title.value, fonts, () => {})
  }
  return {
    source,
    sources,
    title,
    note,
    prices,
    levels,
    lines,
    sums,
    done,
    isWorking,
    trouble,
    findStandIns,
    cancel,
    palette,
    withCode,
    code,
    codeTrouble,
    save,
    savePdf,
  }
}
