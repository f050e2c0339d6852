export { Motor as default } from '../../../screens'
