// What goes on and on moves by the browser's own hand (base.css), and stands still for whoever asked for less motion. Moved by our code it would
// be drawn anew sixty times a second, and React puts off what has just come, a stage or an answer, for as long as something is: on a slow phone
// for a minute.
// The kit's types know nothing of what a page says of an element.
const moves = (how: 'along' | 'CW' | 'CCW') => ({ dataSet: { moves: how } }) as object

/** Across the part that holds it, again and again. */
export const ALONG = moves('along')
/** Around its middle. */
export const TURNS = { CW: moves('CW'), CCW: moves('CCW') }
