export { History as default } from '../../../screens'
