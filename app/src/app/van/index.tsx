export { Van as default } from '../../screens'
