<?php

declare(strict_types=1);

namespace Garnetine\Core\Finding;

/**
 * Everything that a check can say, with what each is: its kind, what it touches, where on the way it is mended, and whether a named person may sign for
 * it instead.
 */
enum Code: string
{
    // Outside the methods.
    case BeyondTable = 'beyond_table';
    case AsNzsMissing = 'as_nzs_missing';
    case AsNzsMtMissing = 'as_nzs_mt_missing';
    case AsNzsRegionMissing = 'as_nzs_region_missing';
    case AsNzsRegionUnknown = 'as_nzs_region_unknown';
    case CapacityFormat = 'capacity_format';
    case CoefficientMissing = 'coefficient_missing';
    case Covering = 'covering';
    case DormerOrValley = 'dormer_or_valley';
    case EnAltitude = 'en_altitude';
    case EnMissing = 'en_missing';
    case EnOrography = 'en_orography';
    case EnOrographyMissing = 'en_orography_missing';
    case EnTooTall = 'en_too_tall';
    case EnVelocityMissing = 'en_velocity_missing';
    case EnZoneMissing = 'en_zone_missing';
    case EnZoneRange = 'en_zone_range';
    case FigureMissing = 'figure_missing';
    case FootNotForCovering = 'foot_not_for_covering';
    case FrameBoltsUnfit = 'frame_bolts_unfit';
    case FramingNotCovered = 'framing_not_covered';
    case GivenAtServiceLevel = 'given_at_service_level';
    case GivenIncomplete = 'given_incomplete';
    case HigherOrLowerRoof = 'higher_or_lower_roof';
    case HipEdges = 'hip_edges';
    case LegsNeedGiven = 'legs_need_given';
    case LegsUnfit = 'legs_unfit';
    case MonoNeedsGiven = 'mono_needs_given';
    case OutlineNotCovered = 'outline_not_covered';
    case OverOverhang = 'over_overhang';
    case OwnCopyImplausible = 'own_copy_implausible';
    case OwnCopyUnknown = 'own_copy_unknown';
    case Pitch = 'pitch';
    case PlaneNotSimple = 'plane_not_simple';
    case PlaneTooLarge = 'plane_too_large';
    case PullOutMissing = 'pull_out_missing';
    case RailsUpUnfit = 'rails_up_unfit';
    case RoofKind = 'roof_kind';
    case ScrewNotForMember = 'screw_not_for_member';
    case SeamUnknown = 'seam_unknown';
    case SheetUntested = 'sheet_untested';
    case SharedUnfit = 'shared_unfit';
    case MadeForCopper = 'made_for_copper';
    case MaterialsClash = 'materials_clash';
    case SealantUpsideDown = 'sealant_upside_down';
    case ClampNotForFrame = 'clamp_not_for_frame';
    case ClampHeight = 'clamp_height';
    case OnFeetUnfit = 'on_feet_unfit';
    case DeckOnlyUntested = 'deck_only_untested';
    case DeckOnlyHoldDown = 'deck_only_hold_down';
    case FeetMissZone = 'feet_miss_zone';
    case ShortRailsNeedRibs = 'short_rails_need_ribs';
    case SteelThicknessMissing = 'steel_thickness_missing';
    case TooTall = 'too_tall';
    case WinterWindMissing = 'winter_wind_missing';
    case ZonesOverlap = 'zones_overlap';

