export { Safe as default } from '../../../screens'
