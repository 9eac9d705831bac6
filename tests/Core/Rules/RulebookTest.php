<?php

declare(strict_types=1);

namespace Tests\Core\Rules;

use Ondergrond\Assessor;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Families\Families;
use Ondergrond\Design\Footprint;
use Ondergrond\Examples\Examples;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Judgement;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Rulebook;
use Ondergrond\Rules\Subject;
use Ondergrond\Site\Site;
use Ondergrond\Units\QuantityFormatter;
use Ondergrond\Units\UnitSystem;
use Ondergrond\Verdict\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Each rule on a small broken design and a sound one. The limits are those that the trade or a code states, named in each
 * rule's source; most are common practice, no source.
 */
final class RulebookTest extends TestCase
{
    use Samples;

    private const SLAB = 'thickened-edge-slab';

    private const STEM = 'stem-wall-slab';

    private const ROOM = 'heated-basement';

    private const CRAWL = 'conditioned-crawlspace';

    private const VENTED = 'vented-crawlspace';

    private const SCREED = 'insulated-screed-floor';

    private const BESIDE = 'unheated-neighbour';

    private const RAFT = 'frost-protected-raft';

    private const OLD = 'existing-basement';

    private const HEATED = 'heat-storing-slab';

    private const GYPSUM = ['material' => 'gypsum-board', 'thickness_m' => 0.0125];

    private const FOAM = ['material' => 'xps-25psi', 'thickness_m' => 0.05];

    private const CRACK = ['width_m' => 0.002, 'wet' => 'no', 'chased' => 'no', 'filled' => 'no', 'drained' => 'no'];

    private const WRAP = ['kind' => 'wrap', 'lapped' => 'yes'];

    private const FELT = ['kind' => 'felt', 'lapped' => 'yes'];

    private const LATH = ['kind' => 'lath', 'lapped' => 'not-said'];

    private const POST = [
        'permanent_kn' => 0, 'live_kn' => 0, 'plate_m' => 0.15, 'foot' => 'slab', 'material' => 'xps-40psi', 'width_m' => 0.5,
        'height_m' => 0.3, 'from_edge_m' => 2, 'count' => 0,
    ];

    /** Hang on the field, here, in FrostVerdictTest and in DampVerdictTest. */
    private const BY_FIELD = [
        'doors-stay-thawed', 'first-winter-warm', 'frost-stays-out', 'humid-air-kept-off', 'junction-is-small',
        'stacks-stay-dry', 'surface-factor-met', 'surfaces-stay-dry', 'slab-stands-frost', 'stem-free-of-frost',
    ];