    // Blocks until mended, or signed for by a named person.
    case AcrossSetback = 'across_setback';
    case AllowableMissing = 'allowable_missing';
    case ArmTouchesTile = 'arm_touches_tile';
    case ArmUnderTile = 'arm_under_tile';
    case BattensUnknown = 'battens_unknown';
    case BondBroken = 'bond_broken';
    case BondingToSign = 'bonding_to_sign';
    case BondingUndocumented = 'bonding_undocumented';
    case BlocksTooNear = 'blocks_too_near';
    case ClampFails = 'clamp_fails';
    case ClampSlips = 'clamp_slips';
    case ClampZoneMissing = 'clamp_zone_missing';
    case CoursesUnknown = 'courses_unknown';
    case EdgeFootOpen = 'edge_foot_open';
    case EdgeFootWeaker = 'edge_foot_weaker';
    case EdgeFootUnused = 'edge_foot_unused';
    case CrossingAllowableMissing = 'crossing_allowable_missing';
    case CopperOnAluminium = 'copper_on_aluminium';
    case CoverShort = 'cover_short';
    case DeckHoldDown = 'deck_hold_down';
    case EnVelocityHigh = 'en_velocity_high';
    case ExamplesLeft = 'examples_left';
    case FirePathMissing = 'fire_path_missing';
    case FirePathShort = 'fire_path_short';
    case FirePathsFew = 'fire_paths_few';
    case FireRidge = 'fire_ridge';
    case FirstMemberAtHip = 'first_member_at_hip';
    case GapTooSmall = 'gap_too_small';
    case GapsTooFarApart = 'gaps_too_far_apart';
    case GroundSnowKind = 'ground_snow_kind';
    case HillMissing = 'hill_missing';
    case KztMissing = 'kzt_missing';
    case HolesOffBase = 'holes_off_base';
    case LagNotListed = 'lag_not_listed';
    case LagSpacing = 'lag_spacing';
    case LapUpsideDown = 'lap_upside_down';
    case LateralMissing = 'lateral_missing';
    case LateralUndocumented = 'lateral_undocumented';
    case LayoutSideUnknown = 'layout_side_unknown';
    case LegsAllowableMissing = 'legs_allowable_missing';
    case LegsUnbraced = 'legs_unbraced';
    case LineInLap = 'line_in_lap';
    case LineOffPurlin = 'line_off_purlin';
    case LineOffRib = 'line_off_rib';
    case MakersCoverMissing = 'makers_cover_missing';
    case MemberOffSurface = 'member_off_surface';
    case MemberShare = 'member_share';
    case MemberTwice = 'member_twice';
    case MemberUpsideDown = 'member_upside_down';
    case MembersCollide = 'members_collide';
    case MembersMissRun = 'members_miss_run';
    case ModuleRating = 'module_rating';
    case NoMembers = 'no_members';
    case NoModules = 'no_modules';
    case NotParallel = 'not_parallel';
    case OneShareTooMuch = 'one_share_too_much';
    case OutsideClampZone = 'outside_clamp_zone';
    case OutsideSurface = 'outside_surface';
    case OverNoWorkArea = 'over_no_work_area';
    case OwnBaySmall = 'own_bay_small';
    case OwnHandFails = 'own_hand_fails';
    case PanelFixedPoint = 'panel_fixed_point';
    case PinBarred = 'pin_barred';
    case PinNoPlace = 'pin_no_place';
    case PinOffLines = 'pin_off_lines';
    case PinTwice = 'pin_twice';
    case PlateBelowButt = 'plate_below_butt';
    case PlateOnBatten = 'plate_on_batten';
    case PullOutNotCovered = 'pull_out_not_covered';
    case PullOutUndocumented = 'pull_out_undocumented';
    case PurlinShare = 'purlin_share';
    case RafterScreenFails = 'rafter_screen_fails';
    case RailEndAcross = 'rail_end_across';
    case RailEndShort = 'rail_end_short';
    case RailsMeet = 'rails_meet';
    case RidgeReadingUnnamed = 'ridge_reading_unnamed';
    case RunFails = 'run_fails';
    case RunNotFound = 'run_not_found';
    case RunTooLong = 'run_too_long';
    case ScrewLinesWrong = 'screw_lines_wrong';
    case ScrewSpacingMissing = 'screw_spacing_missing';
    case ShankHoleNeeded = 'shank_hole_needed';
    case SpentHole = 'spent_hole';
    case SpentTooNear = 'spent_too_near';
    case SpanShort = 'span_short';
    case SpanTableDisordered = 'span_table_disordered';
    case SpanTableOpen = 'span_table_open';
    case SheetHoldDown = 'sheet_hold_down';
    case ClampBeyondRibs = 'clamp_beyond_ribs';
    case ThreadTooShort = 'thread_too_short';
    case TooHighAboveRoof = 'too_high_above_roof';
    case TooNearEdge = 'too_near_edge';
    case TopographyUnknown = 'topography_unknown';
    case UnderNoRoom = 'under_no_room';
    case WindSpeedKind = 'wind_speed_kind';
    case WindSpeedLow = 'wind_speed_low';
    case WindowNone = 'window_none';

