import type { Parts } from '../kind'
import { task } from '../task'
import { MarkKeys } from './MarkKeys'
import { Shown, spokenMarks } from './Shown'
import { Told } from './Told'

/** Words written, and their graphemes told apart: c a-e k. */
export const marked: Parts = { ...task, Shown, voiced: spokenMarks, Told, Marker: MarkKeys }
