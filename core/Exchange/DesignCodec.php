<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\PerimeterZone;
use Ondergrond\Design\Sheet;
use Ondergrond\Design\SheetPosition;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Wall;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Material;
use Ondergrond\Material\Place;

/** Design to and from the shape it has in project files ($defs/design of the schema). */
final class DesignCodec
{
    /** Which materials may stand at each part at all; what is wise there is for the rulebook. */
    private const PLACES = [
        '/slab' => [Place::Slab],
        '/field_board' => self::BOARDS,
        '/perimeter_board' => self::BOARDS,
        '/edge_inside' => self::BOARDS,
        '/edge_under' => self::BOARDS,
        '/edge_outside' => self::BOARDS,
        '/stone' => [Place::Bed],
    ];

    private const BOARDS = [Place::UnderSlab, Place::UnderBearing, Place::EdgeInside, Place::EdgeOutside];

    /** @return array<string, mixed> */
    public static function toArray(Design $design): array
    {
        $layer = static fn (Layer $l): array => ['material' => $l->material->slug, 'thickness_m' => $l->thickness];

        return [
            'family' => $design->family,
            'footprint' => [
                'area_m2' => $design->footprint->area,
                'perimeter_m' => $design->footprint->perimeter,
                'exposed_perimeter_m' => $design->footprint->exposed,
            ],
            'slab' => [...$layer($design->slab->layer), 'top_above_grade_m' => $design->slab->topAboveGrade],
            'edge_beam' => ['width_m' => $design->beam->width, 'depth_m' => $design->beam->depth],
            'field_board' => $layer($design->field),
            'perimeter_board' => [...$layer($design->perimeter->board), 'width_m' => $design->perimeter->width],
            'edge_inside' => $layer($design->edgeInside),
            'edge_under' => $layer($design->edgeUnder),
            'edge_outside' => [...$layer($design->edgeOutside->board), 'depth_below_grade_m' => $design->edgeOutside->depth],
            'sheet' => ['thickness_m' => $design->sheet->thickness, 'position' => $design->sheet->position->value],
            'stone' => $layer($design->stone),
            'wall' => [
                'inside' => array_map($layer, $design->wall->inside),
                'outside' => array_map($layer, $design->wall->outside),
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws FaultyInput with every fault, pointers beginning at the design
     */
    public static function fromArray(array $data): Design
    {
        $faults = Schema::Project->partFaults($data, 'design');

        return $faults === [] ? self::fromValid($data) : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape
     *
     * @throws FaultyInput for an unknown or misplaced material, or parts that cannot be built together
     */
    public static function fromValid(array $data): Design
    {
        $faults = self::materialFaults($data);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $layer = static fn (array $l): Layer => Layer::of(Catalogue::get($l['material']), (float) $l['thickness_m']);

        return Design::of(
            $data['family'],
            Footprint::of((float) $data['footprint']['area_m2'], (float) $data['footprint']['perimeter_m'], (float) $data['footprint']['exposed_perimeter_m']),
            new Slab($layer($data['slab']), (float) $data['slab']['top_above_grade_m']),
            new EdgeBeam((float) $data['edge_beam']['width_m'], (float) $data['edge_beam']['depth_m']),
            $layer($data['field_board']),
            new PerimeterZone($layer($data['perimeter_board']), (float) $data['perimeter_board']['width_m']),
            $layer($data['edge_inside']),
            $layer($data['edge_under']),
            new OutsideBoard($layer($data['edge_outside']), (float) $data['edge_outside']['depth_below_grade_m']),
            new Sheet((float) $data['sheet']['thickness_m'], SheetPosition::from($data['sheet']['position'])),
            $layer($data['stone']),
            new Wall(array_map($layer, array_values($data['wall']['inside'])), array_map($layer, array_values($data['wall']['outside']))),
        );
    }

    /**
     * @param  array<string, mixed>  $data
     * @return list<Fault>
     */
    private static function materialFaults(array $data): array
    {
        $faults = [];
        foreach (self::PLACES as $part => $places) {
            $faults[] = self::materialFault("{$part}/material", $data[substr($part, 1)]['material'], $places);
        }
        foreach (['inside', 'outside'] as $side) {
            foreach ($data['wall'][$side] as $i => $layer) {
                $faults[] = self::materialFault("/wall/{$side}/{$i}/material", $layer['material'], [Place::Wall]);
            }
        }

        return array_values(array_filter($faults));
    }

    /** @param  list<Place>  $places */
    private static function materialFault(string $pointer, string $slug, array $places): ?Fault
    {
        $fits = static fn (Material $m): bool => array_filter($places, $m->fits(...)) !== [];
        $material = Catalogue::find($slug);

        return $material !== null && $fits($material)
            ? null
            : Fault::of($pointer, "“{$slug}”", implode(', ', array_keys(array_filter(Catalogue::all(), $fits))));
    }
}
