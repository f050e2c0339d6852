export { Pair as default } from '../screens'
