<?php

declare(strict_types=1);

namespace Ondergrond\Exchange;

use Ondergrond\Caution;
use Ondergrond\Drawing\Area;
use Ondergrond\Drawing\Drawing;
use Ondergrond\Drawing\Handle;
use Ondergrond\Drawing\Role;
use Ondergrond\Drawing\SectionFlags;
use Ondergrond\Drawing\Strokes;
use Ondergrond\Drawing\Text;
use Ondergrond\Material\Hatch;
use Ondergrond\Version;

/**
 * Writes a drawing as DXF release 12 (AC1009), in millimetres of the building, y up, a layer for each role and for each
 * kind of hatch. Release 12 is plain ASCII without units of its own; other letters are written as \U+XXXX.
 */
final class DxfWriter
{
    /** Height of writing, mm of paper. */
    private const WRITING = 2.6;

    /** Colour of each role by the format's own index. */
    private const COLOURS = [
        Role::Area->value => 7, Role::Hatch->value => 8, Role::Ground->value => 9, Role::Sheet->value => 4, Role::Airtight->value => 6,
        Role::Level->value => 7, Role::Datum->value => 7, Role::Dimension->value => 2, Role::Flag->value => 3, Role::Note->value => 7,
        Role::Handle->value => 7, Role::Isotherm->value => 30, Role::Frost->value => 5, Role::Ice->value => 140,
        Role::Ledge->value => 33, Role::Middle->value => 8, Role::Boundary->value => 30, Role::Water->value => 150,
        Role::Condensation->value => 170, Role::Named->value => 7, Role::Question->value => 30,
        Role::Joint->value => 7, Role::Service->value => 33,
    ];

    /** Layer of the outlines of what stands already. */
    private const STANDS = 'STANDS_ALREADY';

    /** @var list<string> */
    private array $lines = [];

    private function __construct(private readonly Drawing $drawing) {}

    /**
     * @param  string  $heading  what it shows
     * @param  string  $hash  of the input it was drawn from
     */
    public static function write(Drawing $drawing, string $heading, string $hash): string
    {
        $writer = new self($drawing);
        $writer->comment(
            sprintf(
                '%s. %s, 1 : %s. Ondergrond %s, methods %d, input %s. %s', $heading, $drawing->title, $drawing->scale,
                Version::PROGRAM, Version::METHODS, $hash, Caution::TEXT,
            ),
        );
        $writer->header();
        $writer->tables();
        $writer->pair(0, 'SECTION');
        $writer->pair(2, 'ENTITIES');
        foreach ($drawing->items as $item) {
            match (true) {
                $item instanceof Area => $writer->area($item),
                $item instanceof Strokes => $writer->strokes($item),
                $item instanceof Text => $writer->text($item),
                $item instanceof Handle => null,
                default => null,
            };
        }
        $writer->pair(0, 'ENDSEC');
        $writer->pair(0, 'EOF');

        return implode("\r\n", $writer->lines)."\r\n";
    }

    private function header(): void
    {
        [$x0, $y0, $x1, $y1] = array_map(static fn (float $m): float => 1000 * $m, $this->drawing->box);
        $this->pair(0, 'SECTION');
        $this->pair(2, 'HEADER');
        $this->pair(9, '$ACADVER');
        $this->pair(1, 'AC1009');
        foreach (['$EXTMIN' => [$x0, $y0], '$EXTMAX' => [$x1, $y1]] as $name => [$x, $y]) {
            $this->pair(9, $name);
            $this->pair(10, $x);
            $this->pair(20, $y);
            $this->pair(30, 0.0);
        }
        $this->pair(0, 'ENDSEC');
    }

    private function tables(): void
    {
        $this->pair(0, 'SECTION');
        $this->pair(2, 'TABLES');
        $this->pair(0, 'TABLE');
        $this->pair(2, 'LTYPE');
        $this->pair(70, 1);
        $this->pair(0, 'LTYPE');
        $this->pair(2, 'CONTINUOUS');
        $this->pair(70, 0);
        $this->pair(3, 'Solid line');
        $this->pair(72, 65);
        $this->pair(73, 0);
        $this->pair(40, 0.0);
        $this->pair(0, 'ENDTAB');
        $layers = [];
        foreach (Role::cases() as $role) {
            if ($role !== Role::Area && $role !== Role::Handle) {
                $layers[self::layer($role)] = self::COLOURS[$role->value];
            }
        }
        foreach (Hatch::cases() as $hatch) {
            $layers[self::partLayer($hatch)] = self::COLOURS[Role::Area->value];
        }
        $layers[self::STANDS] = self::COLOURS[Role::Ground->value];
        $this->pair(0, 'TABLE');
        $this->pair(2, 'LAYER');
        $this->pair(70, count($layers));
        foreach ($layers as $name => $colour) {
            $this->pair(0, 'LAYER');
            $this->pair(2, $name);
            $this->pair(70, 0);
            $this->pair(62, $colour);
            $this->pair(6, 'CONTINUOUS');
        }
        $this->pair(0, 'ENDTAB');
        $this->pair(0, 'ENDSEC');
    }

