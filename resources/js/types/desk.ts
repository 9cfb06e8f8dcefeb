/** What the server tells the desk: numbers in metres for drawing, finished texts for reading. */
export type Tone = 'holds' | 'tight' | 'fails' | 'plain';

export type Choice = { value: string; text: string };

export type FieldInfo = {
    label: string;
    kind: 'quantity' | 'count' | 'text' | 'choice';
    text: string;
    optional: boolean;
    value?: string | null;
    choices?: Choice[];
    /** Whether nobody entered it: it came with the blank job. */
    example: boolean;
    /** What was typed, where that is in other units than the job's. */
    typed?: string | null;
};

export type FindingInfo = {
    kind: 'stop' | 'refusal' | 'warning' | 'assumption';
    code: string;
    text: string;
    at: string;
    stage: string;
    subject: string;
    clearable: boolean;
    cleared_by: string | null;
    /** Edits that would mend it, none where it names none. */
    cure: Edit[];
};

export type Dimension = { from_m: number; to_m: number; text: string };

/** Along the eave, up the slope, in m. */
export type Corner = [number, number];

export type Sheet = {
    width_m: number;
    length_m: number;
    outline: Corner[];
    /** Names of its edges, where it is drawn by its corners. */
    edges: string[];
    kept_free: Corner[];
    zones: { zone: string; density: number; corners: Corner[] }[];
    members: { number: number; x_m: number; from_m: number; top_m: number; plies: number }[];
    /** Along the eave, with members then the ribs of the sheet over them. */
    purlins: { number: number; y_m: number; from_m: number; to_m: number }[];
    /** Heights of their middles. */
    battens_m: number[];
    lap: { from_m: number; to_m: number; shift_m: number } | null;
    module: { width_m: number; length_m: number };
    modules: { row: number; column: number; x_m: number; y_m: number; word: Tone; exposed: boolean }[];
    left_out: { row: number; column: number; x_m: number; y_m: number }[];
    /** The other blocks of the surface. */
    beside: { number: number; width_m: number; length_m: number; modules: Sheet['modules'] }[];
    no_work: {
        id: string;
        round: boolean;
        path: boolean;
        x_m: number;
        y_m: number;
        width_m: number;
        height_m: number;
        clearance_m: number;
    }[];
    tall: { id: string; x_m: number; y_m: number; width_m: number; length_m: number }[];
    holes: { id: string; kind: string; x_m: number; y_m: number }[];
    dimensions: { across: Dimension[][]; up: Dimension[][] };
    /** Of what hangs under the modules, along its rail. */
    box_m: number;
};

/** Where a line crosses a member that a foot could stand on, and what the planner decided there. */
export type Crossing = { member: number; x_m: number; hand: 'free' | 'foot' | 'pinned' | 'barred' };

/** For drawing. */
export type Foot = { number: number; x_m: number; word: Tone; strong: boolean };

/** For reading. */
export type FootRow = {
    /** Members on to the next foot, this one not counted. */
    on: number | null;
    /** The stronger one that edge zones have. */
    strong: boolean;
    number: number;
    member: number;
    tape: string;
    reserve: string;
    word: Tone;
    link: string;
    up: string;
    along: string;
    bay: string | null;
    /** What still holds it where its screws miss; null of feet that have no columns for that. */
    missed: string | null;
    /** Another member that would hold, or none; null before the plan is saved. */
    other: number | 'none' | null;
};

export type TapeMark = {
    kind: 'foot' | 'member' | 'barred' | 'splice' | 'clamp' | 'box' | 'lug' | 'end' | 'line';
    label: string;
    x_m: number;
    tape_m: number;
    text: string;
};

