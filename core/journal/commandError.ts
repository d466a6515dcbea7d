/** Why a command was refused. */
export type CommandErrorCode =
  | 'unknownProduct' | 'unknownKind' | 'unknownCategory' | 'unknownBrand' | 'unknownSection' | 'unknownPlan' | 'unknownLook' | 'unknownZone' | 'unknownArticle' | 'sourceIsVariant' | 'targetIsVariant' | 'notOnPages'
  | 'selfLink' | 'alreadyLinked' | 'retiredTarget' | 'notLinked' | 'noSuchPlace' | 'datesReversed'
  | 'retiredKind' | 'kindNameTaken' | 'lastKind' | 'inUse'
  | 'unknownOffer' | 'offerChanged' | 'skuTaken' | 'unknownBundle' | 'bundleChanged' | 'bundleInItself' | 'bundleInUse'
  | 'laneChanged' | 'sectionChanged' | 'planChanged' | 'lookChanged' | 'lookInUse' | 'houseLook' | 'defaultPlan' | 'otherPage' | 'unknownRelease' | 'unknownSchedule' | 'notInPlan' | 'nothingToPublish' | 'noMend' | 'nothingToUndo' | 'nothingToRedo' | 'changedSince' | 'noSuchEntry' | 'notInForce'

/** A command that can't be carried out. Nothing was changed. The message is for people. */
export class CommandError extends Error {
  readonly code: CommandErrorCode
  /** The SKUs or keys that are at fault. */
  readonly about: string[]

  constructor(code: CommandErrorCode, message: string, about: string[] = []) {
    super(message)
    this.name = 'CommandError'
    this.code = code
    this.about = about
  }
}
