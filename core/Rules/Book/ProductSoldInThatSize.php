<?php

declare(strict_types=1);

namespace Ondergrond\Rules\Book;

use Ondergrond\Design\Design;
use Ondergrond\Design\InsideBoard;
use Ondergrond\Design\Layer;
use Ondergrond\Design\OutsideBoard;
use Ondergrond\Design\Part;
use Ondergrond\Design\PerimeterBoard;
use Ondergrond\Design\Wing;
use Ondergrond\Rules\Concern;
use Ondergrond\Rules\Finding;
use Ondergrond\Rules\Remedy;
use Ondergrond\Rules\Rule;
use Ondergrond\Rules\Subject;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

final class ProductSoldInThatSize extends Rule
{
    public function asks(): string
    {
        return 'An own product is laid in a thickness that it is sold in.';
    }

    public function why(): string
    {
        return 'What is drawn and not sold comes as another board, or as two where nobody thought of the joints.';
    }

    public function source(): string
    {
        return 'common practice, no source';
    }

    public function concern(): Concern
    {
        return Concern::None;
    }

    public function parts(): array
    {
        return [Part::Field, Part::Perimeter, Part::EdgeInside, Part::EdgeUnder, Part::EdgeOutside, Part::BoardAbove, Part::Wing];
    }

    public function weights(): array
    {
        return [Severity::Fix];
    }

    public function judge(Subject $s): ?Finding
    {
        foreach ($this->parts() as $part) {
            $of = $part->of($s->design);
            $layer = $of instanceof Layer ? $of : (get_object_vars($of)['layer'] ?? null);
            $sold = $layer instanceof Layer && $layer->present() ? $layer->material->product->sold ?? [] : [];
            if (! $layer instanceof Layer || $sold === []
                || array_filter($sold, static fn (float $t): bool => abs($t - $layer->thickness) < 0.0005) !== []) {
                continue;
            }
            sort($sold);
            $thicker = array_values(array_filter($sold, static fn (float $t): bool => $t > $layer->thickness));
            $size = $thicker[0] ?? $sold[count($sold) - 1];

            return $this->fix(
                str_replace('%', '%%', $layer->material->name).' is drawn %1$s thick, and sold in %2$s.', Measure::size($layer->thickness),
                Measure::size($size),
                Remedy::of(Said::of('Make it %s.', Measure::size($size)), static fn (Design $d): Design => self::made($d, $part, $size)),
            );
        }

        return null;
    }

    private static function made(Design $d, Part $part, float $size): Design
    {
        $of = $part->of($d);
        $with = match (true) {
            $of instanceof Layer => $of->thick($size),
            $of instanceof PerimeterBoard, $of instanceof InsideBoard, $of instanceof OutsideBoard, $of instanceof Wing => $of->but(
                layer: $of->layer->thick($size),
            ),
            default => null,
        };

        return $with === null ? $d : $d->with([$part->property() => $with]);
    }
}