    private function area(Area $area): void
    {
        if ($area->fill !== Hatch::Air && $area->fill !== Hatch::Soil) {
            $this->polyline($area->polygon, $area->stands ? self::STANDS : self::partLayer($area->fill), true);
        }
    }

    private function strokes(Strokes $strokes): void
    {
        foreach ($strokes->lines as $line) {
            $this->polyline($line, self::layer($strokes->role), false);
        }
    }

    private function text(Text $text): void
    {
        $mm = $this->drawing->paper();
        $layer = self::layer($text->role);
        [$x, $y] = $text->at;
        if ($text->role === Role::Flag) {
            $this->pair(0, 'CIRCLE');
            $this->pair(8, $layer);
            $this->at(10, $x, $y);
            $this->pair(40, 1000 * SectionFlags::RADIUS * $mm);
            $y -= self::WRITING / 2 * $mm;
        }
        $this->pair(0, 'TEXT');
        $this->pair(8, $layer);
        $this->at(10, $x, $y);
        $this->pair(40, 1000 * self::WRITING * $mm);
        $this->pair(1, self::ascii($text->text));
        if ($text->turn !== 0.0) {
            $this->pair(50, $text->turn);
        }
        $align = ['start' => 0, 'middle' => 1, 'end' => 2][$text->anchor];
        if ($align !== 0) {
            $this->pair(72, $align);
            $this->at(11, $x, $y);
        }
    }

    /** @param  list<array{float, float}>  $points */
    private function polyline(array $points, string $layer, bool $closed): void
    {
        if (count($points) < 2) {
            return;
        }
        if (! $closed && count($points) === 2) {
            $this->pair(0, 'LINE');
            $this->pair(8, $layer);
            $this->at(10, ...$points[0]);
            $this->at(11, ...$points[1]);

            return;
        }
        $this->pair(0, 'POLYLINE');
        $this->pair(8, $layer);
        $this->pair(66, 1);
        $this->at(10, 0.0, 0.0);
        $this->pair(70, $closed ? 1 : 0);
        foreach ($points as [$x, $y]) {
            $this->pair(0, 'VERTEX');
            $this->pair(8, $layer);
            $this->at(10, $x, $y);
        }
        $this->pair(0, 'SEQEND');
        $this->pair(8, $layer);
    }

    private static function layer(Role $role): string
    {
        return strtoupper($role->value);
    }

    private static function partLayer(Hatch $hatch): string
    {
        return 'CUT_'.strtoupper(str_replace('-', '_', $hatch->value));
    }

    /** x, y, z of a point given in m, as mm. */
    private function at(int $code, float $x, float $y): void
    {
        $this->pair($code, 1000 * $x);
        $this->pair($code + 10, 1000 * $y);
        $this->pair($code + 20, 0.0);
    }

    private function comment(string $words): void
    {
        foreach (explode("\n", wordwrap(self::ascii($words), 200, "\n", true)) as $line) {
            $this->pair(999, $line);
        }
    }

    private function pair(int $code, string|int|float $value): void
    {
        $this->lines[] = sprintf('%3d', $code);
        $this->lines[] = is_float($value) ? sprintf('%.4F', $value) : (string) $value;
    }

    /** No line ends within a value; what ASCII lacks by its number. */
    private static function ascii(string $text): string
    {
        $plain = (string) preg_replace('~[[:cntrl:]]+~u', ' ', str_replace("\u{a0}", ' ', mb_scrub($text)));

        return (string) preg_replace_callback(
            '~[^\x20-\x7e]~u',
            static fn (array $m): string => sprintf('\\U+%04X', mb_ord($m[0])),
            $plain,
        );
    }
}
