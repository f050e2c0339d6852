export { Phones as default } from '../screens'
