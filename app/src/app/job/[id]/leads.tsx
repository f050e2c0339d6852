export { Leads as default } from '../../../screens'