    // To mind.
    case DeckMountUntested = 'deck_mount_untested';
    case EaveToRidgeDiffers = 'eave_to_ridge_differs';
    case FeetOverBound = 'feet_over_bound';
    case LeftOutBeyondBlock = 'left_out_beyond_block';
    case LineTight = 'line_tight';
    case OwnCopyDiffers = 'own_copy_differs';
    case PadByEye = 'pad_by_eye';
    case PadOffFlat = 'pad_off_flat';
    case PanBesideMember = 'pan_beside_member';
    case PitchLow = 'pitch_low';
    case PlateInNails = 'plate_in_nails';
    case ProveMemberFirst = 'prove_member_first';
    case RowRuleShort = 'row_rule_short';
    case RemnantTooLong = 'remnant_too_long';
    case StaggerPartly = 'stagger_partly';
    case StringShort = 'string_short';
    case StraddlesButt = 'straddles_butt';
    case WindowSmall = 'window_small';

    // Taken on the safe side, to confirm.
    case ArmByEye = 'arm_by_eye';
    case AsideColumn = 'aside_column';
    case AsNzsDirection = 'as_nzs_direction';
    case EnRecommended = 'en_recommended';
    case EnWinds = 'en_winds';
    case ExtrasDoNotHoldDown = 'extras_do_not_hold_down';
    case FireChecked = 'fire_checked';
    case FeetFixedAlong = 'feet_fixed_along';
    case FireExempt = 'fire_exempt';
    case FireNotChecked = 'fire_not_checked';
    case FloorOnPanels = 'floor_on_panels';
    case FreeSlidePath = 'free_slide_path';
    case Fu45 = 'fu_45';
    case GivenPressures = 'given_pressures';
    case HillCounts = 'hill_counts';
    case HipFigures = 'hip_figures';
    case HoleEndsRail = 'hole_ends_rail';
    case KhFloor = 'kh_floor';
    case KztEntered = 'kzt_entered';
    case LateralByGap = 'lateral_by_gap';
    case NoEqualisation = 'no_equalisation';
    case NoFootAtEnd = 'no_foot_at_end';
    case NoHill = 'no_hill';
    case OneAreaForGcp = 'one_area_for_gcp';
    case PartialSnow = 'partial_snow';
    case PullAndPushAddUp = 'pull_and_push_add_up';
    case RafterScreen = 'rafter_screen';
    case RidgeReadingMild = 'ridge_reading_mild';
    case RidgeReadingSevere = 'ridge_reading_severe';
    case RoofSupportsUnknown = 'roof_supports_unknown';
    case SheetLaps = 'sheet_laps';
    case ShankHoleWaived = 'shank_hole_waived';
    case SpentApart = 'spent_apart';
    case SpansByTable = 'spans_by_table';
    case SnowAboveSlides = 'snow_above_slides';
    case SnowAboveStays = 'snow_above_stays';
    case SpeciesUnknown = 'species_unknown';
    case StructureScreenOnly = 'structure_screen_only';
    case TwoLayersHigher = 'two_layers_higher';
    case LegsMidChord = 'legs_mid_chord';
    case ValleyPlain = 'valley_plain';
    case WindBesideTall = 'wind_beside_tall';

