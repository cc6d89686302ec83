/**
 * A photo made small and upright on this device, without the place it was taken, before anything is
 * sent.
 */
import tell from 'words:app'
const SIDE = 1600
const MOST_MB = 10

/**
 * A JPEG of at most 1600 pixels a side, or a sentence why not. Drawing it anew leaves out
 * everything the camera wrote beside the pixels.
 */
export async function smallPhoto(file: File): Promise<Blob | string> {
  const megabytes = file.size / 1024 ** 2
  if (megabytes > MOST_MB) {
    const size = megabytes.toFixed(0)
    return tell('that-photo-has-mb-mb', { size, most: MOST_MB })
  }
  let picture: ImageBitmap
  try {
    picture = await createImageBitmap(file, { imageOrientation: 'from-image' })
  } catch {
    return tell('that-file-is-not-a')
  }
  const scale = Math.min(1, SIDE / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(picture.width * scale)
  canvas.height = Math.round(picture.height * scale)
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.85))
  return blob ?? tell('the-photo-could-not-be')
}
