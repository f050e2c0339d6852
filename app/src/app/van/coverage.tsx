export { Coverage as default } from '../../screens'
