/** What the rest of Corkscrew uses of the core, and no more. */
export { pointAt, polyline, slice, through, type Curve } from './geometry/curve.ts';
export { fiveOf, NONE, SEATS, type Five, type None, type Seat } from './geometry/five.ts';
export { degrees, fromDegrees, unit, type Point } from './geometry/vec.ts';
export { THROW_IN_DEPTH, type Court, type RuleSetKey } from './court/court.ts';
export { courtLines, type CourtLine } from './court/lines.ts';
export { alongPerimeter, gapsBeside, onPerimeter, perimeterPoint, type GapSize } from './court/perimeter.ts';
export { inBounds, rimOf } from './court/queries.ts';
export { courtFor, RULE_SETS, type CustomCourt } from './court/rulesets.ts';
export { nearestSpot, spotByCode, spotPoint, SPOTS, type SpotKey } from './court/spots.ts';
export { feetIn, heightWords, sayDistance, type Units } from './court/units.ts';
export {
  alignmentByKey,
  alignmentPlaces,
  ALIGNMENTS,
  byPlayer,
  PLAYERS,
  seatOf,
  type PlayerId,
} from './alignment/library.ts';
export { recognise } from './alignment/recognise.ts';
export type { ActionPatch, Change, NewAction } from './play/change.ts';
export { contentOf, lineContent } from './play/content.ts';
export {
  CourtKeySchema,
  DefenceSchema,
  LevelSchema,
  PlaySchema,
  TempoSchema,
  VERSION,
  type Action,
  type ActionOf,
  type Cue,
  type Defence,
  type End,
  type Frame,
  type Level,
  type Look,
  type Play,
  type Read,
  type Tempo,
  type Verb,
  type Waypoint,
} from './play/document.ts';
export { edit, editAll } from './play/edit.ts';
export { unkeepable } from './play/keepable.ts';
export { catchPlace, cutKind, passKind, playerAt, screenAngle, screenKind } from './play/kinds.ts';
export { COURT_RANGES, LIMITS, SETTABLE, within } from './play/limits.ts';
export { newPlay, type NewPlay } from './play/new-play.ts';
export { rotateNumbers, swapNumbers } from './play/operations.ts';
export { readPlay, readPlayText, writePlay } from './play/read.ts';
export type { EditResult } from './play/result.ts';
export { canonical, sameDocument } from './play/same.ts';
export { utf8Length } from './play/size.ts';
export {
  holderOf,
  pathOf,
  startState,
  stateAt,
  walkFrame,
  walkLine,
  type FloorState,
  type FrameWalk,
  type Step,
} from './play/state.ts';
export {
  childrenOf,
  findAction,
  frameById,
  freshIds,
  leaves,
  lineThrough,
  lineTo,
  mainLine,
  outlineOf,
  type Outline,
} from './play/tree.ts';
export {
  AGAINST,
  CUT_KINDS,
  DEFENDERS,
  DRIBBLE_KINDS,
  FAKES,
  PASS_KINDS,
  SCREEN_KINDS,
  SITUATIONS,
  STATUSES,
  TEMPOS,
  type DefenderId,
} from './play/vocabulary.ts';
export { ON_MAN, propose, THERE } from './gesture/propose.ts';
export { reread } from './gesture/reread.ts';
export { between, NUDGE, snap } from './gesture/snap.ts';
export { NEEDS, unavailable } from './gesture/verbs.ts';
export { bothChanges } from './keeping/join.ts';
export { compile, type Compiled } from './motion/compile.ts';
export { levelRecord, type LevelRecord } from './motion/level.ts';
export { withFives, type Build, type Fives } from './motion/men.ts';
export { frameAt, momentAt } from './motion/moments.ts';
export { restTimes } from './motion/rest.ts';
export type { Timeline } from './motion/timeline.ts';
export { ballAt, facingAt, HELD, positionAt, track } from './motion/track.ts';
export { readPoint, type ReadChoice, type ReadPoint } from './answers/choices.ts';
export { evenings, leaving, type Duty, type Evening, type Leaves } from './answers/evening.ts';
export { dutySaid, leavesSaid } from './answers/evening-words.ts';
export { boardsOf, pointsOf, rowOf } from './answers/grid.ts';
export { expectedFirst, POINT_GROUPS, reactionShort, STATE_WORDS, type JudgedRow } from './answers/groups.ts';
export { LOOK_DOES, lookWords } from './language/look.ts';
export {
  PAPER_DAYS,
  PAPER_KINDS,
  PAPER_OF,
  PaperOrderSchema,
  PaperRowSchema,
  PreviewSchema,
  type PaperRow,
  type Preview,
  type PaperAsk,
  type PaperKind,
  type PaperOrder,
} from './playbook/paper.ts';
export { looksIn, reordered, worthOf, type LookIn, type LookWorth } from './answers/looks.ts';
export type { Boards, Cell, CellState } from './answers/cell.ts';
export { pointsOn, type PointOnLine, type Reaction } from './answers/points.ts';
export { proposals, type AnswerProposal } from './answers/propose/propose.ts';
export { endOf, setOf, wayTo, type LineEnd, type WayTo } from './flow/ends.ts';
export { ringFrom } from './flow/ring.ts';
export { forksOf, type Fork } from './relations/forks.ts';
export {
  readyOf,
  relatedOf,
  relationOf,
  RELATIONS_ENGINE,
  type Ready,
  type Related,
  type Relation,
} from './relations/related.ts';
export { cyclesOf, roundOf, turnsHome, turnsOf, visitsIn, type Round } from './relations/round.ts';
export { comparedLine, compareLines, type ComparedFrame, type ComparedLine } from './versions/compare.ts';
export { differences } from './versions/differences.ts';
export { versionChanges, versionOf, isWorthIt, type TriedChange } from './versions/version.ts';
export { zoneSites } from './answers/zone-points.ts';
export { settingsOf } from './answers/judged.ts';
export { whole } from './answers/whole.ts';
export { ANSWERS_ENGINE, verdictOf, type Verdict } from './answers/verdict.ts';
export { againstEverything, Values, worstReply, type AgainstOne, type Reply } from './answers/reply.ts';
export { asTold } from './answers/told.ts';
export { punishes, trialKey, trialOf, TRIALS_ENGINE, type Trial } from './answers/trial.ts';
export { pointSaid, readOf, toldWords, whySaid } from './answers/words.ts';
export { attackersOn, defendersOn, floorOf, chasersLate, putAttackers, type Floor } from './space/floor.ts';
export { standApart } from './defence/zone/move.ts';
export {
  GRID,
  mapSoftness,
  softMap,
  softSpots,
  softSpotsOf,
  type SoftMap,
  type SoftSpot,
} from './space/soft-spots.ts';
export { optionsOf, worstSplit, type Option, type Split } from './space/split.ts';
export { coveragesMet, type Met } from './defence/meet.ts';
export { tellable } from './defence/own.ts';
export { HELPS, OFF_BALL_COVERAGES, ON_BALL_COVERAGES, type Plan } from './defence/plan.ts';
export {
  COVERAGE_WORDS,
  DEFENCE_WORDS,
  defenceByWord,
  defenceWords,
  HELP_WORDS,
  MAN_PRESETS,
  playsAs,
  PRESETS,
  ZONE_PRESETS,
  type Preset,
} from './defence/presets.ts';
export { railsOf, type Rails } from './defence/rails.ts';
export { asRead, readsOn } from './defence/reads.ts';
export { setupOf } from './defence/setup.ts';
export { simulate } from './defence/simulate.ts';
export { chaseFloor, startChase, stepChase, throwTo, type Chase, type Chased } from './defence/zone/chase.ts';
export { chasedBy } from './defence/zone/chasers.ts';
export {
  ballOf,
  sampleAt,
  slidesOf,
  type BallPiece,
  type Slide,
  type SlidePace,
} from './defence/zone/film.ts';
export { alternativesOf, schemeOf, zoneByKey, type Scheme } from './defence/zone/scheme.ts';
export { settled, situationAt } from './defence/zone/shade.ts';
export { JOBS, ZONES, type Job, type ZoneKey, type ZoneTable } from './defence/zone/tables.ts';
export { playAgainst, type Against } from './look/against.ts';
export { opennessAt, type Openness } from './look/openness.ts';
export type { PassSeen } from './look/passes.ts';
export { proposePlaces, type PlaceRules, type Proposal } from './look/propose-places.ts';
export { seeingOf, type Seeing } from './look/seeing.ts';
export { bodyAt, stepOf, timeOf, viewOf, type AgainstView } from './look/view.ts';
export { openMakes, withMakes, type OpenMakes } from './look/worth.ts';
export { GROUPS, type Finding, type Group, type Mark } from './walkthrough/finding.ts';
export { CHECKS } from './walkthrough/registry.ts';
export { teachingFor, type OwnTeaching, type Teaching } from './walkthrough/teaching.ts';
export { silencedBefore, tried, walkThrough, type SilencedBefore } from './walkthrough/walkthrough.ts';
export {
  COMPARED,
  figuresOf,
  metricsOf,
  type ComparedKey,
  type Metrics,
  type TimedLook,
} from './metrics/metrics.ts';
export { beatOf, type Beat, type BeatBlock, type BeatThread } from './beat/beat.ts';
export { lastFor, startAt, tieTo, untie } from './beat/retime.ts';
export { beatText } from './beat/text.ts';
export { actionWords, blockWords, captionOf } from './language/caption.ts';
export {
  againstInFull,
  againstWords,
  MEASURE_WORDS,
  SITUATION_WORDS,
  situationWords,
  STATUS_WORDS,
  UNAVAILABLE_WORDS,
  VERB_WORDS,
} from './language/labels.ts';
export { placesPassed } from './language/passed.ts';
export { atPlace, placeSaid, placeWords, spotSaid } from './language/place.ts';
export { clashesOf, isFree, type Clash, type Spoken, type Voice } from './language/clash.ts';
export { heardPart, clashTitle, clashWhy, isGrave, whatOf } from './language/clash-words.ts';
export {
  ENTRY_GROUP_WORDS,
  entriesOf,
  spokenOf,
  type EntryGroup,
  type WordEntry,
} from './language/entries.ts';
export { DICTIONARY, groupOf, type Dictionary, type TermKey } from './language/dictionary.ts';
export { dictionaryOf, formsFor } from './language/own-words.ts';
export { figureByKey, FIGURES, type Arm, type Figure } from './language/signals.ts';
export { readWordRows, WORD_COLUMNS, wordRows, type WordsRead } from './language/word-table.ts';
export { CANDIDATES } from './language/candidates.ts';
export { termsIn } from './language/terms.ts';
export { readWords } from './language/read.ts';
export { endingWords, lineWords } from './language/line.ts';
export { parser as scriptParser } from './script/grammar/parser.ts';
export type { LineOf } from './script/line-of.ts';
export { joined, nextWords, type Next } from './script/next.ts';
export { parseScript } from './script/parse.ts';
export { pasteScript, writtenPart, type Part } from './script/part.ts';
export { printScript } from './script/print.ts';
export type { ScriptFault, ScriptFix } from './script/reader.ts';
export { speak } from './script/speak.ts';
export { retold, rewritten, settle, textOf, writtenOf, type Written } from './script/written.ts';
export { levelVersionOf } from './versions/level-version.ts';
export { tell } from './language/tell.ts';
export { holeWords, verdictWords } from './language/verdict.ts';
export { MAN_WORDS, teller, type ManWord, type Teller } from './language/teller.ts';
export { isCovered, type Draft } from './keeping/draft.ts';
export { grewFrom, isWithin, printOf, saveName, START, type Extent } from './keeping/extent.ts';
export {
  keeping,
  step,
  type Answered,
  type At,
  type Effect,
  type Happening,
  type Keeping,
  type Meant,
  type Rules,
} from './keeping/machine.ts';
export { opening, taking, type Answer, type Found, type Theirs } from './keeping/opening.ts';
export { whatWeHave, type Has, type Need } from './playbook/have.ts';
export { findPlays, readQuery, wantedWords, type Query } from './playbook/query.ts';
export { Search, type Findable, type Hit } from './playbook/search.ts';
export { carried, CARRIES } from './playbook/carry.ts';
export {
  KeptBackupSchema,
  RESTORE_MODES,
  RestoredSchema,
  type Restored,
  type RestoreMode,
} from './playbook/backup.ts';
export { cardOf } from './playbook/card.ts';
export { derive, DERIVED_VERSION, isLong, type Derived } from './playbook/derive.ts';
export {
  PlayRowSchema,
  ProblemSchema,
  SavedSchema,
  SaveSchema,
  StoredPlaySchema,
  SummarySchema,
  TeamChangeSchema,
  TeamSchema,
  VersionRowSchema,
  type Defaults,
  type PlayRow,
  type Problem,
  type Save,
  type Saved,
  type StoredPlay,
  type Summary,
  type Team,
  type TeamChange,
  type VersionRow,
} from './playbook/shapes.ts';
export {
  RECORD_LIMITS,
  RECORD_ROWS,
  RECORDS,
  recordSave,
  type Opponent,
  type OpponentMan,
  type RecordBody,
  type RecordKind,
  type RecordRow,
  type RecordSave,
  type Series,
  type Sheet,
  type SheetEntry,
  type SheetSection,
  type TeamWord,
} from './playbook/records.ts';
export {
  RelationsSchema,
  type PairRow,
  type PlayRelated,
  type Relations,
} from './playbook/relation-shapes.ts';
export { changeSheet, entryOf, sheetTold, type SheetChange, type SheetTold } from './playbook/sheet.ts';
export { summarise } from './playbook/summary.ts';
export {
  BOOK_RECORDS,
  BookFileSchema,
  printOfPlay,
  readFileText,
  writeBook,
  type BookRecords,
  type FilePlay,
} from './files/book-file.ts';
export {
  HereSchema,
  howsFor,
  TakenInSchema,
  type Here,
  incoming,
  recordCount,
  sheetWithIds,
  standingOf,
  STANDINGS,
  usualHow,
  type How,
  type Standing,
} from './files/import.ts';
export { markdownSheet } from './files/markdown.ts';
export { bookTable, csvText, neutral, unneutral } from './files/table.ts';
export { subtitlesOf, type Subtitle } from './language/subtitles.ts';
export { bestFive, bestForSheet, whoElse, type SheetAnswer, type SheetPlay } from './people/five.ts';
export { buildOf } from './people/build.ts';
export { weakHand, type Fit } from './people/fit.ts';
export { presenceOn, SKILLS, type Clearance, type Feat, type Player, type Skill } from './people/player.ts';
export {
  PLAYER_COLUMNS,
  playerRows,
  readPlayerRows,
  withCell,
  type PlayersRead,
} from './people/player-table.ts';
export { clearable, playRoster, type PlayRoster } from './people/roster.ts';
export { barWords, turnWords, DUTY_WORDS, needWords, SKILL_WORDS } from './language/people.ts';
export { lean as leanPlan, planSearch, quickPlan } from './install/plan/search.ts';
export { planProgram } from './install/plan/program.ts';
export {
  EMPTY as EMPTY_PLAN,
  type Plan as InstallPlan,
  type Problem as PlanProblem,
} from './install/plan/problem.ts';
export { valueOf as planValue } from './install/plan/value.ts';
export { wrongIn as wrongInPlan } from './install/plan/wrong.ts';
export { addDays, clockOf, dayNumber, minuteOf, mondayOf, weekdayOf } from './calendar/day.ts';
export type { Kept } from './playbook/kept.ts';
export { movesOf, withPlan, type PlanMove } from './install/apply.ts';
export { ABOUT, cheapestOrder, knownBy, noveltyOf, teaches } from './install/concepts.ts';
export {
  courseOf,
  inOrder,
  knownTo,
  levelOf,
  limitsOf,
  MEMORY,
  playedOf,
  type Course,
  type Team as InstallTeam,
} from './install/course.ts';
export { doneWith, wantsOf } from './install/done.ts';
export { readyFor, type Ready as PlayReady } from './install/ready.ts';
export {
  isContact,
  minutesGiven,
  playMinutesGiven,
  playMinutesOf,
  SEASON_LIMITS,
  type Block,
  type BlockDone,
  type BlockItem,
  type Game,
  type Practice,
  type Season,
  type Weekly,
} from './install/season.ts';
export { BLOCK_STAGES, progressOf, WENT, type BlockStage, type InstallStage } from './install/stages.ts';
export {
  BLOCK_SHORT,
  BLOCK_WORDS,
  CAUTIONS,
  conceptWords,
  moveWords,
  givesWords,
  lettingWords,
  progressWords,
  readyWords,
  reasonWords,
  shortWords,
  WENT_WORDS,
} from './language/install.ts';
export { CHANGE as PLAN_CHANGE, nearPlan } from './install/plan/near.ts';
export { standing as standingPlan } from './install/plan/repair.ts';
export { mended, mendFor, type Mend } from './install/mend.ts';
export { farOf } from './install/far.ts';
export { letGo, lettings, type Letting } from './install/gives.ts';
export { fuller as fullerPlan, givesOf, relaxed, type Gives } from './install/plan/gives.ts';
export { changeBlock, moveBlock } from './install/blocks.ts';
export { linesOf } from './install/done.ts';
export { takesToBringIn, tooLongAtOnce } from './install/split.ts';
export {
  hasLines,
  isByLine,
  isOfUnit,
  oneLine,
  taughtBy,
  unitKey,
  unitsWanted,
  type Unit as PlayUnit,
} from './install/units.ts';
export { drillsOf, type DrillCard } from './install/drills.ts';
export { needsOf } from './people/needs.ts';
export { interchangeable, turnWarnings } from './people/turns.ts';
export { PlanOrderSchema, PlanRowSchema, type PlanOrder, type PlanRow } from './install/plan/shape.ts';
export { instantOf } from './calendar/instant.ts';
export { memoryLoad } from './install/load.ts';
export { fromToday } from './calendar/from-today.ts';
export { reasonOf } from './install/reason.ts';
export { looksByMan } from './people/looks.ts';
export type { Lineup } from './people/lineup.ts';