    // Of tables on the ground: outside the methods; blocks; to mind; taken on the safe side.
    case FoundationTooDeep = 'foundation_too_deep';
    case PipesOffTable = 'pipes_off_table';
    case PostUnderGround = 'post_under_ground';
    case SoilWithoutValues = 'soil_without_values';
    case TableStandard = 'table_standard';
    case TableSteep = 'table_steep';
    case TableSteepEn = 'table_steep_en';
    case TiltNotRead = 'tilt_not_read';
    case TimberByNds = 'timber_by_nds';
    case TooSpringy = 'too_springy';
    case DiagonalsDiffer = 'diagonals_differ';
    case FrostHeave = 'frost_heave';
    case LevelsMissing = 'levels_missing';
    case ModuleZoneMissing = 'module_zone_missing';
    case BraceOffPost = 'brace_off_post';
    case PipeUnknown = 'pipe_unknown';
    case PostOverStock = 'post_over_stock';
    case ServicesUnmarked = 'services_unmarked';
    case SmoothPost = 'smooth_post';
    case SoilExpansive = 'soil_expansive';
    case SoilByPost = 'soil_by_post';
    case SoilByReport = 'soil_by_report';
    case SoilReportEmpty = 'soil_report_empty';
    case SoilReportOpen = 'soil_report_open';
    case TableHoldMissing = 'table_hold_missing';
    case TablePartFails = 'table_part_fails';
    case TablePlaceless = 'table_placeless';
    case TableSlenderness = 'table_slenderness';
    case TableSteepHeld = 'table_steep_held';
    case TiltAsBuilt = 'tilt_as_built';
    case CutDiffers = 'cut_differs';
    case Poured = 'poured';
    case SeasonDay = 'season_day';
    case SeasonOverSteepest = 'season_over_steepest';
    case SeasonsByKit = 'seasons_by_kit';
    case PilesOffRow = 'piles_off_row';
    case PurlinsMeet = 'purlins_meet';
    case TraysMeet = 'trays_meet';
    case TraysPlain = 'trays_plain';
    case BallastOnFrost = 'ballast_on_frost';
    case SnowReachesEdge = 'snow_reaches_edge';
    case TiltFromVertical = 'tilt_from_vertical';
    case TiltOverLatitude = 'tilt_over_latitude';
    case BothFlows = 'both_flows';
    case FrostTakesNone = 'frost_takes_none';
    case NoDriftBetweenRows = 'no_drift_between_rows';
    case OpenRoofAnalogy = 'open_roof_analogy';
    case TableAllowable = 'table_allowable';
    case TableCanopy = 'table_canopy';
    case TableFreeRoof = 'table_free_roof';
    case SideByCohesion = 'side_by_cohesion';
    case SoilDoubled = 'soil_doubled';
    case SwayOfSteel = 'sway_of_steel';
    case TwoBounds = 'two_bounds';

    // Of single kinds of tables: outside the methods; blocks; to mind; taken on the safe side.
    case FramesOneRow = 'frames_one_row';
    case ResinCold = 'resin_cold';
    case TooFewTests = 'too_few_tests';
    case TooWideForOne = 'too_wide_for_one';
    case BuiltShort = 'built_short';
    case BuiltUnknown = 'built_unknown';
    case ButtTooShort = 'butt_too_short';
    case FootOverFrost = 'foot_over_frost';
    case FrameGapDiffers = 'frame_gap_differs';
    case HeadsOutOfReach = 'heads_out_of_reach';
    case ResinTooFast = 'resin_too_fast';
    case SectionUnknown = 'section_unknown';
    case TestsVoid = 'tests_void';
    case TimberUnknown = 'timber_unknown';
    case TestsScatter = 'tests_scatter';
    case BlockPlain = 'block_plain';
    case ConduitOnlySpaces = 'conduit_only_spaces';
    case EveryTilt = 'every_tilt';
    case HalvedBetweenSpikes = 'halved_between_spikes';
    case PressedAsPulled = 'pressed_as_pulled';
    case BromsBeside = 'broms_beside';
    case BromsLess = 'broms_less';
    case StowProven = 'stow_proven';
    case TimberWet = 'timber_wet';
    case TorsionOfSoil = 'torsion_of_soil';
    // Of north where a table stands.
    case CompassBeyondModel = 'compass_beyond_model';
    case CompassWeak = 'compass_weak';
    case DeclinationComputed = 'declination_computed';
    case DeclinationDiffers = 'declination_differs';
    case LatitudesDiffer = 'latitudes_differ';
    case TicketExpired = 'ticket_expired';
    case ColdPour = 'cold_pour';
    case HoleInNoDig = 'hole_in_no_dig';
    case SoilAreaUnclear = 'soil_area_unclear';
    case SoilElsewhere = 'soil_elsewhere';
    case NoDigUnclear = 'no_dig_unclear';
    case HoleOnLine = 'hole_on_line';
    case HorizonTakesBeam = 'horizon_takes_beam';
    case DigByHand = 'dig_by_hand';
    case TablesOverlap = 'tables_overlap';
    case RowShaded = 'row_shaded';

