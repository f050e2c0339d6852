// What a job's file is called.

/** A name that every file system takes. */
export const fileName = (title: string, id: string, ending: string) =>
  `${(
    title
      .normalize('NFKD')
      .replace(/[^A-Za-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 40) || 'hookup'
  ).toLowerCase()}-${id.slice(-6)}.${ending}`
