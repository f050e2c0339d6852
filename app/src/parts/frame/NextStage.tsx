// The way into a job: the stage that comes next in it.
import { Redirect } from 'expo-router'
import { nextStage } from '@oak/core/job/visit/stages'
import type { StageProps } from './stage-screen'

export const NextStage = ({ id, job }: StageProps) => <Redirect href={`/job/${id}/${nextStage(job)}`} />