    private const STOPS = [
        self::AcrossSetback, self::AllowableMissing, self::ArmTouchesTile, self::ArmUnderTile, self::BattensUnknown, self::BlocksTooNear,
        self::BondBroken, self::BondingToSign, self::BondingUndocumented, self::CopperOnAluminium, self::UnderNoRoom,
        self::SpentHole, self::SpentTooNear, self::SpanShort, self::SpanTableDisordered, self::SpanTableOpen,
        self::ClampBeyondRibs, self::ClampFails, self::ClampHeight, self::ClampNotForFrame, self::ClampSlips, self::ClampZoneMissing,
        self::CoursesUnknown, self::CoverShort, self::CrossingAllowableMissing, self::DeckHoldDown, self::DeckOnlyHoldDown, self::EdgeFootOpen,
        self::EdgeFootWeaker,
        self::EnVelocityHigh, self::ExamplesLeft, self::FirePathMissing, self::FirePathShort, self::FirePathsFew, self::FireRidge,
        self::FeetMissZone, self::FirstMemberAtHip, self::GapTooSmall, self::GapsTooFarApart, self::GroundSnowKind, self::HillMissing, self::KztMissing,
        self::HolesOffBase, self::LagNotListed, self::LagSpacing, self::LapUpsideDown, self::LateralMissing, self::LateralUndocumented,
        self::LayoutSideUnknown, self::LegsAllowableMissing, self::LegsUnbraced, self::LineInLap, self::LineOffPurlin, self::LineOffRib,
        self::MakersCoverMissing, self::MaterialsClash, self::MemberOffSurface, self::MemberShare,
        self::MemberTwice, self::MemberUpsideDown, self::MembersCollide, self::MembersMissRun, self::ModuleRating, self::NoMembers, self::NoModules,
        self::NotParallel, self::OneShareTooMuch, self::OutsideClampZone, self::OutsideSurface, self::OverNoWorkArea, self::OwnBaySmall,
        self::OwnHandFails, self::PadOffFlat, self::PanelFixedPoint, self::PinBarred, self::PinNoPlace, self::PinOffLines, self::PinTwice,
        self::PlateBelowButt, self::PlateOnBatten, self::PullOutNotCovered, self::PullOutUndocumented, self::PurlinShare, self::RafterScreenFails,
        self::RailEndAcross, self::RailEndShort, self::RailsMeet, self::RemnantTooLong, self::RidgeReadingUnnamed, self::RunFails, self::RunNotFound,
        self::RunTooLong,
        self::ScrewLinesWrong, self::ScrewSpacingMissing, self::SealantUpsideDown, self::ShankHoleNeeded, self::SheetHoldDown, self::ThreadTooShort,
        self::TooHighAboveRoof,
        self::TooNearEdge, self::TopographyUnknown, self::WindSpeedKind, self::WindSpeedLow, self::WindowNone,
        self::BraceOffPost, self::DiagonalsDiffer, self::FrostHeave, self::LevelsMissing, self::ModuleZoneMissing, self::PipeUnknown,
        self::PostOverStock, self::ServicesUnmarked,
        self::SmoothPost, self::SoilExpansive, self::SoilReportOpen, self::TableHoldMissing, self::TablePartFails,
        self::TablePlaceless, self::TableSlenderness, self::SoilDoubled, self::TableAllowable, self::TableSteepHeld,
        self::BuiltShort, self::BuiltUnknown, self::ButtTooShort, self::FootOverFrost, self::FrameGapDiffers, self::HeadsOutOfReach, self::ResinTooFast,
        self::SectionUnknown, self::TestsVoid,
        self::TimberUnknown, self::TicketExpired, self::TraysMeet, self::SeasonDay, self::SeasonOverSteepest, self::ColdPour, self::HoleOnLine,
        self::HoleInNoDig, self::NoDigUnclear, self::SoilAreaUnclear, self::SoilElsewhere, self::TablesOverlap,
    ];

