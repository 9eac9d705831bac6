<?php

declare(strict_types=1);

namespace Ondergrond\Damp;

use Ondergrond\Design\Design;
use Ondergrond\Design\Done;
use Ondergrond\Design\Layer;
use Ondergrond\Design\MembraneKind;
use Ondergrond\Design\Part;
use Ondergrond\Design\SheetJoints;
use Ondergrond\Material\Catalogue;
use Ondergrond\Material\Kind;
use Ondergrond\Material\Material;

/** What vapour meets in the parts of a design: layers of materials, sheets with their joints, faces of foil. */
final class Passage
{
    /** Of a sheet that is lapped and not taped, so much of the whole sheet's is left; common practice, no source. */
    private const UNTAPED = 0.2;

    /** Foil faces of boards: with their joints taped, and left open, m; common practice, no source. */
    private const FOIL = 50.0;

    private const FOIL_OPEN = 5.0;

    /** µ of bituminous sheets and felts (ISO 10456:2007, table 3, from memory); of a coat as it goes on (common practice, no source). */
    private const BITUMEN = 50_000.0;

    private const COAT = 5_000.0;

    /** @param  Done|null  $sealed  whether the joints of boards are sealed; null where they cannot be open */
    public static function layer(Layer $layer, Part $part, ?Done $sealed = null): VapourLayer
    {
        $material = $layer->material;
        $airLayer = $material->mu * $layer->thickness;
        if ($material->slug === 'pir-foil') {
            $airLayer = max($airLayer, $sealed === null || $sealed === Done::Yes ? self::FOIL : self::FOIL_OPEN);
        }
        // Sheets and foils are cold where what they lie on is: they hold back no heat.
        $resistance = $layer->thickness < 0.001 ? 0.0 : $layer->resistance();

        return new VapourLayer(
            self::name($material), $layer->thickness, $resistance, $airLayer, self::soaks($material->kind),
            self::suffers($material), self::most($layer), $part->value,
        );
    }

    /** The floor's sheet, or the one over its boards; m. */
    public static function sheet(string $name, float $thickness, Part $part, SheetJoints $joints = SheetJoints::Taped): VapourLayer
    {
        $whole = Catalogue::get('polyethylene')->mu * $thickness;

        return new VapourLayer(
            $name,
            $thickness,
            0.0,
            $joints === SheetJoints::Taped ? $whole : self::UNTAPED * $whole,
            part: $part->value,
        );
    }

    public static function membrane(Design $design): VapourLayer
    {
        $membrane = $design->membrane;
        $mu = $membrane->kind === MembraneKind::SolventCoat || $membrane->kind === MembraneKind::NotSaid ? self::COAT : self::BITUMEN;

        return new VapourLayer('the membrane', $membrane->thickness, 0.0, $mu * $membrane->thickness, part: Part::Membrane->value);
    }

    public static function finish(Design $design): VapourLayer
    {
        return new VapourLayer($design->finish->kind->label(), 0.0, 0.0, $design->finish->kind->airLayer(), part: Part::Finish->value);
    }

    /** In a sentence, without its rating. */
    private static function name(Material $material): string
    {
        $name = (string) preg_replace('~[,(].*$~', '', $material->name);
        $name = trim($name);

        return preg_match('~^[A-Z][a-z]~', $name) === 1 ? lcfirst($name) : $name;
    }

    private static function suffers(Material $material): bool
    {
        return $material->kind === Kind::Wood || $material->kind === Kind::MineralWool || in_array(
            $material->slug,
            ['gypsum-board', 'plaster'],
            true,
        );
    }

    /** Boards of wood may take up 3 % of their mass, solid wood 5 % (DIN 4108-3, from memory); kg/m². */
    private static function most(Layer $layer): ?float
    {
        $share = ['wood-panel' => 0.03, 'softwood' => 0.05][$layer->material->slug] ?? null;

        return $share === null ? null : $share * $layer->material->density * $layer->thickness;
    }

    private static function soaks(Kind $kind): bool
    {
        return match ($kind) {
            Kind::Concrete, Kind::Masonry, Kind::Wood, Kind::Mineral, Kind::Aggregate => true,
            default => false,
        };
    }
}
