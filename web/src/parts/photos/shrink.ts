/** The longest side of a photograph as it travels, px: the application keeps a little less. */
const LONGEST = 1600

const QUALITY = 0.85

/** How large a picture of that size travels. */
export function shrunkSize(width: number, height: number): { width: number; height: number } {
  const by = Math.min(1, LONGEST / Math.max(width, height))
  return { width: Math.round(width * by), height: Math.round(height * by) }
}

/** A photograph as a phone makes it, of 12 million pixels and more, made small before it travels. */
export async function shrink(file: File): Promise<File> {
  try {
    // Upright: what is drawn anew no longer says how the phone was held.
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' })
    const { width, height } = shrunkSize(picture.width, picture.height)
    const canvas = document.createElement('canvas')
    canvas.width = width
    canvas.height = height
    canvas.getContext('2d')?.drawImage(picture, 0, 0, width, height)
    picture.close()
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', QUALITY))
    return blob ? new File([blob], 'photograph.jpg', { type: 'image/jpeg' }) : file
  } catch {
    // What the browser cannot draw the application may know; it says so if not.
    return file
  }
}
