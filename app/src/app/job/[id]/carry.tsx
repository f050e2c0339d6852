export { Carry as default } from '../../../screens'
