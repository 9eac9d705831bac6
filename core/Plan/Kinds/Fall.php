<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Belongs;
use Ondergrond\Plan\FallsTo;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Spot;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Quantity;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A part of the floor whose top falls; its level is that of the high side. */
final readonly class Fall implements Item
{
    use Covers;

    /** Floor to gully, drop over length; common practice, no source. */
    public const LEAST = 0.01;

    /** m; common practice, no source. */
    private const LEFT = 0.075;

    /**
     * @param  float  $length  along the sheet before it is turned, m
     * @param  float  $width  across, m
     * @param  float  $turn  against the clock, degrees
     * @param  float  $drop  from the high side to the low, m
     */
    public function __construct(
        public Placing $at,
        #[Size('length', quantity: Quantity::Length)]
        public float $length = 3.0,
        #[Size('width', quantity: Quantity::Length)]
        public float $width = 2.0,
        #[Size('turned', key: 'turn_deg')]
        public float $turn = 0.0,
        #[Size('drop')]
        public float $drop = 0.04,
        #[Size('falls')]
        public FallsTo $to = FallsTo::End,
    ) {}

    public static function slug(): string
    {
        return 'fall';
    }

    public static function label(): string
    {
        return 'Fall of the floor';
    }

    public static function belongs(): Belongs
    {
        return Belongs::Design;
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.003, trade: Trade::Installer);
    }

    /** Over which it drops, m: of a point the shortest way to it. */
    public function over(): float
    {
        return $this->to === FallsTo::End ? $this->length : min($this->length, $this->width) / 2;
    }

    /** Drop over length; of a point where it is steepest. */
    public function slope(): float
    {
        return $this->drop / $this->over();
    }

    /** Drop over length where it is flattest: of a point from its corners. */
    public function flattest(): float
    {
        return $this->to === FallsTo::End ? $this->slope() : $this->drop / (hypot($this->length, $this->width) / 2);
    }

    /** @return array{float, float} of its lowest place, m */
    public function low(): array
    {
        if ($this->to === FallsTo::Middle) {
            return [$this->at->x, $this->at->y];
        }
        [, $a, $b] = $this->corners();

        return [($a[0] + $b[0]) / 2, ($a[1] + $b[1]) / 2];
    }

    public function spots(): array
    {
        [$a, , , $d] = $this->corners();
        $high = $this->to === FallsTo::Middle ? $a : [($a[0] + $d[0]) / 2, ($a[1] + $d[1]) / 2];

        return [
            new Spot($this->to === FallsTo::Middle ? 'rim' : 'high end', $high[0], $high[1], $this->at->level),
            new Spot($this->to === FallsTo::Middle ? 'low point' : 'low end', ...[...$this->low(), $this->at->level - $this->drop]),
        ];
    }

    public function marks(): array
    {
        $ring = $this->corners();
        $low = $this->low();
        $from = $this->to === FallsTo::Middle ? $ring : [[($ring[0][0] + $ring[3][0]) / 2, ($ring[0][1] + $ring[3][1]) / 2]];

        return [Mark::over(Sign::Loose, $ring), ...array_map(
            static fn (array $p): Mark => Mark::along(Sign::Flow, $p[0], $p[1], $low[0], $low[1]), $from,
        )];
    }

    public function about(): Said
    {
        return Said::of(
            $this->drop > 0.0 ? sprintf(
                'falls %%s over %%s, 1 in %d', round(1 / $this->slope()),
            ) : 'falls %s over %s', Measure::size($this->drop),
            Measure::of($this->over(), Quantity::Length),
        );
    }

    public function remarks(Around $in): array
    {
        $thick = $in->design->slab->layer->thickness;
        $low = $thick - $this->drop;

        return [$low >= self::LEFT - 1e-9
            ? new Remark('thickness', Severity::Note, Said::of(
                'over a level bed the slab is %s thick at its high side and %s at its low', Measure::size($thick), Measure::size($low),
            ))
            : new Remark('slab-left', Severity::Fix, Said::of(
                'leaves %s of a slab of %s at its low side; under %s its bed goes down with it', Measure::size(max(0.0, $low)),
                Measure::size($thick), Measure::size(self::LEFT),
            ))];
    }
}
