/** What a plant does to a child or an animal that chews it, by common name (common knowledge of the trade; check with a poison center). */
export interface PlantHarm {
  readonly words: RegExp
  readonly name: string
  /** Harmless ones of like height and bloom. */
  readonly instead: string
}

export const POISONOUS: readonly PlantHarm[] = [
  { words: /oleander/i, name: 'oleander', instead: 'hibiscus or camellia' },
  { words: /foxglove|digitalis/i, name: 'foxglove', instead: 'snapdragon or hollyhock' },
  { words: /\blil(y|ies)\b(?! of)|peace lily/i, name: 'lily', instead: 'orchid or gerbera' },
  { words: /lily of the valley/i, name: 'lily of the valley', instead: 'bellflower' },
  { words: /dumb ?cane|dieffenbachia/i, name: 'dumb cane', instead: 'prayer plant or parlor palm' },
  {
    words: /philodendron|monstera|swiss cheese plant|pothos|devil'?s ivy/i,
    name: 'philodendron family',
    instead: 'spider plant or Boston fern',
  },
  { words: /\bivy\b/i, name: 'ivy', instead: 'Swedish ivy or spider plant' },
  { words: /sago palm|cycad/i, name: 'sago palm', instead: 'parlor palm or areca palm' },
  { words: /\byew\b/i, name: 'yew', instead: 'boxleaf holly grape, or hornbeam' },
  { words: /laburnum|golden rain/i, name: 'laburnum', instead: 'a flowering crab apple' },
  { words: /angel'?s trumpet|datura|brugmansia/i, name: 'angel’s trumpet', instead: 'hibiscus' },
  { words: /azalea|rhododendron/i, name: 'azalea', instead: 'camellia' },
  { words: /hydrangea/i, name: 'hydrangea', instead: 'camellia or lilac' },
  { words: /castor/i, name: 'castor bean', instead: 'hollyhock' },
  { words: /monkshood|aconit/i, name: 'monkshood', instead: 'delphinium is no better; take salvia' },
  { words: /daffodil|narciss/i, name: 'daffodil', instead: 'pansy' },
  { words: /aloe/i, name: 'aloe', instead: 'haworthia' },
  { words: /euphorbia|crown of thorns|poinsettia/i, name: 'spurge', instead: 'Christmas cactus' },
]

export const harmOf = (name: string): PlantHarm | undefined => POISONOUS.find((p) => p.words.test(name))