    private const WARNINGS = [
        self::DeckMountUntested, self::EaveToRidgeDiffers, self::EdgeFootUnused, self::FeetOverBound, self::LeftOutBeyondBlock, self::LineTight,
        self::OwnCopyDiffers,
        self::PanBesideMember, self::PitchLow, self::PlateInNails, self::ProveMemberFirst, self::RowRuleShort, self::StaggerPartly,
        self::StraddlesButt, self::StringShort, self::WindowSmall,
        self::CompassBeyondModel, self::CompassWeak, self::DeclinationDiffers, self::DigByHand, self::LatitudesDiffer,
        self::TiltAsBuilt, self::CutDiffers,
        self::BallastOnFrost, self::BromsLess, self::RowShaded, self::SnowReachesEdge, self::TestsScatter, self::TiltFromVertical,
        self::TiltOverLatitude,
    ];

    private const ASSUMPTIONS = [
        self::ArmByEye, self::AsideColumn, self::AsNzsDirection, self::EnRecommended, self::EnWinds, self::ExtrasDoNotHoldDown, self::FireChecked,
        self::FireExempt, self::FireNotChecked, self::FloorOnPanels, self::FreeSlidePath, self::Fu45, self::GivenPressures, self::HillCounts,
        self::FeetFixedAlong, self::TwoLayersHigher, self::LegsMidChord, self::HipFigures, self::MadeForCopper, self::HoleEndsRail, self::KhFloor,
        self::KztEntered, self::LateralByGap, self::NoEqualisation, self::NoFootAtEnd,
        self::NoHill, self::OneAreaForGcp, self::PadByEye, self::PartialSnow, self::PullAndPushAddUp, self::RafterScreen, self::RidgeReadingMild,
        self::RidgeReadingSevere, self::RoofSupportsUnknown, self::ShankHoleWaived, self::SheetLaps, self::SpansByTable, self::SpentApart,
        self::SnowAboveSlides, self::SnowAboveStays,
        self::SpeciesUnknown, self::StructureScreenOnly, self::ValleyPlain, self::WindBesideTall,
        self::BothFlows, self::FrostTakesNone, self::NoDriftBetweenRows, self::OpenRoofAnalogy, self::TableCanopy,
        self::TableFreeRoof, self::SideByCohesion, self::SoilByPost, self::SoilByReport,
        self::SwayOfSteel, self::TwoBounds,
        self::DeclinationComputed, self::HorizonTakesBeam,
        self::BlockPlain, self::ConduitOnlySpaces, self::EveryTilt, self::HalvedBetweenSpikes, self::BromsBeside, self::Poured, self::PressedAsPulled,
        self::SeasonsByKit, self::TraysPlain, self::StowProven, self::TimberWet,
        self::TorsionOfSoil,
    ];

    private const OF_THE_JOB = [
        self::AsNzsMissing, self::AsNzsMtMissing, self::AsNzsRegionMissing, self::AsNzsRegionUnknown, self::CoefficientMissing, self::EnAltitude,
        self::EnMissing, self::EnOrography, self::EnOrographyMissing, self::EnTooTall, self::EnVelocityHigh, self::EnVelocityMissing,
        self::EnZoneMissing, self::EnZoneRange, self::ExamplesLeft, self::FireChecked, self::FireNotChecked, self::FirePathsFew,
        self::GivenAtServiceLevel, self::GivenIncomplete, self::GroundSnowKind,
        self::HillMissing, self::KztMissing, self::OwnCopyImplausible, self::OwnCopyUnknown, self::RidgeReadingUnnamed, self::TooTall,
        self::TopographyUnknown, self::WindSpeedKind, self::WindSpeedLow, self::WinterWindMissing,
    ];