    /**
     * What each rule is broken on, how, what is then said, and what makes it sound; what the site of both is, and of the
     * sound one alone.
     *
     * @return array<string, array{0: string, 1: array<string, mixed>, 2: string, 3: array<string, mixed>, 4?: array<string, mixed>, 5?: array<string, mixed>}>
     */
    private static function table(): array
    {
        return [
            'floor-insulated' => [self::SLAB, ['field_board' => ['thickness_m' => 0], 'perimeter_board' => ['width_m' => 0]], 'fix', []],
            'floor-board-thick' => [
                self::SLAB,
                ['field_board' => ['thickness_m' => 0.025], 'perimeter_board' => ['width_m' => 0]],
                'note',
                ['field_board' => ['thickness_m' => 0.1]],
            ],
            'edge-thicker-than-middle' => [self::SLAB, ['perimeter_board' => ['thickness_m' => 0.02]], 'fix', []],
            'edge-face-insulated' => [
                self::SLAB,
                ['edge_outside' => ['thickness_m' => 0], 'edge_inside' => ['thickness_m' => 0]],
                'fix',
                [],
            ],
            'bearing-underside-insulated' => [self::SLAB, ['edge_under' => ['thickness_m' => 0]], 'note', []],
            'outside-board-reaches-foot' => [
                self::SLAB,
                ['edge_outside' => ['depth_below_grade_m' => 0.2]],
                'fix',
                ['edge_outside' => ['depth_below_grade_m' => 0.55]],
            ],
            'slab-parted-from-wall' => [
                self::STEM,
                ['form' => ['inside_m' => 0, 'outside_m' => 0], 'edge_inside' => ['thickness_m' => 0], 'cover' => ['thickness_m' => 0]],
                'fix',
                [],
            ],
            'lining-reaches-floor' => [
                self::OLD,
                ['lining' => ['gap_above_floor_m' => 0.3]],
                'fix',
                ['lining' => ['gap_above_floor_m' => 0]],
            ],
            'basement-wall-insulated' => [self::ROOM, ['edge_outside' => ['thickness_m' => 0], 'cover' => ['thickness_m' => 0]], 'fix', []],
            'outside-board-reaches-footing' => [self::ROOM, ['edge_outside' => ['depth_below_grade_m' => 1.0]], 'fix', []],
            'form-starts-on-footing' => [
                self::ROOM,
                ['form' => ['inside_m' => 0.06, 'outside_m' => 0.06, 'starts' => 'grade'], 'edge_outside' => ['thickness_m' => 0]],
                'note',
                ['form' => ['inside_m' => 0.06, 'outside_m' => 0.06, 'starts' => 'footing']],
            ],
            'screed-parted-from-wall' => [self::SCREED, ['upstand' => ['thickness_m' => 0]], 'fix', []],
            'cavity-past-floor' => [self::SCREED, ['cavity' => ['to_below_floor_m' => 0.1]], 'fix', []],
            'cavity-filled-below' => [self::SCREED, ['cavity' => ['lean_fill' => 'no']], 'fix', []],
            'leaves-under-leaves' => [
                self::SCREED, ['stem' => ['leaves' => [['material' => 'brick', 'thickness_m' => 0.06],
                    ['material' => 'brick', 'thickness_m' => 0.06]]]],
                'fix', [],
            ],
            'cavity-closed' => [self::SCREED, ['closer' => ['thickness_m' => 0]], 'fix', []],
            'break-at-doors' => [
                self::SLAB,
                ['footprint' => ['doors_m' => 2.0]],
                'fix',
                ['footprint' => ['doors_m' => 2.0], 'threshold' => ['thickness_m' => 0.04, 'width_m' => 0.15]],
            ],
            'break-at-garage' => [
                self::BESIDE,
                [
                    'footprint' => ['garage_m' => 4.0, 'porch_m' => 0],
                    'neighbour' => ['thickness_m' => 0],
                    'edge_outside' => ['thickness_m' => 0],
                    'cover' => ['thickness_m' => 0],
                ],
                'fix',
                [],
            ],
            'break-at-porch' => [
                self::BESIDE,
                [
                    'footprint' => ['garage_m' => 0, 'porch_m' => 4.0],
                    'neighbour' => ['thickness_m' => 0.02],
                    'edge_outside' => ['thickness_m' => 0],
                    'cover' => ['thickness_m' => 0],
                ],
                'fix',
                [],
            ],
            'neighbour-edge-insulated' => [self::BESIDE, ['neighbour' => ['edge_board_m' => 0]], 'note', []],
            'neighbour-lower' => [
                self::BESIDE,
                ['neighbour' => ['top_above_grade_m' => 0.2]],
                'note',
                ['neighbour' => ['top_above_grade_m' => 0.1]],
            ],
            'board-under-bearing' => [
                self::SLAB,
                ['edge_under' => ['material' => 'stone-wool-board', 'thickness_m' => 0.1]],
                'stop',
                ['edge_under' => ['material' => 'xps-40psi']],
            ],
            'bearing-board-carries' => [
                self::SLAB,
                ['edge_under' => ['material' => 'xps-40psi'], 'loads' => ['line_kn_m' => 60]],
                'stop',
                ['loads' => ['line_kn_m' => 20]],
            ],
            'field-board-firm' => [self::SLAB, ['field_board' => ['material' => 'eps-15psi']], 'fix', []],
            'field-board-carries' => [self::SLAB, ['loads' => ['floor_live_kpa' => 100]], 'stop', ['loads' => ['floor_live_kpa' => 5]]],
            'post-carried' => [self::SLAB, ['loads' => ['post_kn' => 25]], 'stop', ['loads' => ['post_kn' => 3]]],
            'soil-carries-edge' => [self::SLAB, ['loads' => ['line_kn_m' => 30]], 'stop', ['loads' => ['line_kn_m' => 15]]],
            'soil-carries-post' => [self::RAFT, ['loads' => ['post_kn' => 60]], 'stop', ['loads' => ['post_kn' => 5]]],
            'wing-protected' => [
                self::RAFT,
                ['wing' => ['depth_m' => 0.2, 'width_m' => 0.5]],
                'note',
                ['wing' => ['depth_m' => 0.3, 'width_m' => 0.5, 'corner_width_m' => 0.6]],
            ],
            'wing-falls-outward' => [self::RAFT, ['wing' => ['fall_m' => 0]], 'note', []],
            'no-solvent-on-foam' => [self::ROOM, ['membrane' => ['kind' => 'solvent-coat']], 'stop', ['membrane' => ['kind' => 'sheet']]],
            'foam-stays-cool' => [self::HEATED, ['heating' => ['hottest_c' => 78]], 'stop', ['heating' => ['hottest_c' => 45]]],
            'floor-surface-cool' => [self::SCREED, ['heating' => ['supply_c' => 52]], 'fix', ['heating' => ['supply_c' => 35]]],
            'floor-heats-room' => [self::SCREED, ['heating' => ['supply_c' => 26]], 'fix', ['heating' => ['supply_c' => 38]]],
            'water-spares-concrete' => [self::HEATED, ['heating' => ['supply_c' => 60]], 'fix', ['heating' => ['supply_c' => 55]]],
            'pipes-covered' => [self::SCREED, ['heating' => ['depth_m' => 0.03]], 'fix', []],
            'loops-short' => [self::HEATED, ['heating' => ['loop_m' => 150]], 'fix', ['heating' => ['loop_m' => 90]]],
            'cable-load-modest' => [
                self::HEATED,
                ['heating' => ['by' => 'cable', 'spacing_m' => 0.3, 'power_w_m2' => 90]],
                'stop',
                ['heating' => ['by' => 'cable', 'spacing_m' => 0.2, 'power_w_m2' => 90]],
            ],
            'heated-floor-insulated' => [self::HEATED, ['field_board' => ['thickness_m' => 0.03]], 'fix', []],
            'sheet-present' => [self::SLAB, ['sheet' => ['thickness_m' => 0]], 'fix', []],
            'sheet-thick-enough' => [self::SLAB, ['sheet' => ['thickness_m' => 0.0001]], 'fix', []],
            'sheet-not-holed' => [
                self::SLAB,
                ['sheet' => ['thickness_m' => 0.0002, 'position' => 'below']],
                'fix',
                ['sheet' => ['thickness_m' => 0.0002, 'position' => 'below'], 'blinding' => ['thickness_m' => 0.05]],
            ],
            'sheet-lapped' => [self::SLAB, ['sheet' => ['lap_m' => 0.1]], 'fix', ['sheet' => ['lap_m' => 0.15]]],
            'sheet-taped' => [
                self::SLAB,
                ['sheet' => ['joints' => 'lapped']],
                'stop',
                ['sheet' => ['joints' => 'taped']],
                ['radon' => 'yes'],
            ],
            'climate-known' => [
                self::SLAB, [], 'not checked', [], ['climate' => ['source' => 'not-known']], ['climate' => ['source' => 'own']],
            ],
            'radon-known' => [self::SLAB, [], 'not checked', [], ['radon' => 'not-said'], ['radon' => 'no']],
            'sheet-turned-up' => [self::SLAB, ['sheet' => ['edge' => 'cut-off']], 'fix', []],
            'sheet-above-boards' => [self::STEM, ['sheet' => ['position' => 'below']], 'note', ['sheet' => ['position' => 'above']]],
            'upper-sheet-over-boards' => [self::SCREED, ['upper_sheet' => ['thickness_m' => 0]], 'fix', []],
            'termites-known' => [self::SLAB, [], 'note', [], ['termites' => 'yes'], ['termites' => 'no']],
            'pest-shield' => [
                self::SLAB,
                ['shield' => ['thickness_m' => 0]],
                'stop',
                ['shield' => ['thickness_m' => 0.0005]],
                ['termites' => 'yes'],
            ],
            'inspection-gap' => [self::SLAB, ['slab' => ['top_above_grade_m' => 0.05]], 'fix', ['slab' => ['top_above_grade_m' => 0.2]]],
            'foam-covered-above-grade' => [
                self::SLAB,
                ['edge_outside' => ['material' => 'xps-25psi']],
                'fix',
                ['edge_outside' => ['material' => 'xps-25psi'], 'cover' => ['thickness_m' => 0.012]],
            ],
            'cover-goes-below-grade' => [
                self::SLAB,
                ['cover' => ['thickness_m' => 0.012, 'depth_below_grade_m' => 0]],
                'note',
                ['cover' => ['thickness_m' => 0.012, 'depth_below_grade_m' => 0.3]],
            ],
            'render-built-up' => [
                self::SLAB,
                ['cover' => ['material' => 'cement-render', 'thickness_m' => 0.02, 'backing' => 'direct']],
                'fix',
                ['cover' => ['material' => 'cement-render', 'thickness_m' => 0.02, 'backing' => 'slip-layer']],
            ],
            'drip-over-cover' => [
                self::SLAB,
                ['cover' => ['thickness_m' => 0.012], 'shield' => ['thickness_m' => 0]],
                'fix',
                ['cover' => ['thickness_m' => 0.012], 'shield' => ['thickness_m' => 0.0005, 'drip_m' => 0.02]],
            ],
            'wool-out-of-ground' => [
                self::SLAB,
                ['edge_outside' => ['material' => 'stone-wool-board']],
                'fix',
                ['edge_outside' => ['material' => 'xps-25psi']],
                ['water' => 'damp'],
            ],
            'wood-off-concrete' => [self::SLAB, ['dpc' => ['thickness_m' => 0]], 'fix', ['dpc' => ['thickness_m' => 0.001]]],
            'masonry-has-course' => [self::SCREED, ['dpc' => ['thickness_m' => 0]], 'fix', []],
            'course-high-enough' => [self::SCREED, ['dpc' => ['height_above_grade_m' => 0.05]], 'fix', []],
            'drains-both-sides' => [self::ROOM, ['drains' => ['inner_m' => 0]], 'fix', []],
            'drains-lead-somewhere' => [self::ROOM, [], 'not checked', ['drains' => ['outlet' => 'daylight']]],
            'stone-deep' => [self::SLAB, ['stone' => ['thickness_m' => 0.05]], 'fix', []],
            'rock-in-the-dig' => [self::SLAB, [], 'note', [], ['frost' => ['ledge_m' => 0.3]], ['frost' => ['ledge_m' => 3]]],
            'cover-laps-membrane' => [self::ROOM, ['cover' => ['lapped' => 'no']], 'fix', []],
            'stone-clean' => [self::SLAB, ['stone' => ['material' => 'sand']], 'fix', []],
            'footing-stands-proud' => [
                self::ROOM,
                [
                    'stone' => ['thickness_m' => 0.1],
                    'drains' => ['inner_m' => 0.08],
                    'footing' => ['height_m' => 0.2],
                    'service' => ['height_m' => 0],
                    'edge_outside' => ['depth_below_grade_m' => 1.8],
                ],
                'fix',
                [],
            ],
            'wall-waterproofed' => [self::ROOM, ['membrane' => ['thickness_m' => 0]], 'stop', []],
            'membrane-high-enough' => [
                self::ROOM,
                ['membrane' => ['top_above_grade_m' => -0.3]],
                'fix',
                ['membrane' => ['top_above_grade_m' => 0.1]],
            ],
            'membrane-stands-water' => [
                self::ROOM,
                ['membrane' => ['kind' => 'solvent-coat']],
                'stop',
                ['membrane' => ['kind' => 'fluid']],
                ['water' => 'pressing'],
            ],
            'drainage-over-membrane' => [self::ROOM, ['drainage' => ['thickness_m' => 0]], 'fix', []],
            'wall-can-dry' => [self::ROOM, ['lining' => ['layers' => [self::GYPSUM, self::FOAM]]], 'note', []],
            'membrane-meets-sheet' => [self::ROOM, ['sheet' => ['thickness_m' => 0]], 'note', []],
            'foam-covered-inside' => [
                self::ROOM,
                ['lining' => ['layers' => [self::FOAM]]],
                'fix',
                ['lining' => ['layers' => [self::GYPSUM, self::FOAM]]],
            ],
            'foam-covered-in-crawlspace' => [
                self::CRAWL,
                ['lining' => ['layers' => [self::FOAM]]],
                'not checked',
                ['lining' => ['layers' => [self::GYPSUM, self::FOAM]]],
            ],
            'slab-thick-enough' => [self::SLAB, ['slab' => ['thickness_m' => 0.07]], 'fix', []],
            'beam-wide-enough' => [self::SLAB, ['edge_beam' => ['width_m' => 0.2]], 'fix', []],
            'steel-covered' => [
                self::SLAB,
                ['steel' => ['bar_m' => 0.012, 'cover_m' => 0.01]],
                'fix',
                ['steel' => ['bar_m' => 0.012, 'cover_m' => 0.04]],
            ],
            'steel-close-enough' => [
                self::SLAB,
                ['steel' => ['bar_m' => 0.012, 'spacing_m' => 0.6]],
                'note',
                ['steel' => ['bar_m' => 0.012, 'spacing_m' => 0.4]],
            ],
            'board-bevelled' => [self::SLAB, ['edge_inside' => ['bevel_m' => 0]], 'note', ['edge_inside' => ['bevel_m' => 0.05]]],
            'recess-leaves-slab' => [
                self::STEM,
                ['recess' => ['width_m' => 0.05, 'depth_m' => 0.05, 'from_edge_m' => 0.4]],
                'note',
                ['recess' => ['width_m' => 0.05, 'depth_m' => 0.03, 'from_edge_m' => 0.4]],
            ],
            'water-led-inside' => [self::OLD, ['mat' => ['thickness_m' => 0]], 'fix', []],
            'mat-behind-wall-board' => [self::OLD, ['mat' => ['behind_m' => 0]], 'fix', []],
            'mat-joined' => [self::OLD, ['mat' => ['joints' => 'lapped']], 'fix', []],
            'panels-on-board' => [self::OLD, ['screed' => ['thickness_m' => 0.012]], 'fix', []],
            'support-carried' => [
                self::STEM, ['supports' => ['posts' => [['permanent_kn' => 40] + self::POST]]], 'stop',
                ['supports' => ['posts' => [['permanent_kn' => 2] + self::POST]]],
            ],
            'hard-board-wide-enough' => [
                self::STEM, ['supports' => ['posts' => [['foot' => 'hard-board', 'width_m' => 0.2] + self::POST]]], 'fix',
                ['supports' => ['posts' => [['foot' => 'hard-board', 'width_m' => 0.5] + self::POST]]],
            ],
            'soil-carries-support' => [
                self::STEM, ['supports' => ['posts' => [['permanent_kn' => 40, 'foot' => 'own-pad', 'width_m' => 0.3] + self::POST]]],
                'stop', ['supports' => ['posts' => [['permanent_kn' => 5, 'foot' => 'own-pad'] + self::POST]]],
            ],
            'pad-reaches-through-boards' => [
                self::STEM, ['supports' => ['posts' => [['foot' => 'own-pad', 'height_m' => 0.05] + self::POST]],
                    'field_board' => ['thickness_m' => 0.1], 'perimeter_board' => ['thickness_m' => 0.1]],
                'fix', ['supports' => ['posts' => [['foot' => 'own-pad'] + self::POST]]],
            ],
            'pads-break-boards' => [
                self::STEM, ['supports' => ['posts' => [['permanent_kn' => 4, 'foot' => 'own-pad'] + self::POST]]], 'note',
                ['supports' => ['posts' => [['permanent_kn' => 4, 'foot' => 'hard-board'] + self::POST]]],
            ],
            'posts-stand-on-slab' => [
                self::SCREED, ['supports' => ['posts' => [self::POST]]], 'note',
                ['board_above' => ['thickness_m' => 0], 'screed' => ['thickness_m' => 0], 'upper_sheet' => ['thickness_m' => 0],
                    'heating' => ['in' => 'none']],
            ],
            'product-vapour-said' => [
                self::STEM, ['field_board' => ['material' => 'own-plank', 'thickness_m' => 0.1]], 'not checked', [],
            ],
            'product-heat-said' => [
                self::HEATED, ['field_board' => ['material' => 'own-plank', 'thickness_m' => 0.1]], 'not checked', [],
            ],
            'product-sold-in-that-size' => [
                self::STEM, ['field_board' => ['material' => 'own-plank', 'thickness_m' => 0.08]], 'fix',
                ['field_board' => ['material' => 'own-plank', 'thickness_m' => 0.1]],
            ],
            'cement-replaced-modestly' => [self::STEM, ['mix' => ['replaced_share' => 0.5]], 'note', ['mix' => ['replaced_share' => 0.3]]],
            'concrete-strong-enough' => [self::STEM, ['mix' => ['class' => 'c16']], 'fix', ['mix' => ['class' => 'c20']]],
            'slump-modest' => [self::STEM, ['mix' => ['slump_m' => 0.2]], 'note', ['mix' => ['slump_m' => 0.1]]],
            'fibres-are-no-bars' => [
                self::STEM, ['mix' => ['fibres' => 'yes'], 'steel' => ['bar_m' => 0]], 'note', ['mix' => ['fibres' => 'yes']],
            ],
            'semi-dry-screed-thick' => [
                self::SCREED, ['screed' => ['material' => 'semi-dry-screed', 'thickness_m' => 0.055]], 'fix',
                ['screed' => ['material' => 'semi-dry-screed', 'thickness_m' => 0.065]],
            ],
            'cable-parted-from-pipes' => [
                self::HEATED, ['heating' => ['cable_depth_m' => 0.1, 'cable_when' => 'surplus']], 'fix',
                ['heating' => ['cable_depth_m' => 0.16, 'cable_when' => 'surplus']],
            ],
            'cable-days-said' => [
                self::HEATED, ['heating' => ['cable_depth_m' => 0.16]], 'not checked',
                ['heating' => ['cable_depth_m' => 0.16, 'cable_when' => 'cold']],
            ],
            'grind-stops-in-time' => [
                self::STEM, ['finish' => ['kind' => 'ground', 'exposure' => 'coarse']], 'note',
                ['finish' => ['kind' => 'ground', 'exposure' => 'fine', 'grit' => 400]],
            ],
            'ground-floor-flat' => [
                self::STEM, ['finish' => ['kind' => 'ground', 'flatness_m' => 0.006]], 'fix',
                ['finish' => ['kind' => 'ground', 'flatness_m' => 0.003]],
            ],
            'infill-shows' => [
                self::STEM, ['finish' => ['kind' => 'ground'], 'recess' => ['width_m' => 0.5]], 'note', ['finish' => ['kind' => 'ground']],
            ],
            'finish-areas-fit' => [
                self::STEM, ['finish' => ['areas' => [['kind' => 'tiles', 'area_m2' => 200]]]], 'fix',
                ['finish' => ['areas' => [['kind' => 'tiles', 'area_m2' => 20]]]],
            ],
            'dowels-close-enough' => [
                self::ROOM, ['edge_steel' => ['dowel_m' => 0.012, 'dowel_spacing_m' => 0.6]], 'fix',
                ['edge_steel' => ['dowel_m' => 0.012, 'dowel_spacing_m' => 0.3]],
            ],
            'tall-walls-tied' => [
                self::ROOM, ['edge_steel' => ['bar_m' => 0.012]], 'not checked', ['edge_steel' => ['wall_bar_m' => 0.012]],
            ],
            'beam-has-two-mats' => [
                self::SLAB, ['edge_steel' => ['bar_m' => 0.012]], 'fix', ['edge_steel' => ['bar_m' => 0.012, 'mats' => 2]],
            ],
            'edge-bars-covered' => [
                self::ROOM, ['edge_steel' => ['bar_m' => 0.012, 'cover_m' => 0.05]], 'fix', ['edge_steel' => ['bar_m' => 0.012]],
            ],
            'edge-bars-fit' => [
                self::ROOM, ['edge_steel' => ['bar_m' => 0.02, 'count' => 15]], 'fix', ['edge_steel' => ['bar_m' => 0.02, 'count' => 5]],
            ],
            'laps-long-enough' => [
                self::ROOM, ['edge_steel' => ['bar_m' => 0.012, 'lap_m' => 0.3]], 'fix',
                ['edge_steel' => ['bar_m' => 0.012, 'lap_m' => 0.5]],
            ],
            'polymer-ordered-bent' => [self::SLAB, ['steel' => ['made' => 'polymer']], 'note', []],
            'chairs-hold-bars' => [self::SLAB, ['steel' => ['chairs' => 'wire']], 'fix', ['steel' => ['chairs' => 'pinned']]],
            'felt-off-foam' => [
                self::ROOM, ['cover' => ['backing' => 'layers', 'behind' => [self::FELT, self::LATH]]], 'stop',
                ['cover' => ['backing' => 'layers', 'behind' => [self::WRAP, self::FELT, self::LATH]]],
            ],
            'render-off-wrap' => [
                self::ROOM, ['cover' => ['backing' => 'layers', 'behind' => [self::WRAP]]], 'fix',
                ['cover' => ['backing' => 'layers', 'behind' => [self::WRAP, self::LATH]]],
            ],
            'layers-shed-water' => [
                self::ROOM, ['cover' => ['backing' => 'layers', 'behind' => [['lapped' => 'no'] + self::WRAP, self::LATH]]], 'fix',
                ['cover' => ['backing' => 'layers', 'behind' => [self::WRAP, self::LATH]]],
            ],
            'render-parted-from-sheet' => [self::ROOM, ['cover' => ['keyed' => 'yes']], 'fix', ['cover' => ['keyed' => 'no']]],
            'cover-screws-long' => [
                self::ROOM, ['cover' => ['held' => 'concrete', 'screw_m' => 0.08]], 'fix',
                ['cover' => ['held' => 'concrete', 'screw_m' => 0.2]],
            ],
            'cover-screws-close' => [
                self::ROOM, ['cover' => ['held' => 'concrete', 'screws_apart_m' => 0.6]], 'fix', ['cover' => ['held' => 'concrete']],
            ],
            'paper-over-drip' => [self::ROOM, ['shield' => ['thickness_m' => 0.0005], 'cover' => ['paper' => 'no']], 'fix',
                ['cover' => ['paper' => 'yes']]],
            'cover-foot-drains' => [self::ROOM, ['cover' => ['foot' => 'paving']], 'fix', ['cover' => ['foot' => 'backfill']]],
            'inspection-strip-bare' => [
                self::STEM, [], 'fix', ['shield' => ['strip_m' => 0.075]], ['termites' => 'yes'],
            ],
            'boards-held-in-ground' => [self::SLAB, ['edge_outside' => ['held' => 'glued']], 'note', []],
            'one-pour-braced' => [
                self::ROOM, ['footing' => ['casting' => 'together', 'braced' => 'no']], 'fix',
                ['footing' => ['casting' => 'footing-first']],
            ],
            'bolts-hold-plate' => [
                self::STEM, ['anchors' => ['bolt_m' => 0.0127, 'apart_m' => 2.4]], 'fix',
                ['anchors' => ['bolt_m' => 0.0127, 'apart_m' => 1.2]],
            ],
            'sheet-class-stands-site' => [
                self::SLAB, ['sheet' => ['class' => 'c', 'walked' => 'months']], 'fix', ['sheet' => ['class' => 'a']],
            ],
            'barrier-sheet-whole' => [
                self::SLAB, ['sheet' => ['barrier' => 'yes', 'joints' => 'lapped']], 'fix',
                ['sheet' => ['barrier' => 'yes', 'joints' => 'taped']], ['termites' => 'yes'], ['termites' => 'yes'],
            ],
            'form-boards-gather' => [
                self::ROOM, ['drains' => ['made' => 'form-boards', 'inner_m' => 0]], 'fix', ['drains' => ['made' => 'form-boards']],
            ],
            'courses-fit-wall' => [
                self::STEM, ['stem' => ['top_above_grade_m' => 0.2]], 'note', ['stem' => ['top_above_grade_m' => 0.3192]],
            ],
            'form-joints-apart' => [self::STEM, ['form' => ['joints_m' => 0.1]], 'fix', ['form' => ['joints_m' => 0.2]]],
            'first-courses-tied' => [self::STEM, ['form' => ['tied' => 'no']], 'fix', ['form' => ['tied' => 'yes']]],
            'ledge-over-ground' => [
                self::STEM, ['form' => ['ledge_m' => 0.1, 'ledge_height_m' => -0.1]], 'fix', ['form' => ['ledge_m' => 0.1]],
            ],
            'bucks-let-concrete-in' => [
                self::STEM, ['bucks' => ['openings' => 'yes', 'sized' => 'no']], 'fix',
                ['bucks' => ['openings' => 'yes', 'sized' => 'yes', 'holes' => 'yes', 'sloped' => 'yes']],
            ],
            'form-airtight' => [
                self::STEM, ['bucks' => ['openings' => 'yes', 'to_liner' => 'no']], 'fix',
                ['bucks' => ['openings' => 'yes', 'to_core' => 'yes', 'to_liner' => 'yes', 'to_window' => 'yes']],
            ],
            'threshold-carries-frame' => [
                self::SLAB,
                ['footprint' => ['doors_m' => 2], 'threshold' => ['thickness_m' => 0.04, 'width_m' => 0.1, 'frame_m' => 0.14]],
                'fix', ['threshold' => ['thickness_m' => 0.04, 'width_m' => 0.15, 'frame_m' => 0.14]],
            ],
            'sill-finishes-flush' => [
                self::SLAB,
                ['footprint' => ['doors_m' => 2], 'threshold' => ['thickness_m' => 0.04, 'width_m' => 0.15, 'sill_m' => 0.02]],
                'note', [],
            ],
            'sheet-bears-stone' => [
                self::RAFT, ['stone_over' => ['thickness_m' => 0.1], 'sheet' => ['thickness_m' => 0.00015]], 'fix',
                ['stone_over' => ['thickness_m' => 0.1], 'sheet' => ['thickness_m' => 0.0004]],
            ],
            'cracks-filled' => [self::OLD, ['repairs' => ['cracks' => [self::CRACK]]], 'fix', []],
            'wet-cracks-led-away' => [self::OLD, ['repairs' => ['cracks' => [['wet' => 'yes'] + self::CRACK]]], 'fix', []],
            'wide-cracks-judged' => [self::OLD, ['repairs' => ['cracks' => [['width_m' => 0.008] + self::CRACK]]], 'fix', []],
            'entries-sealed' => [self::OLD, ['repairs' => ['tie_holes' => 'open']], 'fix', []],
            'old-bearing-looked-at' => [
                self::OLD, ['taken_out' => ['pieces' => [
                    ['what' => 'slab', 'material' => 'concrete', 'thickness_m' => 0.1, 'area_m2' => 20],
                ]]], 'note', [],
            ],
            'floor-meets-old' => [
                self::SCREED, [], 'note', [], ['house' => ['old_floor_m' => 0.2]], ['house' => ['old_floor_m' => null]],
            ],
            'step-finishes-flush' => [
                self::SCREED, ['footprint' => ['doors_m' => 1.0]], 'note', ['footprint' => ['doors_m' => 1.0]],
                ['house' => ['step_m' => 0.3]], ['house' => ['step_m' => null]],
            ],
            'sheet-stands-walking' => [self::SLAB, ['sheet' => ['thickness_m' => 0.00025, 'walked' => 'months']], 'fix', []],
            'glue-spares-foam' => [self::OLD, ['lining' => ['bond' => 'solvent']], 'stop', []],
            'course-put-in' => [self::SCREED, ['dpc' => ['kind' => 'injected']], 'fix', []],
            'board-joints-sealed' => [self::OLD, ['lining' => ['sealed' => 'no']], 'fix', []],
            'neighbour-flashed' => [self::BESIDE, ['neighbour' => ['flashing' => 'no']], 'fix', []],
            'rim-sealed' => [self::ROOM, ['deck' => ['rim_m' => 0]], 'fix', []],
            'drainage-filtered' => [self::ROOM, ['drainage' => ['filter' => 'no']], 'fix', []],
            'membrane-lapped' => [self::ROOM, ['membrane' => ['lap_m' => 0.05]], 'fix', ['membrane' => ['lap_m' => 0.075]]],
            'membrane-protected' => [
                self::STEM,
                [
                    'form' => ['inside_m' => 0, 'outside_m' => 0],
                    'edge_outside' => ['thickness_m' => 0],
                    'cover' => ['thickness_m' => 0],
                    'membrane' => ['thickness_m' => 0.0015, 'kind' => 'fluid'],
                ],
                'fix',
                ['membrane' => ['thickness_m' => 0]],
            ],
            'footing-breaks-water' => [self::ROOM, ['footing' => ['course' => 'no']], 'fix', []],
            'course-lapped' => [self::SCREED, ['dpc' => ['lap_m' => 0.05]], 'fix', ['dpc' => ['lap_m' => 0.1]]],
            'course-joined' => [self::SCREED, ['dpc' => ['joined' => 'no']], 'fix', []],
            'course-suits' => [self::SCREED, ['dpc' => ['kind' => 'slate']], 'note', []],
            'jambs-protected' => [self::SCREED, ['dpc' => ['jambs' => 'no']], 'fix', []],
            'cavity-trayed' => [self::SCREED, ['dpc' => ['tray' => 'no']], 'fix', []],
            'gas-collected' => [self::SLAB, [], 'fix', ['gas' => ['pipe_m' => 0.1, 'outlet' => 'roof']], ['radon' => 'yes']],
            'gas-led-out' => [
                self::SLAB,
                ['gas' => ['pipe_m' => 0.1, 'outlet' => 'capped']],
                'note',
                ['gas' => ['pipe_m' => 0.1, 'outlet' => 'roof']],
                ['radon' => 'yes'],
            ],
            'drying-band-high' => [
                self::OLD,
                ['stem' => ['top_above_grade_m' => 0.15], 'deck' => ['top_above_grade_m' => 0.4045]],
                'note',
                ['stem' => ['top_above_grade_m' => 0.35]],
            ],
            'drains-below-floor' => [
                self::ROOM,
                [
                    'drains' => ['outer_m' => 0.4],
                    'footing' => ['depth_below_grade_m' => 2.35],
                    'edge_outside' => ['depth_below_grade_m' => 2.05],
                ],
                'fix',
                [],
            ],
            'pump-chosen' => [self::ROOM, ['drains' => ['outlet' => 'sump']], 'note', ['drains' => ['outlet' => 'daylight']]],
            'nothing-trapped' => [
                self::SLAB,
                ['sheet' => ['position' => 'below'], 'finish' => ['kind' => 'resilient']],
                'fix',
                ['sheet' => ['position' => 'below']],
                ['damp' => ['humidity' => 'store']],
                [],
            ],
            'floor-dry-for-finish' => [
                self::SLAB,
                ['finish' => ['kind' => 'resilient', 'wait_days' => 14]],
                'fix',
                ['finish' => ['kind' => 'resilient', 'wait_days' => 400]],
            ],
            'floor-stays-down' => [self::ROOM, [], 'stop', [], ['damp' => ['water_table_m' => 0.5]], ['damp' => ['water_table_m' => 4]]],
            'boards-stay-down' => [self::ROOM, [], 'note', [], ['damp' => ['water_table_m' => 1.9]], ['damp' => ['water_table_m' => 4]]],
            'pressing-water-kept-out' => [
                self::ROOM,
                ['membrane' => ['kind' => 'solvent-coat']],
                'stop',
                ['membrane' => ['kind' => 'sheet', 'waterstop' => 'yes', 'under_floor' => 'yes']],
                ['damp' => ['water_table_m' => 1.9]],
            ],
            'plane-fits-water' => [self::SCREED, ['heating' => ['plane_c' => 40]], 'note', ['heating' => ['plane_c' => 23]]],
            'water-table-known' => [self::ROOM, [], 'not checked', [], ['water' => 'damp'], ['damp' => ['water_table_m' => 4]]],
            'crawlspace-vents' => [
                self::VENTED,
                ['space' => ['vents_m2_per_m' => 0.0005]],
                'fix',
                ['space' => ['vents_m2_per_m' => 0.0015]],
            ],
            'deck-insulated' => [self::VENTED, ['deck' => ['layers' => [1 => ['material' => 'joists-air']]]], 'fix', []],
            'headroom' => [self::ROOM, ['slab' => ['top_above_grade_m' => -1.7]], 'note', []],
            'floor-meets-limit' => [self::SLAB, [], 'stop', [], ['floor_limit_w_m2k' => 0.15], ['floor_limit_w_m2k' => 0.5]],
            'meets-under-slab' => [
                self::SLAB,
                ['field_board' => ['thickness_m' => 0.025], 'perimeter_board' => ['width_m' => 0]],
                'fix',
                ['field_board' => ['thickness_m' => 0.1]],
                ['requirements' => 'practice'],
            ],
            'meets-edge' => [
                self::SLAB,
                ['edge_outside' => ['thickness_m' => 0.02], 'edge_inside' => ['thickness_m' => 0.02]],
                'fix',
                [],
                ['requirements' => 'practice'],
            ],
            'meets-basement-wall' => [
                self::ROOM,
                ['edge_outside' => ['thickness_m' => 0.03]],
                'fix',
                ['edge_outside' => ['thickness_m' => 0.08]],
                ['requirements' => 'zone-5'],
            ],
            'meets-crawlspace-wall' => [
                self::CRAWL,
                ['lining' => ['layers' => [self::FOAM]]],
                'fix',
                ['lining' => ['layers' => [['material' => 'xps-25psi', 'thickness_m' => 0.1]]]],
                ['requirements' => 'zone-5'],
            ],
            'meets-deck' => [
                self::VENTED,
                [],
                'fix',
                ['deck' => ['layers' => [1 => ['thickness_m' => 0.3]], 'top_above_grade_m' => 0.6]],
                ['requirements' => 'zone-5'],
            ],
            'wing-drained' => [self::RAFT, [], 'note', ['drains' => ['outer_m' => 0.1]], ['water' => 'not-said']],
            'wing-deep-enough' => [self::RAFT, ['wing' => ['depth_m' => 0.1]], 'fix', ['wing' => ['depth_m' => 0.25]]],
            'wing-firm-under-paving' => [
                self::RAFT,
                ['wing' => ['material' => 'xps-25psi']],
                'fix',
                ['wing' => ['material' => 'xps-40psi']],
                ['frost' => ['surface' => 'paved']],
            ],
            'frost-away-from-water' => [self::SLAB, [], 'note', ['drains' => ['outer_m' => 0.1]], ['water' => 'damp']],
            'stone-under-shallow-bearing' => [self::SLAB, ['stone' => ['thickness_m' => 0]], 'fix', []],
            'neighbour-stands-frost' => [self::BESIDE, [], 'note', [], [], ['frost' => ['susceptibility' => 'no']]],
            'warm-enough-for-table' => [self::SLAB, [], 'note', [], ['indoor_c' => 15], ['indoor_c' => 20]],
            'frost-table-met' => [self::SLAB, [], 'fix', [
                'edge_outside' => ['material' => 'xps-25psi', 'thickness_m' => 0.05, 'depth_below_grade_m' => 0.5],
                'wing' => ['material' => 'xps-40psi', 'thickness_m' => 0.05, 'width_m' => 0.7, 'depth_m' => 0.3],
            ]],
            'lot-line-kept' => [self::SLAB, ['footprint' => ['lot_line_m' => 0.4]], 'note', ['footprint' => ['lot_line_m' => 3.0]]],
        ];
    }

