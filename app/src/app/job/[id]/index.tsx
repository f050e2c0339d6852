export { NextStage as default } from '../../../screens'
