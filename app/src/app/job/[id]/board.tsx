export { Board as default } from '../../../screens'