export type Run = {
    id: string;
    line: string;
    /** The number of its block on the surface, and its line within that. */
    block: number;
    letter: string;
    /** Whether it runs up the slope, so that places along it are heights. */
    up: boolean;
    /** Whether it lies on other rails, with crossings and no feet. */
    on_rails: boolean;
    /** Whether it carries others. */
    lower: boolean;
    /** Up the slope from the eave, or from the left edge. */
    at_m: number;
    /** The rib or member that it lies over up the slope. */
    over: number | null;
    /** Feet alone, with no rail on them. */
    bare: boolean;
    x0_m: number;
    x1_m: number;
    splices_m: number[];
    holds: boolean;
    length: string;
    feet_count: number;
    bound: number | null;
    rail_reserve: string | null;
    rail_word: Tone;
    in_line: string | null;
    hinged: boolean;
    height: string;
    /** The number of the purlin that it lies on. */
    purlin: number | null;
    /** Whether it is a piece of rail under one clamp. */
    piece: boolean;
    /** Whether it lies on each place that it crosses, and is held there. */
    on_each: boolean;
    above_butt: string | null;
    above_butt_m: number | null;
    feet: Foot[];
    /** Where the line crosses members; in a preview of the run on view alone. */
    places: Crossing[];
    /** Like the tape, in a preview of the run on view alone. */
    table: FootRow[];
    tape: TapeMark[];
};

export type StageState = { key: string; number: number; title: string; state: string; tone: Tone };

export type Demand = {
    pull: string;
    exposure_counts: boolean;
    zones: { zone: string; direction: string; suction: string; exposed: string; net: string; net_exposed: string }[];
    down: { combination: string; snow: string; value: string; governs: boolean }[];
    /** Where there are choices, the numbers are places among them. */
    tries: { path: string; value: number; from: number; to: number; step: number; unit: string; choices?: string[] }[];
};

export type Planned = {
    units: 'ft_in' | 'mm';
    status: 'preliminary' | 'confirmed';
    status_text: string;
    /** What feet along a line are counted by. */
    stand: 'member' | 'rib' | 'seam' | 'purlin' | 'course' | 'place';
    /** What courses are told by; null where there are none. */
    course: 'butt' | 'batten' | null;
    stages: StageState[];
    findings: FindingInfo[];
    summary: {
        modules: number;
        attachments: number;
        /** Them in words: "32 feet", "8 posts". */
        counted: string;
        reserve: string | null;
        /** What stops the plan, or how it holds. */
        word: string;
        tone: Tone;
        open_stops: number;
        to_enter: number;
        unconfirmed: number;
        refused: boolean;
        structure_signed_by: string | null;
        structure_digest: string;
    };
    loads: { path: string; name: string; value: string }[];
    demand: Demand | null;
    sheet: Sheet;
    runs: Run[];
    /** What every tape says first. */
    tape_head: string;
    /** Null of a surface; a table on the ground has nothing that only surfaces have, but empty lists. */
    table: TableData | null;
};

export type TablePart = {
    path: string;
    name: string;
    in_ground: boolean;
    reserve: string;
    word: Tone;
    demand: string;
    capacity: string;
};

/** A section through the table where most is asked of it, and its plan: metres from the low edge, on the level and up. */
export type TableDrawn = {
    tilt_rad: number;
    chord_m: number;
    width_m: number;
    offset_m: number;
    column: string;
    frost_m: number;
    /** Straight members between two places, each a y and a z of one end and of the other. */
    struts: [number, number, number, number][];
    /** Whether what lies on the posts is a round pipe. */
    is_round: boolean;
    beam_wide_m: number;
    beam_high_m: number;
    /** Over the ground, of the block on which a post stands; null where it goes into the ground. */
    stands_on_m: number | null;
    uprights: TableUpright[];
    posts_m: number[];
    lines_m: number[];
    rows: number;
    columns: number;
    /** Other tilts, with their low edge from that of the planned one. */
    seasons: { tilt_rad: number; y_m: number; z_m: number; text: string }[];
    text: {
        between: string | null;
        frost: string;
        tilt: string;
        edge: string;
        width: string;
        chord: string;
        bay: string | null;
    };
};

export type TableUpright = {
    y_m: number;
    ground_m: number;
    top_m: number;
    depth_m: number | null;
    hole_m: number;
    thick_m: number;
    height: string | null;
    depth: string | null;
    cut: string | null;
    /** Of ballast on it. */
    blocks: number | null;
};

