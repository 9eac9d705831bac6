<?php

declare(strict_types=1);

namespace Ondergrond\Codec;

use Ondergrond\Design\Design;
use Ondergrond\Design\EdgeBeam;
use Ondergrond\Design\Families\ExistingBasement;
use Ondergrond\Design\Footprint;
use Ondergrond\Design\Layer;
use Ondergrond\Design\Part;
use Ondergrond\Design\Slab;
use Ondergrond\Design\Standing;
use Ondergrond\Design\Wall;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Material;
use Ondergrond\Material\Materials;
use Ondergrond\Material\Place;

/** Design to and from the shape it has in project files ($defs/design of the schema). */
final class DesignCodec
{
    /** A board may lie wherever any board may; what is wise there is for the rulebook. */
    private const BOARDS = [Place::UnderSlab, Place::UnderBearing, Place::EdgeInside, Place::EdgeOutside];

    /** @var array<string, mixed>|null */
    private static ?array $leftOut = null;

    /** @return array<string, mixed> */
    public static function toArray(Design $design): array
    {
        $data = ['family' => $design->family, 'footprint' => PartCodec::toArray($design->footprint)];
        foreach (Part::cases() as $part) {
            $data[$part->value] = PartCodec::toArray($part->of($design));
        }
        $data['standing'] = self::standing($design->standing);

        return $data;
    }

    /** @return array<string, 'new'|'existing'> by part, of those that it can be said of */
    private static function standing(Standing $standing): array
    {
        $data = [];
        foreach (array_filter(Part::cases(), Standing::may(...)) as $part) {
            $data[$part->value] = $standing->has($part) ? Standing::EXISTING : Standing::NEW;
        }

        return $data;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  Materials|null  $materials  which its slugs are those of; null: the generic ones
     *
     * @throws FaultyInput with every fault, pointers beginning at the design
     */
    public static function fromArray(array $data, ?Materials $materials = null): Design
    {
        $faults = Schema::Project->partFaults($data, 'design');

        return $faults === [] ? self::fromValid($data, $materials) : throw FaultyInput::because($faults);
    }

    /**
     * @param  array<string, mixed>  $data  of the schema's shape
     *
     * @throws FaultyInput for an unknown or misplaced material, or parts that cannot be built together
     */
    public static function fromValid(array $data, ?Materials $materials = null): Design
    {
        $materials ??= Materials::generic();
        $data = self::completed($data);
        $faults = self::materialFaults($data, $materials);
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }
        $parts = [];
        foreach (Part::cases() as $part) {
            $parts[$part->property()] = PartCodec::fromArray($part->type(), $data[$part->value], $materials);
        }

        return new Design(
            ...[
                'family' => $data['family'],
                'footprint' => PartCodec::fromArray(Footprint::class, $data['footprint'], $materials),
                ...$parts,
                'standing' => new Standing(...array_map(
                    Part::from(...), array_keys($data['standing'], Standing::EXISTING, true),
                )),
            ],
        );
    }

    /**
     * What older files and states lack is left out, in the sizes that it would come in with.
     *
     * @param  array<string, mixed>  $data  of the schema's shape
     * @return array<string, mixed> with every part and every size of it
     */
    public static function completed(array $data): array
    {
        // Before it could be said of a part, one family alone stood already.
        if (! isset($data['standing']) && ($data['family'] ?? '') === ExistingBasement::SLUG) {
            $data['standing'] = self::standing(ExistingBasement::standing());
        }

        return PartCodec::completed($data, self::leftOut());
    }

    /** @return array<string, mixed> the least design, most of whose parts are left out */
    private static function leftOut(): array
    {
        if (self::$leftOut === null) {
            $slab = new Slab(new Layer('reinforced-concrete', 0.1), 0.1);
            $least = new Design('', Footprint::rectangle(10, 10), $slab, new Wall([], []), edgeBeam: new EdgeBeam(0.4, 0.6));
            self::$leftOut = self::toArray($least);
            self::$leftOut['edge_beam']['width_m'] = 0.0;
        }

        return self::$leftOut;
    }

    /**
     * @param  array<string, mixed>  $data
     * @return list<Fault>
     */
    private static function materialFaults(array $data, Materials $materials): array
    {
        $faults = [];
        foreach (Part::cases() as $part) {
            $place = $part->place();
            if ($place === null) {
                array_push($faults, ...self::unknown($part, $data[$part->value], $materials));

                continue;
            }
            $places = in_array($place, self::BOARDS, true) ? self::BOARDS : [$place];
            foreach ($data[$part->value] as $key => $value) {
                if (in_array($key, SizePath::MATERIALS, true)) {
                    $faults[] = self::materialFault("/{$part->value}/{$key}", $value, $places, $materials);
                }
                $made = array_filter(is_array($value) ? $value : [], static fn (mixed $of): bool => isset($of['material']));
                foreach ($made as $i => $layer) {
                    $faults[] = self::materialFault("/{$part->value}/{$key}/{$i}/material", $layer['material'], $places, $materials);
                }
            }
        }

        return array_values(array_filter($faults));
    }

    /**
     * Of lists of what has gone: any material there is.
     *
     * @param  array<string, mixed>  $data
     * @return list<Fault>
     */
    private static function unknown(Part $part, array $data, Materials $materials): array
    {
        $faults = [];
        foreach ($data as $key => $list) {
            foreach (is_array($list) ? $list : [] as $i => $one) {
                if (isset($one['material']) && $materials->find($one['material']) === null) {
                    $faults[] = Fault::of(
                        "/{$part->value}/{$key}/{$i}/material", "“{$one['material']}”", implode(', ', array_keys($materials->all())),
                    );
                }
            }
        }

        return $faults;
    }

    /** @param  list<Place>  $places */
    private static function materialFault(string $pointer, string $slug, array $places, Materials $materials): ?Fault
    {
        $fits = static fn (Material $m): bool => array_filter($places, $m->fits(...)) !== [];
        $material = $materials->find($slug);

        return $material !== null && $fits($material)
            ? null
            : Fault::of($pointer, "“{$slug}”", implode(', ', array_keys(array_filter($materials->all(), $fits))));
    }
}
