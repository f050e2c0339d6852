// How many, as the device writes numbers.
const COUNT = new Intl.NumberFormat()

/** "20,000" */
export const countText = (count: number): string => COUNT.format(count)