type TableForce = { text: string; path: string };

export type TablePost = TablePart & {
    id: string;
    rear: boolean;
    x_m: number;
    height: string | null;
    depth: string;
    cut: string | null;
    bags: string | null;
    /** That lie on it; null where nothing is held by blocks. */
    blocks: number | null;
    sideways: TableForce | null;
    lift: TableForce | null;
    press: TableForce | null;
    weakest: string;
};

/** What is told of a table on asking. */
export type TableBeside = {
    /** What would make a table hold that does not, and what is entered for it. */
    cures: { says: string; edits: Edit[] }[];
    /** Other numbers of posts, and other holes. */
    ways: {
        posts: number;
        hole: string;
        depth: string | null;
        bags: string;
        reserve: string;
        holds: boolean;
        /** Past its end posts, where that is another than is planned. */
        overhang: string | null;
        is_here: boolean;
        edits: Edit[];
    }[];
    /** Tilts beside each other, and the light of the months; null where nobody said how clear those are. */
    sun: {
        /** The sun's ways on three days: bearing and height in degrees. */
        paths: { name: string; points: [number, number][] }[];
        horizon: [number, number][];
        /** How much that takes; empty where nobody looked. */
        hidden: string;
        /** Of the best fixed way, what others keep in percent, by bearing and tilt in degrees. */
        every_way: {
            keeps: Record<string, Record<string, number>>;
            best: [number, number];
            here: [number, number];
            says: string;
        } | null;
        choices: { name: string; tilts: string; keeps: string; is_here: boolean }[];
        /** How far apart rows stand, in sentences. */
        pitches: { says: string; is_usual: boolean }[];
        months: { name: string; light: number }[];
    } | null;
};

/** Levels of the ground at the posts of a table, from the left, over its first front post. */
export type LevelsTold = { edits: Edit[]; levels: { front: string; rear: string }[] };

/** The same modules on one kind of table. */
export type TableKindBeside = {
    kind: string;
    is_here: boolean;
    posts: number;
    depth: string;
    bags: string;
    /** Of all posts as they are cut. */
    length: string;
    /** Of one person, to build it; empty where nobody said how long things take. */
    hours: string;
    /** By the company's rates; empty for who does not see these. */
    cost: string;
    /** How much is still to be entered or proven. */
    missing: number;
    /** What stands against it first; empty where nothing known does. */
    against: string;
    edits: Edit[];
};

export type TableData = {
    name: string;
    drawn: TableDrawn | null;
    /** Says at which level they are. */
    winds_at: string;
    /** On the halves of the modules, pressing on their faces. */
    winds: { path: string; name: string; lower: string; upper: string }[];
    posts: TablePost[];
    /** Told where none stands. */
    none: string;
    parts: TablePart[];
    /** The string is null where nothing is cut to it. */
    stakes: { post: string; along: string; string: string | null }[];
    diagonals: { name: string; level: string; ground: string }[];
    apart: string;
    /** The tables of the job in its field, in metres east and north of its mark; null where this one has no place there. */
    field: {
        /** To read the scale off. */
        bar: { long_m: number; text: string };
        tables: { id: string; name: string; here: boolean; corners: [number, number][]; posts: [number, number][] }[];
        lines: { what: string; from: [number, number]; to: [number, number] }[];
        no_dig: { what: string; corners: [number, number][] }[];
        soils: { what: string; corners: [number, number][] }[];
        stakes: { post: string; east: string; north: string }[];
    } | null;
    /** The days of its crew; null where nobody said who builds it and from when on. Days are written as 2026-06-05. */
    days: {
        from: string;
        to: string;
        hours: string;
        rows: { name: string; on: string[]; kept: string[] }[];
        waits: { name: string; from: string; until: string }[];
        days: { on: string; says: string[] }[];
    } | null;
    /** Before a storm and after it, in sentences. */
    storm: string[];
    /** How true north is found, in sentences. */
    north: string[];
    bearings: { faces: string | null; faces_compass: string | null; row: string | null; row_compass: string | null };
    /** What tapes between the outer stakes show, in sentences; null where nobody measured. */
    square: { stands: boolean; says: string[] } | null;
    /** Posts by length of stock. */
    bars: string[];
    stock: string;
};

