/** A surface that is drawn on and then saved, where the browser has one apart from the page or not. */
export function drawingOf(width: number, height: number) {
  if (typeof OffscreenCanvas !== 'undefined') {
    const canvas = new OffscreenCanvas(width, height)
    return { to: canvas.getContext('2d')!, blob: () => canvas.convertToBlob() }
  }
  const canvas = Object.assign(document.createElement('canvas'), { width, height })
  const blob = () =>
    new Promise<Blob>((give, refuse) =>
      canvas.toBlob((made) => (made ? give(made) : refuse(new Error('The picture could not be made.')))),
    )
  return { to: canvas.getContext('2d')!, blob }
}
export type Drawing = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D
