import type { components } from './schema';

type Schemas = components['schemas'];

export type Person = Schemas['Person'];
export type Persons = Schemas['Persons'];
export type Shed = Schemas['Shed'];
export type Bay = Schemas['Bay'];
export type Job = Schemas['Job'];
export type Plan = Schemas['plan-1'];
export type Evaluation = Schemas['evaluation-1'];
export type Run = Evaluation['runs'][number];
export type Rung = Run['alternatives'][number];
export type Finding = Evaluation['findings'][number];
export type MeterPoint = Evaluation['meter_points'][number];
export type Profile = Schemas['Profile'];
export type Reading = Schemas['Reading'];
export type Why = Schemas['Why'];
export type Shorts = Schemas['Shorts'];
export type TableTold = Schemas['TableTold'];
export type Remedies = Schemas['Remedies'];
export type Remedy = Remedies['remedies'][number];
export type SupplySchool = Schemas['SupplySchool'];
export type ShopSettings = Schemas['ShopSettings'];
export type HouseRules = Schemas['HouseRules'];
export type HouseRule = HouseRules['rules'][number];
export type RulesTried = Schemas['RulesTried'];
export type Bench = Schemas['Bench'];
export type Survey = Schemas['Survey'];
export type Layout = Schemas['Layout'];
export type Sonar = Schemas['Sonar'];
export type SonarOrder = Sonar['orders'][number];
export type Instrument = Schemas['Instruments']['instruments'][number];
export type LeadLine = Schemas['LeadLine'];
export type SentenceLog = Schemas['SentenceLog'];
export type Day = Schemas['Day'];
/** A day that was run. */
export type DayRun = NonNullable<Day['run']>;
export type DayVariants = Schemas['DayVariants'];
export type DayTemplate = Schemas['DayTemplate'];
export type DayTemplates = Schemas['DayTemplates'];
export type DaySupply = Schemas['DaySupply'];
export type MonitorLog = Schemas['MonitorLog'];
export type DayLines = Schemas['DayLines'];
export type DayNight = NonNullable<Day['night']>;
export type Kit = Schemas['Kit'];
export type KitPiece = Kit['pieces'][number];
export type KitEnd = KitPiece['ends'][number];
export type KitSpool = Kit['spools'][number];
export type KitLine = Kit['lines'][number];
export type Stock = Schemas['Stock'];
export type StockItem = Stock['items'][number];
export type StockOrders = Schemas['StockOrders'];
export type StageAnswers = Job['drawn'];
/** A bank with the posts that wires stand on. */
export type WiredBank = Schemas['Power']['banks'][number];
export type OtherRoutes = Schemas['OtherRoutes'];
export type Preview = Schemas['Preview'];
export type OtherPlan = Schemas['OtherPlan'];
export type LogEntry = Schemas['LogEntry'];
export type Offer = Schemas['Offer'];
export type MeterReading = Schemas['MeterReading'];
export type Clash = Schemas['Clash'];
export type PatchStep = Schemas['PatchStep'];
export type CataloguePart = Schemas['CataloguePart'];

export type Battery = NonNullable<Plan['batteries']>[number];
export type Bank = NonNullable<Plan['banks']>[number];
export type Feed = NonNullable<Plan['feeds']>[number];
export type Block = NonNullable<Plan['blocks']>[number];
export type Device = NonNullable<Plan['devices']>[number];

/** A job whose plan is there: what the stages work on. */
export type PlannedJob = Job & { plan: Plan; evaluation: Evaluation; version: NonNullable<Job['version']> };
export type Rig = Schemas['Rig'];
export type RigStep = Rig['steps'][number];
export type Work = Schemas['Work'];
export type WorkKept = Schemas['Kept'];
export type Hands = Schemas['Hands'];
