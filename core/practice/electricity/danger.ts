// What hands meet.
/** From here on a touch hurts, V AC (IEC 61140's limit for dry places is 50, in the wet 25; from memory). A roof is not dry. */
export const LEAST_VOLTS_THAT_HURT = 25
