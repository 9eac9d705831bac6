<?php

declare(strict_types=1);

namespace Ondergrond\Search;

use Generator;
use Ondergrond\Codec\DesignCodec;
use Ondergrond\Codec\SizePath;
use Ondergrond\Design\Design;
use Ondergrond\Design\Part;
use Ondergrond\Fault\Fault;
use Ondergrond\Fault\FaultyInput;
use Ondergrond\Material\Materials;
use Ondergrond\Units\UnitSystem;

/** The designs to be weighed: one design with some of its sizes left open, each to a few sizes that are sold. */
final readonly class Space
{
    /** As many as are judged in a minute or so. */
    public const MOST = 20_000;

    public const MOST_OPEN = 6;

    /**
     * @param  array<string, non-empty-list<float>>  $open  never empty; sizes by path, m
     */
    private function __construct(
        public Design $design,
        public array $open,
    ) {}

    /**
     * @param  array<string, array{float, float}>  $open  least and most by path, m; a size of 0 in it leaves the part out
     *
     * @throws FaultyInput where nothing is open, a size is unknown or there would be too many designs
     */
    public static function of(Design $design, array $open, UnitSystem $units): self
    {
        $data = DesignCodec::toArray($design);
        $sizes = $faults = [];
        foreach ($open as $path => [$least, $most]) {
            $usual = SizePath::sold($path, $units);
            if (SizePath::find($data, $path) === null || $usual === []) {
                $faults[] = Fault::of(
                    "/open/{$path}",
                    'no size of this design',
                    'a size that is sold in steps, such as field_board.thickness_m',
                );

                continue;
            }
            $within = array_values(array_filter($usual, static fn (float $s): bool => $s >= $least - 1e-6 && $s <= $most + 1e-6));
            if ($within === []) {
                $faults[] = Fault::of(
                    "/open/{$path}",
                    sprintf('no size that is sold from %.4g to %.4g m', $least, $most),
                    sprintf('a range with sizes in it, between %.4g and %.4g m', min($usual), max($usual)),
                );

                continue;
            }
            $sizes[$path] = $within;
        }
        if ($faults === [] && ($open === [] || count($sizes) > self::MOST_OPEN)) {
            $faults[] = Fault::of('/open', count($sizes).' open sizes', '1 to '.self::MOST_OPEN);
        }
        $count = array_product(array_map(count(...), $sizes));
        if ($faults === [] && $count > self::MOST) {
            $faults[] = Fault::of('/open', "{$count} designs", 'up to '.self::MOST.': leave fewer sizes open, or narrow their ranges');
        }
        if ($faults !== []) {
            throw FaultyInput::because($faults);
        }

        return new self($design, $sizes);
    }

    /** How many designs it holds, whether they can be built or not. */
    public function count(): int
    {
        return (int) array_product(array_map(count(...), $this->open));
    }

    /**
     * Every one of them.
     *
     * @return Generator<array<string, float>, Design|null>  sizes by path => design, null where it cannot be built
     */
    public function designs(): Generator
    {
        $data = DesignCodec::toArray($this->design);
        $paths = array_keys($this->open);
        $materials = $this->design->materials();
        for ($n = 0, $count = $this->count(); $n < $count; $n++) {
            $left = $n;
            $sizes = [];
            foreach ($paths as $path) {
                $of = $this->open[$path];
                $sizes[$path] = $of[$left % count($of)];
                $left = intdiv($left, count($of));
            }
            yield $sizes => self::from($data, $sizes, $materials);
        }
    }

    /**
     * @param  array<string, float>  $sizes  by path
     * @return Design|null  null where it cannot be built
     */
    public function design(array $sizes): ?Design
    {
        return self::built($this->design, $sizes);
    }

    /**
     * A design with other sizes.
     *
     * @param  array<string, float>  $sizes  by path, m
     * @return Design|null  null where it cannot be built
     */
    public static function built(Design $design, array $sizes): ?Design
    {
        $data = DesignCodec::toArray($design);
        foreach (array_keys($sizes) as $path) {
            if (SizePath::find($data, $path) === null) {
                return null;
            }
        }

        return self::from($data, $sizes, $design->materials());
    }

    /** Whether a part is open. */
    public function touches(Part $part): bool
    {
        foreach (array_keys($this->open) as $path) {
            if (str_starts_with($path, $part->value.'.')) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, float>  $sizes
     */
    private static function from(array $data, array $sizes, Materials $materials): ?Design
    {
        foreach ($sizes as $path => $size) {
            $data = SizePath::with($data, $path, $size);
        }
        try {
            return DesignCodec::fromValid($data, $materials);
        } catch (FaultyInput) {
            return null;
        }
    }
}
