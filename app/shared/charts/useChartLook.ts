import type { Chart } from 'chart.js'
import { computed } from 'vue'
import { usePreferences } from '~/stores/preferences'

/** Text and hairlines of charts, as the theme has them; the ground of colours stays neutral. */
export function useChartLook() {
  const preferences = usePreferences()
  return computed(() =>
    preferences.dark ? { text: '#f2f2f2', line: '#565656' } : { text: '#1b1b1b', line: '#d6d6d6' },
  )
}

/** Writes a sample's number beside its point, so that colour is never the only sign. */
export const pointNumbers = (colour: () => string) => ({
  id: 'pointNumbers',
  afterDatasetsDraw(chart: Chart) {
    const { ctx } = chart
    ctx.save()
    ctx.fillStyle = colour()
    ctx.font = '600 12px "Source Sans 3 Variable", sans-serif'
    chart.data.datasets.forEach((dataset, d) => {
      const last = chart.getDatasetMeta(d).data.at(-1)
      if (last) ctx.fillText(String(dataset.label ?? '').split(' ')[0] ?? '', last.x + 8, last.y + 4)
    })
    ctx.restore()
  },
})