export type BecauseNode = {
    title: string;
    value: string;
    formula: string;
    source: string | null;
    confidence: string | null;
    confirmed_by: string | null;
    input: string | null;
    typed: string | null;
    /** Who entered it last, and with which design. */
    entered: { by: string; at: string; design: number } | null;
    /** Whether nobody did: it is the value that a blank job begins with. */
    example: boolean;
    children: BecauseNode[];
};

/** A way to lay a block, with how its plan stands. */
export type Way = {
    name: string;
    modules: number;
    feet: number;
    word: string;
    tone: Tone;
    reserve: string | null;
    news: string | null;
    edits: Edit[];
};

/** A length of rail with the pieces that are cut from it. */
export type CutBar = {
    number: string;
    long_m: number;
    rest: string;
    rest_m: number;
    /** Whether what is left is kept. */
    kept: boolean;
    pieces: { label: string; length: string; length_m: number }[];
};

/** As crews of another school would lay it, with what must be right then. */
/** Effort: hours and cost by the company's rates; null for who does not see these, or where it has none. */
export type School = Way & { holes: number; bars: number; must: string; effort: string | null };

export type CataloguePart = 'module' | 'rail' | 'clamp' | 'bolt' | 'foot' | 'fastener' | 'sealant';

/** Of the company's catalogue, with how the plan would stand with it. */
export type CatalogueItem = Omit<Way, 'edits'> & {
    id: number;
    version: number;
    by: string;
    made_up: boolean;
    is_here: boolean;
};

export type Filled = { now: Way; ways: Way[] };

/** A because as it would be, and how the plan would stand. */
export type Supposed = BecauseNode & { standing: { word: string; tone: Tone; reserve: string | null; news: string | null } };

export type SurveyItem = {
    item: string;
    label: string;
    answer: string | null;
    by: string | null;
    on: string | null;
    photo: string | null;
};

export type Coefficient = {
    id: string;
    name: string;
    text: string;
    source: string;
    confidence: string;
    note: string;
    confirmed_by: string | null;
};

export type SectionSize =
    | 'member'
    | 'deck'
    | 'underlayment'
    | 'shingles'
    | 'base'
    | 'heel'
    | 'rail_height'
    | 'hole_offset'
    | 'length'
    | 'diameter'
    | 'shank'
    | 'thread_in_member'
    | 'over_member';

/** Sizes of a foot on a sheet or under a tile, and of what is under it. */
export type SheetSize =
    | 'flashing'
    | 'below'
    | 'above'
    | 'member_wide'
    | 'steel'
    | 'pad'
    | 'sheet'
    | 'rib'
    | 'load_line'
    | 'foot_long'
    | 'batten'
    | 'tile_top'
    | 'overlap'
    | 'reach'
    | 'arm_under'
    | 'arm';

/** Planes with their modules, small and from above. */
export type RoofDrawn = { width: number; height: number; outline: string; modules: string };

