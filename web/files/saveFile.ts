/** Gives the person a file to keep. */
export function saveFile(name: string, content: Blob): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name.replace(/[\\/:*?"<>|]+/g, ' ').trim()
  link.click()
  // Revoked at once, some browsers would save nothing.
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}

export const saveText = (name: string, text: string, type = 'text/plain'): void =>
  saveFile(name, new Blob([text], { type: `${type};charset=utf-8` }))
