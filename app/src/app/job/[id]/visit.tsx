export { Visit as default } from '../../../screens'
