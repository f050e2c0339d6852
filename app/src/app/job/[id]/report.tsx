export { Report as default } from '../../../screens'
