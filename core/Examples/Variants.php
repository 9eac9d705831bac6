<?php

declare(strict_types=1);

namespace Ondergrond\Examples;

use Ondergrond\Codec\DesignCodec;
use Ondergrond\Design\Design;
use Ondergrond\Material\Product;
use Ondergrond\Units\Unit;

/** What some options of the examples have beside the usual, and what the demo's firm buys; invented. */
final class Variants
{
    /** A post on hard board, one on its own pad, a bearing wall on the slab; bolts, and a door whose frame stands on foam. */
    public static function withPosts(Design $form): Design
    {
        $inch = Unit::INCH;
        $post = ['live_kn' => 4.0, 'plate_m' => 8 * $inch, 'height_m' => 12 * $inch];

        return self::changed($form, [
            'supports' => [
                'posts' => [
                    [
                        'permanent_kn' => 9.0, ...$post, 'foot' => 'hard-board', 'material' => 'xps-60psi', 'width_m' => 18 * $inch,
                        'from_edge_m' => 34 * $inch, 'count' => 2,
                    ],
                    [
                        'permanent_kn' => 22.0, ...$post, 'foot' => 'own-pad', 'material' => 'xps-40psi', 'width_m' => 28 * $inch,
                        'from_edge_m' => 62 * $inch, 'count' => 1,
                    ],
                ],
                'strips' => [[
                    'permanent_kn_m' => 3.0, 'live_kn_m' => 2.0, 'plate_m' => 6 * $inch, 'foot' => 'slab', 'material' => 'xps-40psi',
                    'width_m' => 16 * $inch, 'height_m' => 8 * $inch, 'from_edge_m' => 84 * $inch, 'length_m' => 20 * Unit::FOOT,
                ]],
            ],
            'loads' => ['use' => 'store'],
            'anchors' => [
                'bolt_m' => 0.5 * $inch, 'apart_m' => 48 * $inch, 'deep_m' => 7 * $inch, 'from_end_m' => 8 * $inch, 'set' => 'hung',
            ],
            'footing' => ['casting' => 'together', 'braced' => 'yes'],
            'threshold' => ['thickness_m' => 1.5 * $inch, 'width_m' => 6 * $inch, 'frame_m' => 5.5 * $inch, 'sill_m' => 0.75 * $inch],
        ]);
    }

    /** @return array{Design, Design} a slab with the mistakes of a hurried drawing, and the same put right */
    public static function hurried(Design $slab): array
    {
        $right = self::changed($slab, [
            'footprint' => ['doors_m' => 4.2],
            'field_board' => ['material' => 'eps-25psi', 'thickness_m' => 0.1],
            'perimeter_board' => ['thickness_m' => 0.12],
            'sheet' => ['lap_m' => 0.3, 'joints' => 'taped'],
            'edge_inside' => ['bevel_m' => 0.05],
            'edge_outside' => ['material' => 'xps-25psi', 'thickness_m' => 0.1, 'depth_below_grade_m' => 0.55],
            'edge_under' => ['material' => 'xps-40psi', 'thickness_m' => 0.05],
            'cover' => ['material' => 'cement-board', 'thickness_m' => 0.012],
            'shield' => ['thickness_m' => 0.0005, 'drip_m' => 0.02],
            'dpc' => ['thickness_m' => 0.001, 'height_above_grade_m' => 0.2],
            'threshold' => ['thickness_m' => 0.04, 'width_m' => 0.15],
            'steel' => ['bar_m' => 0.012, 'cover_m' => 0.04],
            'gas' => ['pipe_m' => 0.1, 'outlet' => 'roof'],
            // What the table for shallow foundations asks in this winter, corners with it.
            'wing' => [
                'material' => 'xps-40psi',
                'thickness_m' => 0.05,
                'width_m' => 0.6,
                'depth_m' => 0.3,
                'fall_m' => 0.02,
                'corner_width_m' => 0.65,
                'corner_length_m' => 1.05,
            ],
            'loads' => [
                'line_kn_m' => 14.0,
                'line_live_kn_m' => 6.0,
                'post_kn' => 6.0,
                'post_live_kn' => 4.0,
                'plate_m' => 0.2,
                'floor_live_kpa' => 3.0,
                'use' => 'office',
            ],
        ]);
        $wrong = self::changed($right, [
            'field_board' => ['material' => 'eps-15psi', 'thickness_m' => 0.05],
            'perimeter_board' => ['material' => 'eps-15psi', 'thickness_m' => 0.05],
            'sheet' => ['thickness_m' => 0.00015, 'position' => 'below', 'lap_m' => 0.1, 'joints' => 'lapped'],
            'edge_inside' => ['bevel_m' => 0.0],
            'edge_outside' => ['depth_below_grade_m' => 0.3],
            'edge_under' => ['material' => 'stone-wool-board', 'thickness_m' => 0.1],
            'cover' => ['thickness_m' => 0.0],
            'shield' => ['thickness_m' => 0.0],
            'dpc' => ['thickness_m' => 0.0],
            'threshold' => ['thickness_m' => 0.0],
            'wing' => ['thickness_m' => 0.0, 'width_m' => 0.6],
            'steel' => ['cover_m' => 0.01],
            'gas' => ['pipe_m' => 0.0],
        ]);

        return [$wrong, $right];
    }

    /** A foam form whose courses, openings, bars and cover are settled before the first block. */
    public static function formSettled(Design $form): Design
    {
        return self::changed($form, [
            'form' => ['course_m' => 0.4, 'joints_m' => 0.4, 'tied' => 'yes', 'ledge_m' => 0.1, 'ledge_height_m' => 0.15],
            'bucks' => [
                'openings' => 'yes', 'sized' => 'yes', 'holes' => 'yes', 'sloped' => 'yes', 'to_core' => 'yes', 'to_liner' => 'yes',
                'to_window' => 'not-said',
            ],
            'walkout' => ['wall' => 'same'],
            'edge_steel' => [
                'bar_m' => 0.012, 'count' => 3, 'dowel_m' => 0.012, 'dowel_spacing_m' => 0.3, 'wall_bar_m' => 0.012,
                'wall_spacing_m' => 0.4, 'wall_cover_m' => 0.05, 'lap_m' => 0.5,
            ],
            'cover' => [
                'material' => 'cement-render', 'thickness_m' => 0.02, 'depth_below_grade_m' => 0.3, 'backing' => 'layers',
                'behind' => [
                    ['kind' => 'wrap', 'lapped' => 'yes'], ['kind' => 'felt', 'lapped' => 'yes'],
                    ['kind' => 'lath', 'lapped' => 'not-said'],
                ],
                'held' => 'webs', 'screw_m' => 0.035, 'screws_apart_m' => 0.2, 'paper' => 'yes', 'keyed' => 'no', 'foot' => 'gravel',
            ],
        ]);
    }

    /** What the demo's firm buys; its data sheet says nothing of vapour. */
    public static function product(): Product
    {
        return new Product(
            'own-grey-plank-200', 1, 'Grey plank 200', 'eps-25psi', null, 2.4, 0.08, false, 28.0, 200.0, 65.0, null, null, 75.0,
            [0.04, 0.06, 0.08, 0.1, 0.12], 'Yard sheet 14, spring 2026', 'grey, two green dots',
        );
    }

    /**
     * The same with other sizes.
     *
     * @param  array<string, array<string, mixed>>  $parts
     */
    public static function changed(Design $design, array $parts): Design
    {
        return DesignCodec::fromArray(array_replace_recursive(DesignCodec::toArray($design), $parts));
    }
}