    /**
     * @return iterable<string, array{string, string, array<string, mixed>, string, array<string, mixed>, array<string, mixed>,
     * array<string, mixed>}>
     */
    public static function rules(): iterable
    {
        foreach (self::table() as $id => $row) {
            yield $id => [$id, $row[0], $row[1], $row[2], $row[3], $row[4] ?? [], $row[5] ?? []];
        }
    }

    /**
     * @param  array<string, mixed>  $broken
     * @param  array<string, mixed>  $sound
     * @param  array<string, mixed>  $site
     * @param  array<string, mixed>  $soundSite
     */
    #[DataProvider('rules')]
    public function test_it_finds_what_is_broken_and_its_remedy_settles_it(
        string $id,
        string $family,
        array $broken,
        string $severity,
        array $sound,
        array $site,
        array $soundSite,
    ): void {
        $rule = Rulebook::all()[$id];
        $subject = new Subject(self::site($site), self::design($family, $broken));
        $finding = $rule->judge($subject);
        self::assertNotNull($finding, 'the broken design is found');
        self::assertSame($severity, $finding->severity->value);
        $after = $rule->judge(new Subject(self::site([...$site, ...$soundSite]), self::design($family, $sound)));
        self::assertContains($after?->severity, [null, Severity::NotChecked], 'the sound one is not found');
        if ($finding->severity === Severity::NotChecked) {
            self::assertNull($finding->remedy, 'what is not known is asked, not changed');

            return;
        }
        foreach (UnitSystem::cases() as $units) {
            $inUnits = new Subject($subject->site, $subject->design, $units);
            $remedy = $rule->judge($inUnits)?->remedy;
            if ($remedy !== null) {
                $then = $remedy->applied($subject->design);
                self::assertNotContains(
                    $rule->judge(new Subject($subject->site, $then, $units))?->severity,
                    [Severity::Stop, Severity::Fix],
                    'the remedy settles it',
                );
                self::assertEquals($then, DesignCodec::fromArray(
                    DesignCodec::toArray($then), $then->materials(),
                ), 'and makes a design that files can hold');
            }
        }
    }