    private const OF_A_RUN = [
        self::ClampFails,
        self::ClampSlips,
        self::MembersMissRun,
        self::OwnHandFails,
        self::RunFails,
        self::RunNotFound,
        self::RunTooLong,
    ];

    /** Stops that are a matter of judgement. All others lack an input or break a method, and no signature mends that. */
    private const CLEARABLE = [
        self::MemberShare, self::PurlinShare, self::OneShareTooMuch, self::AcrossSetback, self::OverNoWorkArea, self::PlateBelowButt,
        self::CoverShort, self::ShankHoleNeeded, self::SheetHoldDown, self::DeckHoldDown, self::DeckOnlyHoldDown, self::BondingToSign, self::RunTooLong,
        self::RafterScreenFails,
        self::EnVelocityHigh,
        self::TableSlenderness, self::SoilDoubled, self::TableAllowable, self::TableSteepHeld,
    ];

    public function kind(): FindingKind
    {
        return match (true) {
            in_array($this, self::STOPS, true) => FindingKind::Stop,
            in_array($this, self::WARNINGS, true) => FindingKind::Warning,
            in_array($this, self::ASSUMPTIONS, true) => FindingKind::Assumption,
            default => FindingKind::Refusal,
        };
    }

    /** @param string $at Where in the design it stands: a table that is missing for the site is missing for the job */
    public function scope(string $at): Scope
    {
        return match (true) {
            in_array($this, self::OF_A_RUN, true) => Scope::Run,
            in_array($this, self::OF_THE_JOB, true), $this === self::FigureMissing && str_starts_with($at, '/site/') => Scope::Job,
            default => Scope::Surface,
        };
    }

    /** @param string $at Where in the design it stands, which decides for most */
    public function stage(string $at): Stage
    {
        return match ($this) {
            self::RunFails, self::RunNotFound, self::MembersMissRun, self::MemberShare, self::PurlinShare, self::FeetOverBound,
            self::StaggerPartly => Stage::Attachments,
            self::LayoutSideUnknown, self::RafterScreenFails => Stage::Surface,
            self::RunTooLong, self::RailEndAcross, self::RailEndShort, self::RailsMeet, self::LineTight, self::RowRuleShort,
            self::RemnantTooLong => Stage::Rails,
            self::PlateBelowButt, self::CoverShort, self::PlateInNails, self::MakersCoverMissing => Stage::Holes,
            self::ArmUnderTile, self::StraddlesButt, self::LineInLap, self::LineOffPurlin, self::LineOffRib, self::PlateOnBatten, self::ClampBeyondRibs,
            self::FeetMissZone,
            self::ClampFails, self::ClampSlips, self::ShortRailsNeedRibs => Stage::Modules,
            self::CrossingAllowableMissing, self::FeetFixedAlong, self::RailsUpUnfit, self::SharedUnfit, self::OnFeetUnfit, self::FrameBoltsUnfit,
            self::LegsUnfit, self::LegsAllowableMissing, self::LegsUnbraced,
            self::LegsMidChord => Stage::Rails,
            self::OneAreaForGcp, self::FloorOnPanels, self::KhFloor, self::PartialSnow, self::NoEqualisation, self::EnRecommended, self::EnWinds,
            self::AsNzsDirection, self::RidgeReadingSevere, self::RidgeReadingMild => Stage::Loads,
            self::StructureScreenOnly, self::RafterScreen => Stage::Handover,
            self::ModuleZoneMissing => Stage::Table,
            self::TablePartFails => str_starts_with($at, '/module') ? Stage::Table : Stage::at($at),
            default => Stage::at($at),
        };
    }

    public function isClearable(): bool
    {
        return in_array($this, self::CLEARABLE, true);
    }
}
