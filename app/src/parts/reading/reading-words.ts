// What is said where a picture gave no figure.

/** Fewer words than this are no plate. */
const FEW = 3

/** `words`: how many were seen that look like words or figures. */
export const nothingRead = (words: number, what: string): string =>
  words < FEW
    ? `No letters were found in this picture. Is the ${what} in it, near enough, lit, and the right way up? Nothing was filled in.`
    : `Letters were found, but nothing of such a ${what} that could be relied on. Set the corners closer to the ${what}, take the photo straighter, or type the line. Nothing was filled in.`