    public function test_every_rule_is_tested_and_says_where_it_comes_from(): void
    {
        $ids = array_keys(Rulebook::all());
        self::assertGreaterThanOrEqual(40, count($ids));
        self::assertSame([], array_diff($ids, array_keys(self::table()), self::BY_FIELD), 'rules without a row in the table');
        self::assertSame([], array_diff(array_keys(self::table()), $ids), 'rows without a rule');
        foreach (Rulebook::all() as $id => $rule) {
            self::assertMatchesRegularExpression('~^[A-Z].{15,}\.$~su', $rule->asks(), $id);
            self::assertMatchesRegularExpression('~^[A-Z].{15,}\.$~su', $rule->why(), $id);
            self::assertMatchesRegularExpression('~no source|from memory|ISO|the site|practice~', $rule->source(), $id);
        }
    }

    public function test_rules_that_hang_on_the_field_speak_once_it_is_solved(): void
    {
        $project = Examples::boathouse();
        $hanging = array_keys(array_filter(Rulebook::all(), static fn (Rule $r): bool => $r->hangsOnField()));
        self::assertEqualsCanonicalizing(['floor-meets-limit', ...self::BY_FIELD], $hanging);
        [$tray, $even] = [$project->options[0]->design, $project->options[1]->design];
        foreach ([$tray, $even] as $design) {
            self::assertNull(Rulebook::all()['junction-is-small']->judge(new Subject($project->site, $design)), 'nothing is said before');
        }
        // Four inches throughout: the floor itself loses little, so that its edge stands out.
        $field = Assessor::assess($project->site, $even)->field;
        $finding = Rulebook::all()['junction-is-small']->judge(new Subject($project->site, $even, field: $field));
        self::assertSame(Severity::Note, $finding?->severity);
        self::assertEqualsWithDelta(
            $field->steadyCoefficient - $field->formula->steadyCoefficient,
            (float) $finding->measured?->value,
            1e-9,
        );
        $raft = Families::all()['frost-protected-raft']->preset(Footprint::rectangle(12.0, 8.0), UnitSystem::Metric);
        self::assertNull(
            Rulebook::all()['junction-is-small']->judge(
                new Subject(self::site([]), $raft, field: Assessor::assess(self::site([]), $raft)->field),
            ),
            'a raft that is wrapped all round has a small one',
        );

        // The tray keeps the limit by the formula and not by the field, in which the junction is.
        self::assertNull(Rulebook::all()['floor-meets-limit']->judge(new Subject($project->site, $tray)));
        $solved = Assessor::assess($project->site, $tray)->field;
        self::assertGreaterThan($project->site->floorLimit, $solved->transmittance());
        $finding = Rulebook::all()['floor-meets-limit']->judge(new Subject($project->site, $tray, field: $solved));
        self::assertSame(Severity::Note, $finding?->severity, 'disputed is for the site to settle');
        self::assertEqualsWithDelta($solved->transmittance(), (float) $finding->measured?->value, 1e-12);
    }

