export { Fault as default } from '../../../screens'
