export { Startup as default } from '../../../screens'
