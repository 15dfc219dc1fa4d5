import XMLBuilder from 'fast-xml-builder'
import { XMLParser } from 'fast-xml-parser'
import { SyntaxValidator } from 'fast-xml-validator'
import { adapt } from '../../../kernel/color/adaptation.js'
import { hexToLab } from '../../../kernel/color/lab.js'
import type { Xyz } from '../../../kernel/color/spectra.js'
import { labOfXyz, xyzOfLab } from '../../../kernel/color/xyz.js'
import { InputError } from '../../../kernel/errors/InputError.js'
import { NEW_SAMPLE, readDeck, type Deck, type Sample } from './sample.js'

const NAMESPACE = 'http://colorexchangeformat.com/CxF3-core'
const SPEC = 'D65-2'
// CIE 15, 2° observer.
const WHITES: Readonly<Record<string, Xyz>> = {
  D65: [95.047, 100, 108.883],
  D50: [96.422, 100, 82.521],
  A: [109.85, 100, 35.585],
}
// What a color exchange file has no place for travels as a tag of the object.
const TAG = 'bonitas:sample'

/**
 * A deck as CxF (ISO 17972-1, Color Exchange Format 3): each sample an object with its CIELAB, D65, 2°.
 */
export function deckToCxf(deck: Deck): string {
  const build = new XMLBuilder({ ignoreAttributes: false, format: true, suppressEmptyNode: true })
  const objects = deck.samples.map((s, i) => {
    const { name, lab, ...rest } = s
    return {
      '@_ObjectType': 'Standard',
      '@_Name': name,
      '@_Id': `c${i + 1}`,
      'cc:ColorValues': {
        'cc:ColorCIELab': { '@_ColorSpecification': SPEC, 'cc:L': lab.l, 'cc:A': lab.a, 'cc:B': lab.b },
      },
      'cc:TagCollection': {
        '@_Name': 'Sample',
        'cc:Tag': { '@_Name': TAG, '@_Value': JSON.stringify(rest) },
      },
    }
  })
  return `<?xml version="1.0" encoding="UTF-8"?>\n${build.build({
    'cc:CxF': {
      '@_xmlns:cc': NAMESPACE,
      'cc:FileInformation': { 'cc:Description': deck.name },
      'cc:Resources': {
        'cc:ObjectCollection': { 'cc:Object': objects },
        'cc:ColorSpecificationCollection': {
          'cc:ColorSpecification': {
            '@_Id': SPEC,
            'cc:TristimulusSpec': {
              'cc:Illuminant': 'D65',
              'cc:Observer': '2_Degree',
              'cc:Method': 'E308_1nm',
            },
          },
        },
      },
    },
  })}`
}

type Node = Readonly<Record<string, unknown>>
const node = (value: unknown): Node => (typeof value === 'object' && value !== null ? (value as Node) : {})
const list = (value: unknown): Node[] =>
  (Array.isArray(value) ? value : value === undefined ? [] : [value]).map(node)
const text = (value: unknown): string =>
  typeof value === 'string' || typeof value === 'number' ? String(value) : ''

/**
 * Reads a CxF file: CIELAB under D65, D50 or A (brought to D65 by Bradford), or sRGB bytes.
 * @throws {InputError} `DECK_NOT_READ`
 */
export function deckFromCxf(xml: string, fallbackName: string): Deck {
  // Entities of a document type can be made to blow up; a color file has no need of one.
  if (/<!DOCTYPE/i.test(xml))
    throw new InputError('DECK_NOT_READ', {
      what: 'holds a document type',
      where: 'The file',
      fix: 'Export it again as plain CxF.',
    })
  let parsed: Node
  try {
    SyntaxValidator.validate(xml)
    parsed = node(
      new XMLParser({
        ignoreAttributes: false,
        removeNSPrefix: true,
        parseTagValue: false,
        parseAttributeValue: false,
        processEntities: true,
      }).parse(xml),
    )
  } catch {
    throw new InputError('DECK_NOT_READ', {
      what: 'is not well-formed XML',
      where: 'The file',
      fix: 'Choose a CxF file (.cxf).',
    })
  }
  const file = node(parsed.CxF)
  const resources = node(file.Resources)
  const objects = list(node(resources.ObjectCollection).Object)
  if (objects.length === 0)
    throw new InputError('DECK_NOT_READ', {
      what: 'holds no color objects',
      where: 'The file',
      fix: 'Choose a CxF 3 file with an ObjectCollection.',
    })
  const lights = new Map(
    list(node(resources.ColorSpecificationCollection).ColorSpecification).map((s) => [
      text(s['@_Id']),
      text(node(s.TristimulusSpec).Illuminant) || 'D50',
    ]),
  )
  const name = text(node(file.FileInformation).Description).trim() || fallbackName
  return readDeck({ name, note: '', samples: objects.map((o, i) => sampleOf(o, i, lights)) })
}

function sampleOf(object: Node, i: number, lights: ReadonlyMap<string, string>): Partial<Sample> {
  const values = node(object.ColorValues)
  const lab = node(list(values.ColorCIELab)[0])
  const rgb = node(list(values.ColorSRGB)[0])
  const where = `Color ${i + 1}${text(object['@_Name']) ? `, ${text(object['@_Name'])}` : ''}`
  const tag = list(node(object.TagCollection).Tag).find((t) => t['@_Name'] === TAG)
  return {
    ...NEW_SAMPLE,
    name: text(object['@_Name']) || `Color ${i + 1}`,
    lab: lab.L === undefined ? srgb(rgb, where) : d65(lab, lights, where),
    ...readTag(tag),
  }
}

function d65(lab: Node, lights: ReadonlyMap<string, string>, where: string): Sample['lab'] {
  const color = { l: Number(lab.L), a: Number(lab.A), b: Number(lab.B) }
  const light = lights.get(text(lab['@_ColorSpecification'])) ?? 'D65'
  const white = WHITES[light]
  if (!white || !Number.isFinite(color.l + color.a + color.b))
    throw new InputError('DECK_NOT_READ', {
      what: white ? 'is not a color' : `is given under ${light.slice(0, 20)}`,
      where,
      fix: 'Give CIELAB under D65, D50 or A.',
    })
  if (light === 'D65') return color
  const to = WHITES.D65 ?? white
  return labOfXyz(adapt(xyzOfLab(color, white), white, to, 1, 'Bradford'), to)
}

function srgb(rgb: Node, where: string): Sample['lab'] {
  const bytes = [rgb.R, rgb.G, rgb.B].map(Number)
  if (bytes.some((b) => !(b >= 0 && b <= 255)))
    throw new InputError('DECK_NOT_READ', {
      what: 'has neither CIELAB nor sRGB',
      where,
      fix: 'Export it with CIELAB values.',
    })
  return hexToLab(`#${bytes.map((b) => Math.round(b).toString(16).padStart(2, '0')).join('')}`)
}

function readTag(tag: Node | undefined): Partial<Sample> {
  if (!tag) return {}
  try {
    return node(JSON.parse(text(tag['@_Value'])))
  } catch {
    return {}
  }
}