export type DeskData = Planned & {
    /** The one in view. */
    surface: string;
    /** In view, and all of the surface. */
    block: string;
    blocks: { id: string; number: number; modules: number }[];
    /** All of the job; counts are null of a large one that is not in view. */
    surfaces: {
        id: string;
        name: string;
        is_table: boolean;
        modules: number | null;
        counted: string;
        word: string;
        tone: Tone;
        confirmed: boolean | null;
        drawing: RoofDrawn | null;
    }[];
    /** What undo would take back and redo bring again, in words. */
    history: { undo: string | null; redo: string | null };
    design: { id: number; number: number; hash: string; author: string | null; at: string; is_side: boolean; change: string };
    own_copies: OwnCopy[];
    /** What the company read in its copies and this design does not use. */
    own_offers: OwnCopy[];
    /** What others of the company confirmed and this design has not. */
    confirmed_offers: { count: number; by: string } | null;
    /** Values that the case is refused for until somebody reads them. */
    own_missing: { id: string; name: string }[];
    fields: Record<string, FieldInfo>;
    /** Places of values that nobody entered, by the part of the design that a finding names. */
    examples: Record<string, string[]>;
    /** What slope length and pitch give for it. */
    eave_to_ridge: string;
    lists: Record<string, number>;
    survey: SurveyItem[];
    members: {
        first: string;
        list: { number: number; load: string; times: string; ratio: string; word: Tone }[];
        at_one_share: string | null;
        limit: string | null;
    };
    /** What is marked on the roof first. */
    marking: {
        edges: { name: string; length: string }[];
        diagonals: { name: string; length: string }[];
        /** By how much the roof may differ from the drawing. */
        off: string;
        rows: { name: string; low: string; high: string; from: string; to: string; modules: number }[];
        ridge_note: string;
    };
    /** Where lines of holes up the slope cross the eave. */
    eave_tape: { line: string; x_m: number; tape_m: number; tape: string; over: string }[];
    /** Where rails across lie on lower ones. */
    layer_tape: { line: string; y_m: number; tape_m: number; tape: string }[];
    slope_tape: { line: string; y_m: number; tape_m: number; tape: string; butt: string; above_butt: string; purlin: string }[];
    fastener: { thread: string; above: string; withdrawal: string; lateral: string | null; makers: boolean } | null;
    /** A clamp on a seam; null of feet that pierce. */
    seam_section: {
        m: { length: number; rail_height: number; sheet: number };
        text: { length: string; rail_height: string; sheet: string };
        screws: string;
    } | null;
    section: {
        m: Record<SectionSize, number> & Record<SheetSize, number | null> & { exposure: number | null; cover: number | null };
        text: Record<SectionSize, string> & Record<SheetSize, string | null> & { exposure: string | null; cover: string | null };
        shank_hole: boolean;
        /** How a foot on a sheet stands: on a rib or beside one; null on other coverings. */
        on_sheet: 'crest' | 'pan' | 'alone' | null;
        /** Whether the base stands on the deck, the shingles cut around it. */
        on_deck: boolean;
        /** Of each foot, up the slope from the first, in metres. */
        holes: number[];
        names: { foot: string; fastener: string; sealant: string };
    } | null;
    /** Triangles of legs under the rows, those that are alike once. */
    frames: {
        m: { front: number; rear: number; chord: number; apart: number };
        over_rad: number;
        text: { front: string; rear: string; chord: string; apart: string; over: string };
        rows: string[];
    }[];
    /** What hangs under the modules, the strings of each row, and what joins metal to earth. */
    beneath: {
        box: string | null;
        /** Whether they are fixed to the frames of the modules, and to no rail. */
        on_frames: boolean;
        boxes: number;
        strings: { row: string; string: number; from: number; to: number; modules: number }[];
        earth: { lug: string; lugs: number; jumper: string; jumpers: number; broken: number; frames: number } | null;
    } | null;
    cutting: {
        stock: CutBar[];
        /** Rests in store that are cut first; their number is their length. */
        from_store: CutBar[];
        stock_length: string;
        stock_length_m: number;
        count: number;
        bound: number;
    } | null;
    holes: {
        id: string;
        kind: string;
        x: string;
        y: string;
        above_butt: string;
        member: number | null;
        state: string;
        note: string;
    }[];
    materials: { item: string; name: string; count: number; document: string }[];
    torque: { what: string; torque: string; document: string }[];
    clamp: { run: string; reserve: string; word: Tone; up: string } | null;
    steps: { code: string; text: string; cautions: string[]; at_foot: boolean }[];
    coefficients: Coefficient[];
    not_covered: string[];
    signatures: { subject: string; name: string; on: string; reason: string }[];
};

/** What paper needs besides. */
export type PaperData = DeskData & {
    becauses: BecauseNode[];
    cover: { name: string; value: string }[];
    tools: string[];
    lifts: string[];
    lift_caution: string;
    calculation: CalculationData | null;
    /** Of the job, where it has several surfaces; told once, with the first. */
    all_materials: { item: string; name: string; count: number; document: string }[] | null;
};

