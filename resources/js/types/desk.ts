import type {
    BecauseNode,
    CalculationData,
    MaterialRow,
    OfDesign,
    OfSurface,
    OnPaper,
    PlannedAlike,
    PlannedSurface,
    Section,
    Stands,
    TableData,
} from './answers';

export type * from './answers';
export type * from './edits';

/** What a plan says on the desk; of a table what only surfaces have is empty, or not there. */
export type Planned = PlannedAlike & Omit<PlannedSurface, 'table'> & { table: TableData | null };

/** All that the desk is told of a design. */
export type DeskData = OfDesign & OfSurface & Planned & OnPaper;

/** What paper needs besides. */
export type PaperData = DeskData & {
    becauses: BecauseNode[];
    cover: { name: string; value: string }[];
    tools: string[];
    lifts: string[];
    lift_caution: string;
    calculation: CalculationData | null;
    /** Of the job, where it has several surfaces; told once, with the first. */
    all_materials: MaterialRow[] | null;
};

/** A because as it would be, and how the plan would stand. */
export type Supposed = BecauseNode & { standing: Stands };

/** A kind of part that the company keeps. */
export type CataloguePart = 'module' | 'rail' | 'clamp' | 'bolt' | 'foot' | 'fastener' | 'sealant';

type Sizes = Section['m'];

/** Sizes of a section that it always has, and those that only some have. */
export type SectionSize = { [Key in keyof Sizes]: null extends Sizes[Key] ? never : Key }[keyof Sizes];
export type SheetSize = Exclude<keyof Sizes, SectionSize>;
