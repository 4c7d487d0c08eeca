import { labD65, type LabD65 } from '@juxtachrome/core/units'
import type { Paint } from '@juxtachrome/core/documents'
import { codesInWords, pricePerMillilitre, propertiesOf, viewOfPaint } from '@juxtachrome/core/paints'
import { compareSamples, type Sample } from '@juxtachrome/core/mixing'
import { computed } from 'vue'
import { useMixtures } from '~/shared/swatch/useMixtures'
import { filmSwatch, grainOf, screenStops, screenSwatch } from '~/shared/swatch/useSwatch'
import { useCollection } from '~/stores/collection'
import { keyOf, useStrip, type StripItem } from '~/stores/strip'
import { figure } from '~/shared/words/figures'

export interface StripSample extends Sample {
  key: string
  under: string
  stops: string[]
  grain: number
  marked: boolean
  assumed: boolean
  paint?: Paint
  predicted?: boolean
}

/** What lies on the strip, as it is drawn and compared. */
export function useStripSamples() {
  const strip = useStrip()
  const collection = useCollection()
  const { predict, inWords } = useMixtures()

  const samples = computed(() =>
    strip.items.flatMap((item): StripSample[] => {
      if (item.kind === 'paint') {
        const paint = collection.paint(item.id)
        return paint && !paint.removed ? [sampleOfPaint(paint)] : []
      }
      if (item.kind === 'colour') return [colourSample(item)]
      const mix = mixSample(item)
      return mix ? [mix] : []
    }),
  )

  function sampleOfPaint(paint: Paint): StripSample {
    const view = viewOfPaint(paint)
    const swatch = screenSwatch(paint)
    const price = pricePerMillilitre(collection.itemsOf(paint.id))
    const properties = Object.fromEntries(Object.entries(propertiesOf(paint)).map(([k, v]) => [k, v?.value]))
    return {
      key: paint.id,
      name: paint.maker && twiceNamed(paint) ? `${paint.name} (${paint.maker})` : paint.name,
      under: codesInWords(paint),
      ...swatch,
      stops: filmSwatch(paint),
      grain: grainOf(paint),
      paint,
      pigments: paint.pigments,
      ...(view.masstone ? { masstone: view.masstone } : {}),
      ...(view.wash ? { wash: view.wash } : {}),
      ...properties,
      ...(price ? { pricePerMl: price } : {}),
    } as StripSample
  }
  const twiceNamed = (paint: Paint) =>
    strip.items.some((i) => i.kind === 'paint' && i.id !== paint.id && collection.paint(i.id)?.name === paint.name)

  function mixSample(item: Extract<StripItem, { kind: 'mix' }>): StripSample | undefined {
    const mix = predict(item.parts, item.water)
    if (!mix.ok) return undefined
    const pigments = [...new Set(item.parts.flatMap((p) => collection.paint(p.paintId)?.pigments ?? []))]
    return {
      key: keyOf(item),
      name: item.name,
      under: `predicted: ${inWords(item.parts)}`,
      stops: screenStops(mix.value.ramp.map((r) => r.lab)),
      grain: 0,
      marked: false,
      assumed: false,
      predicted: true,
      pigments,
      masstone: mix.value.masstone,
      wash: mix.value.wash,
      transparency: mix.value.transparency,
    }
  }

  function colourSample(item: Extract<StripItem, { kind: 'colour' }>): StripSample {
    const lab: LabD65 = labD65(item.L, item.a, item.b)
    return {
      key: keyOf(item),
      name: item.name,
      under: `L* ${figure(lab.L)} a* ${figure(lab.a)} b* ${figure(lab.b)}`,
      stops: screenStops([lab]),
      grain: 0,
      marked: false,
      assumed: false,
      pigments: [],
      masstone: lab,
    }
  }

  const pair = computed(() => {
    const [one, other] = strip.chosen.map((key) => samples.value.find((s) => s.key === key))
    return one && other ? ([one, other] as const) : undefined
  })
  const comparison = computed(() => pair.value && compareSamples(...pair.value))
  return { samples, pair, comparison }
}