/** Loads at the clamps of a run in the state that governs; figures are texts, ready to read. */
export type WorkedState = {
    run: string;
    case: string;
    snow: string | null;
    /** Snow lies in a pattern, lighter at some clamps. */
    partial: boolean;
    /** The wind pulls, and weight holds down. */
    pulls: boolean;
    duration: string;
    area: string;
    pressures: string[][];
    feet: string[];
    per_module: string[];
    clamps: string[][];
};

export type CalculationData = {
    tolerance: string;
    factor: string;
    combinations: string[][];
    span:
        | (WorkedState & {
              at: string;
              bay: string;
              over: string[][];
              normal: string;
              along: string;
              capacity_normal: string;
              capacity_along: string;
              ratio: string;
              reserve: string;
          })
        | null;
    foot:
        | (WorkedState & {
              foot: number;
              member: number;
              at: string;
              tributary: string;
              width: string;
              normal: string;
              along: string;
              tension: string;
              /** What a leg makes of that at its foot. */
              on_leg: string | null;
              height: string;
              heel: string;
              links: string[][];
          })
        | null;
    runs: { id: string; candidates: string; rail: string[] | null; splice: string[] | null; feet: string[][] }[];
};

export type OwnCopy = {
    id: string;
    title: string;
    value: string;
    recalled: string;
    document: string;
    clause: string;
    name: string;
    on: string;
};

export type Weather = {
    source: string;
    days: { on: string; rain: boolean; gust: string }[];
    /** What the worksheet would hold with it: what is entered of other days, and these. */
    forecast: { on: string | null; rain: boolean; gust_m_per_s: number }[];
};

export type Hazards = {
    source: string;
    places: { place: string; wind: string; snow: string; elevation: string; risk_category: string }[];
};

export type Issued = {
    id: number;
    revision: number;
    design: number | null;
    by: string | null;
    status: string;
    /** To be built; else to be looked at. */
    for_construction: boolean;
    /** Names of the surfaces of its design that it is not of. */
    left_out: string[];
    note: string;
    at: string;
    /** Something else is planned by now. */
    overtaken: boolean;
    papers: {
        kind: 'crew' | 'calculation' | 'whole';
        file: string;
        state: 'waiting' | 'making' | 'done' | 'failed';
        percent: number;
        trouble: string;
        pages: number | null;
    }[];
};

export type DesignRow = {
    id: number;
    number: number;
    author: string | null;
    at: string;
    change: string;
    is_side: boolean;
    is_current: boolean;
    parent_id: number | null;
};

export type Difference = { path?: string; label: string; before: string; after: string };

export type Comparison = {
    one: { number: number; change: string };
    two: { number: number; change: string };
} & Beside;

export type Beside = {
    inputs: Difference[];
    results: Difference[];
    /** What stops the second and not the first, with its field where it can be entered. */
    needs: { text: string; path: string; field: FieldInfo | null }[];
};

export type Fault = { path: string; expected: string; found: string };

/** Made on a block that is not in view. */
type OfBlock = { of?: string };

export type Edit =
    | { path: string; typed: string }
    | { path: string; value: unknown }
    | { path: string; stands: true }
    | { path: string; add: true }
    | { path: string; remove: true }
    | { toggle: { row: number; column: number } }
    | { move: { x_m: number; y_m: number } }
    | { area: { id: string | null; round: boolean; x_m: number; y_m: number; width_m: number; height_m: number } }
    | ({ pin: { line: string; member: number } } & OfBlock)
    | ({ bar: { line: string; member: number } } & OfBlock)
    | { command: 'rail'; rail: 'light' | 'standard' | 'heavy' }
    | { command: 'centre' | 'corners' }
    | { corner: { index: number; x_m: number; y_m: number } | { after: number } }
    | { tape: { edges: string; diagonals: string; proof: string } }
    | { points: string }
    | { plane: 'copy' | 'mirror' | 'remove' }
    | { block: 'add' | 'part' | 'remove'; of?: string };

/** An edit with the surface and the block that it is made on. */
export type EditOn = Edit & { on: string; of: string };