    public function test_a_board_that_stands_between_the_slabs_anyway_is_a_break(): void
    {
        $beside = static fn (float $depth): Subject => new Subject(self::site([]), self::design(self::BESIDE, [
            'footprint' => ['garage_m' => 4.0, 'porch_m' => 0], 'neighbour' => ['thickness_m' => 0], 'edge_outside' => [
                'material' => 'xps-25psi',
                'thickness_m' => 0.1,
                'depth_below_grade_m' => $depth,
            ],
        ]));
        self::assertNull(Rulebook::all()['break-at-garage']->judge($beside(0.5)), 'the outside board parts them');
        // The garage's slab reaches from 100 mm over the ground down to it; a board that ends above its underside does not.
        $short = self::design(
            self::BESIDE,
            [
                'footprint' => ['garage_m' => 4.0, 'porch_m' => 0],
                'neighbour' => ['thickness_m' => 0, 'top_above_grade_m' => 0],
                'edge_outside' => ['material' => 'xps-25psi', 'thickness_m' => 0.1, 'depth_below_grade_m' => 0.05],
            ],
        );
        self::assertSame(Severity::Fix, Rulebook::all()['break-at-garage']->judge(new Subject(self::site([]), $short))?->severity);
    }

    public function test_no_rule_fails_on_any_design_and_every_sentence_can_be_written(): void
    {
        foreach (Examples::all() as $project) {
            foreach ($project->options as $option) {
                foreach (UnitSystem::cases() as $units) {
                    $judgement = Judgement::of(new Subject($project->site, $option->design, $units), $option->setAside);
                    foreach ($judgement->findings as $judged) {
                        self::assertContains($judged->finding->severity, $judged->finding->rule->weights(), $judged->finding->rule->id());
                        if ($judged->finding->unsaid !== null) {
                            self::assertNotNull(SizePath::said($judged->finding->unsaid), $judged->finding->rule->id());
                        }
                        $said = $judged->finding->said->in(new QuantityFormatter($units));
                        self::assertMatchesRegularExpression('~^[A-Z0-9].*\.$~su', $said);
                        self::assertDoesNotMatchRegularExpression('~%[\ds]~', $said);
                        self::assertDoesNotMatchRegularExpression(
                            '~%[\ds]~',
                            (string) $judged->finding->remedy?->said->in(new QuantityFormatter($units)),
                        );
                    }
                }
            }
        }
    }

