<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** Anchor bolts along a wall’s plate, as far apart as a rule has them. */
final readonly class Bolts implements Item
{
    use Run;

    /** m; common practice, no source. */
    private const COVER = 0.045;

    /**
     * @param  float  $toX  of the other end, m
     * @param  float  $toY  of the other end, m
     * @param  float  $diameter  m
     * @param  float  $apart  m
     * @param  float  $fromEnd  m
     */
    public function __construct(
        public Placing $at,
        #[Size('other end, along', quantity: Quantity::Length)]
        public float $toX = 0.0,
        #[Size('other end, across', quantity: Quantity::Length)]
        public float $toY = 0.0,
        #[Size('bolt')]
        public float $diameter = 0.012,
        #[Size('apart, at most')]
        public float $apart = 1.2,
        #[Size('from a plate’s end')]
        public float $fromEnd = 0.25,
    ) {}

    public static function slug(): string
    {
        return 'bolts';
    }

    public static function label(): string
    {
        return 'Anchor bolts';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.006, trade: Trade::Installer);
    }

    /** @return non-empty-list<array{float, float}> where each stands: equal spaces between the two at the ends, m */
    public function places(): array
    {
        $between = $this->length() - 2 * $this->fromEnd;
        if ($between <= 0.0) {
            return [[($this->at->x + $this->toX) / 2, ($this->at->y + $this->toY) / 2]];
        }
        $spaces = max(1, (int) ceil(round($between / $this->apart, 9)));

        return array_map(function (int $i) use ($between, $spaces): array {
            $share = ($this->fromEnd + $between * $i / $spaces) / $this->length();

            return [$this->at->x + $share * ($this->toX - $this->at->x), $this->at->y + $share * ($this->toY - $this->at->y)];
        }, range(0, $spaces));
    }

    public function marks(): array
    {
        return array_map(fn (array $p): Mark => Mark::at(Sign::Tick, $p[0], $p[1], $this->diameter), $this->places());
    }

    public function about(): Said
    {
        return Said::of(count($this->places()).' bolts on %s', Measure::of($this->length(), Quantity::Length));
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        $edge = min(array_map(static fn (array $p): float => $in->inFromEdge($p[0], $p[1]), $this->places()));
        if ($edge < self::COVER - 1e-9) {
            $remarks[] = new Remark('cover', Severity::Fix, Said::of(
                'stand %s from the face of the concrete, where %s cover a bolt', Measure::size($edge), Measure::size(self::COVER),
            ));
        }

        return $remarks;
    }

    public static function from(Design $design): array
    {
        return [
            'level_m' => round($design->slab->topAboveGrade, 4),
            ...($design->anchors->present() ? [
                'diameter_m' => $design->anchors->bolt, 'apart_m' => $design->anchors->apart, 'from_end_m' => $design->anchors->fromEnd,
            ] : []),
        ];
    }
}
