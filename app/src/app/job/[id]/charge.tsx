export { Charge as default } from '../../../screens'
