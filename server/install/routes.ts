import { Router, type Request } from 'express'
import { deriveJob } from '@bonitas/core/job/derive'
import { deriveInstall } from '@bonitas/core/job/install/deriveInstall'
import { planPaper } from '@bonitas/core/job/install/planPaper'
import { takeoffsOf } from '@bonitas/core/job/takeoffsOf'
import { dayIn } from '@bonitas/core/kernel/units/days'
import { SKILLS, type Skill } from '@bonitas/core/model/vocabulary/install'
import type { Database } from '../database/database.js'
import { isUuid } from '../http/guards.js'
import { notFound } from '../http/problem.js'
import { loadSnapshot } from '../job/loadSnapshot.js'
import { paperCsv, paperPdf, paperXlsx } from '../ledger/papers.js'
import type { Visitor } from '../session/sessions.js'
import { installCalendar } from './calendar.js'
import { latenessElsewhere } from './lateness.js'
import { countryOf, publicHolidays } from './holidays.js'

const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet'
const isSkill = (text: unknown): text is Skill => SKILLS.some((s) => s === text)

/** The plan of the work on paper and as a calendar, and the public holidays of the studio's country. */
export function installRoutes(db: Database): Router {
  const router = Router({ mergeParams: true })

  const opened = async (req: Request<{ jobId: string }>) => {
    const { studio } = req.visitor as Visitor
    const { jobId } = req.params
    if (!isUuid(jobId)) throw notFound('This job')
    const [job, lateness] = await db.asStudio(
      studio.id,
      async (tx) => [await loadSnapshot(tx, studio, jobId), await latenessElsewhere(tx, studio.id, jobId)],
      'read',
    )
    if (!job) throw notFound('This job')
    return { job, lateness, today: dayIn(studio.timeZone, new Date()) }
  }
  const planned = async (req: Request<{ jobId: string }>) => {
    const { job, lateness, today } = await opened(req)
    const derived = deriveJob(job, today)
    return {
      job,
      facts: deriveInstall(job, derived, takeoffsOf(job, derived.measure), today, lateness).facts,
    }
  }

  router.get<{ jobId: string }>('/holidays', async (req, res) => {
    const { job, today } = await opened(req)
    const country = countryOf(job.studio.locale)
    const language = new Intl.Locale(job.studio.locale).language
    res.json({ days: await publicHolidays(country, today, language), source: `Public holidays, ${country}` })
  })

  router.get<{ jobId: string }>('/install/lateness', async (req, res) => {
    res.json((await opened(req)).lateness)
  })

  router.get<{ jobId: string }>('/install.ics', async (req, res) => {
    const { job, facts } = await planned(req)
    const who = typeof req.query.who === 'string' ? req.query.who : undefined
    if (who !== undefined && who !== 'studio' && !job.crew.some((c) => c.id === who))
      throw notFound('Whoever this calendar is for')
    res
      .type('text/calendar')
      .set('Content-Disposition', 'attachment; filename="plan-of-the-work.ics"')
      .send(installCalendar(job, facts, who, new Date()))
  })

  router.get<{ jobId: string; format: string }>('/install/plan.:format', async (req, res) => {
    const { format } = req.params
    const { job, facts } = await planned(req)
    const { trade, who } = req.query
    const only = {
      ...(isSkill(trade) ? { skill: trade } : {}),
      ...(typeof who === 'string' ? { crewId: who } : {}),
    }
    const paper = planPaper(job, facts, { ...only, byWeek: format === 'pdf' })
    const file = `plan-of-the-work${isSkill(trade) ? `-${trade.replaceAll(' ', '-')}` : ''}.${format}`
    res.set('Content-Disposition', `${format === 'pdf' ? 'inline' : 'attachment'}; filename="${file}"`)
    if (format === 'pdf') res.type('application/pdf').send(await paperPdf(paper, job))
    else if (format === 'xlsx') res.type(XLSX).send(await paperXlsx(paper, job))
    else if (format === 'csv') res.type('text/csv').send(`\ufeff${paperCsv(paper, job)}`)
    else throw notFound('This format')
  })
  return router
}
