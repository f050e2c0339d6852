/** A UUID in lower case, made on the device; never reused: what a change, a job, a device and a photo are known by. */
export const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/
