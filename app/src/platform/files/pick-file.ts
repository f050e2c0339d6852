// A file from the device, bounded in size before it is read.

export type PickedFile =
  | { readonly ok: true; readonly name: string; readonly text: string }
  | { readonly ok: false; readonly message: string }

/** Opens the file chooser; null when nothing was chosen. */
export function pickFile(accept: string): Promise<File | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input')
    input.type = 'file'
    input.accept = accept
    input.addEventListener('cancel', () => resolve(null))
    input.addEventListener('change', () => resolve(input.files?.[0] ?? null))
    input.click()
  })
}

/** A text file's text, JSON unless said otherwise; null when nothing was chosen. */
export async function pickTextFile(
  maxBytes: number,
  accept = '.json,application/json',
): Promise<PickedFile | null> {
  const file = await pickFile(accept)
  if (!file) return null
  if (file.size > maxBytes)
    return {
      ok: false,
      message: `${file.name} is larger than ${Math.round(maxBytes / 1e6)} MB: that is not such a file.`,
    }
  try {
    return { ok: true, name: file.name, text: await file.text() }
  } catch {
    return { ok: false, message: `${file.name} could not be read.` }
  }
}
