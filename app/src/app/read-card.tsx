export { ReadCard as default } from '../screens'
