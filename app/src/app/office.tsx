export { Office as default } from '../screens'
