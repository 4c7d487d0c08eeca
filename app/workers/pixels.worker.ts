/** Gives the pixels of a picture, away from the page: drawing and reading twelve megapixels takes a while. */
self.onmessage = ({ data: bitmap }: MessageEvent<ImageBitmap>) => {
  const canvas = new OffscreenCanvas(bitmap.width, bitmap.height)
  const context = canvas.getContext('2d', { willReadFrequently: true })
  context?.drawImage(bitmap, 0, 0)
  const image = context?.getImageData(0, 0, bitmap.width, bitmap.height)
  bitmap.close()
  if (image)
    self.postMessage({ width: image.width, height: image.height, data: image.data }, { transfer: [image.data.buffer] })
  else self.postMessage(undefined)
}
