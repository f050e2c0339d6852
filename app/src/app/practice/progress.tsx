export { PracticeProgress as default } from '../../screens'