    public function test_every_family_starts_with_nothing_to_put_right(): void
    {
        foreach (Families::all() as $slug => $family) {
            foreach (UnitSystem::cases() as $units) {
                $found = Rulebook::findings(new Subject(self::site([]), $family->preset(Footprint::rectangle(12.0, 8.0), $units), $units));
                $grave = array_map(
                    static fn (Finding $f): string => $f->rule->id(),
                    array_filter($found, static fn (Finding $f): bool => in_array($f->severity, [Severity::Stop, Severity::Fix], true)),
                );
                // No family knows the winter yet.
                self::assertSame([], array_values(array_diff($grave, ['frost-table-met'])), "{$slug}, {$units->value}");
            }
        }
    }

    public function test_what_is_missing_is_not_checked_and_never_holds(): void
    {
        $judgement = Judgement::of(
            new Subject(
                self::site(['water' => 'not-said', 'radon' => 'not-said', 'termites' => 'not-said']),
                self::design(self::SLAB, ['sheet' => ['lap_m' => 0, 'joints' => 'not-said'], 'steel' => ['bar_m' => 0]]),
            ),
        );
        foreach ([
            'bearing-board-carries', 'field-board-carries', 'soil-carries-edge', 'sheet-lapped', 'sheet-taped', 'radon-known',
            'termites-known', 'steel-covered',
        ] as $rule) {
            self::assertSame(Severity::NotChecked, $judgement->find($rule)?->finding->severity, $rule);
        }
        self::assertNotSame('holds', $judgement->word()->value);
    }

    public function test_a_remedy_that_breaks_another_rule_says_so(): void
    {
        $judgement = Judgement::of(
            new Subject(
                self::site([]),
                self::design(self::SLAB, ['stem' => ['top_above_grade_m' => 0.2], 'dpc' => ['thickness_m' => 0],
                    'slab' => ['top_above_grade_m' => 0.1]]),
            ),
        );
        $judged = $judgement->find('wood-off-concrete');
        self::assertSame(['course-high-enough'], array_map(static fn (Finding $f): string => $f->rule->id(), $judged->brings ?? []));
    }

    public function test_a_remedy_that_cannot_be_built_says_why(): void
    {
        // A pad stands so high that no more stone fits over it.
        $design = self::design(
            self::RAFT,
            ['stone' => ['thickness_m' => 0.02], 'pads' => ['depth_below_grade_m' => 0.45, 'height_m' => 0.3]],
        );
        $judged = Judgement::of(new Subject(self::site([]), $design))->find('stone-deep');
        self::assertNotNull($judged?->finding->remedy);
        self::assertSame('stone and boards go over the pad', $judged->obstacle);
        self::assertFalse($judged->canBeRemedied());
    }
}
