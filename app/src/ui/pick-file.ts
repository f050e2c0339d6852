// A text file from the device, bounded in size before it is read.
export type PickedFile = { readonly ok: true; readonly name: string; readonly text: string } | { readonly ok: false; readonly message: string }

/** Opens the file chooser; null when nothing was chosen. */
export function pickTextFile(maxBytes: number): Promise<PickedFile | null> {
  return new Promise((resolve) => {
    const input = document.createElement('input')
    input.type = 'file'
    input.accept = '.json,application/json'
    input.addEventListener('cancel', () => resolve(null))
    input.addEventListener('change', () => {
      const file = input.files?.[0]
      if (!file) return resolve(null)
      if (file.size > maxBytes) return resolve({ ok: false, message: `${file.name} is larger than ${Math.round(maxBytes / 1e6)} MB: that is not such a file.` })
      file.text().then((text) => resolve({ ok: true, name: file.name, text }), () => resolve({ ok: false, message: `${file.name} could not be read.` }))
    })
    input.click()
  })
}

/** Hands a file to the browser's downloads. */
export function saveTextFile(name: string, type: string, text: string): void {
  const url = URL.createObjectURL(new Blob([text], { type }))
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
