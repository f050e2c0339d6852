export { Capacitor as default } from '../../../screens'
