export { Card as default } from '../../../screens'
