export { Mount as default } from '../../../screens'
