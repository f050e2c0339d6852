export { Wires as default } from '../../../screens'
