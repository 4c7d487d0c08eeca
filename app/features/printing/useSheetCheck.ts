import type { Page } from '@juxtachrome/core/charts'
import type { Corners } from '@juxtachrome/core/paints'
import { onScopeDispose, ref, shallowRef } from 'vue'
import { pixelsOf } from '~/shared/files/pixelsOf'
import type { ValueOf } from '~/workers/client'
import { useQuestion } from '~/shared/questions/useQuestion'
import { cornersToLay, decodePhoto, pictureOf, usePhoto } from '~/shared/files/usePhoto'

/** A photograph of a sheet, held against what should be there. */
export function useSheetCheck() {
  const { photo, put } = usePhoto()
  const question = useQuestion('checkSheet')
  const making = useQuestion('simulatePage')
  const checked = shallowRef<ValueOf<'checkSheet'>>()
  const corners = ref<Corners>()
  const trouble = ref('')
  const progress = ref<number>()
  onScopeDispose(() => put(undefined))

  /** The photograph was made up: nothing of it is a measurement. */
  const isMadeUp = ref(false)

  async function show(file: Blob, name: string, madeUp = false): Promise<boolean> {
    const read = await decodePhoto(file, name)
    trouble.value = read.ok ? '' : read.error.message
    checked.value = undefined
    corners.value = undefined
    isMadeUp.value = madeUp
    if (read.ok) put(read.value)
    return read.ok
  }
  /** Holds the photograph against a sheet; by its marks, or by corners that were laid by hand. */
  async function check(page: Page, byHand?: Corners) {
    if (!photo.value) return
    trouble.value = ''
    progress.value = 0
    const image = await pixelsOf(photo.value.bitmap)
    if (!image.ok) {
      trouble.value = image.error.message
      progress.value = undefined
      return
    }
    const { boxes, content, corners: marks } = page
    const request = {
      image: image.value,
      page: { boxes, content, corners: marks },
      ...(byHand ? { corners: byHand } : {}),
    }
    const answer = await question.ask(request, ({ done, of }) => (progress.value = done / of), [
      image.value.data.buffer as ArrayBuffer,
    ])
    progress.value = undefined
    checked.value = answer
    trouble.value = question.trouble.value
    corners.value = answer?.corners ?? byHand ?? cornersToLay(photo.value)
  }
  /** A made-up photograph of the sheet, with two boxes exchanged, to try the check. */
  async function tryIt(page: Page) {
    const { length } = page.boxes
    const exchanged: readonly [number, number] = [Math.floor(length / 4), Math.floor(length / 2)]
    const made = await making.ask({
      page,
      conditions: { noise: 0.01, tilt: 0.1, uneven: 0.3, light: [1, 0.95, 0.86], pixels: 1500 },
      ...(length > 3 ? { exchanged } : {}),
    })
    if (!made) return
    if (await show(await pictureOf(made.image), 'made-up photograph', true)) await check(page)
  }
  return {
    photo,
    isMadeUp,
    checked,
    corners,
    trouble,
    progress,
    show,
    check,
    tryIt,
    cancel: question.cancel,
    isMaking: making.isWorking,
  }
}
