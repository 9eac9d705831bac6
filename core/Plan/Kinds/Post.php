<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Plan\Around;
use Ondergrond\Plan\Item;
use Ondergrond\Plan\Mark;
use Ondergrond\Plan\Placing;
use Ondergrond\Plan\Remark;
use Ondergrond\Plan\Sign;
use Ondergrond\Plan\Trade;
use Ondergrond\Size\Size;
use Ondergrond\Units\Measure;
use Ondergrond\Units\Said;
use Ondergrond\Verdict\Severity;

/** A post on the slab or its pad. */
final readonly class Post implements Item
{
    use Placed;

    /**
     * @param  float  $width  of its square plate, m
     * @param  string  $of  name of a kind of post of the design, `post-1`; empty: of none
     * @param  float  $permanent  kN; 0: as its kind says
     * @param  float  $live  kN; 0: as its kind says
     */
    public function __construct(
        public Placing $at,
        #[Size('plate')]
        public float $width = 0.2,
        #[Size('kind')]
        public string $of = '',
        #[Size('permanent load', key: 'permanent_kn')]
        public float $permanent = 0.0,
        #[Size('live load', key: 'live_kn')]
        public float $live = 0.0,
    ) {}

    public static function slug(): string
    {
        return 'post';
    }

    public static function label(): string
    {
        return 'Post';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.006, trade: Trade::Carpenter);
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Square, $this->at->x, $this->at->y, $this->width)];
    }

    public function remarks(Around $in): array
    {
        $remarks = Bearing::remarks($this, $this->of, $this->permanent + $this->live, $in);
        $edge = $in->inFromEdge($this->at->x, $this->at->y);
        if ($edge < $this->width / 2 - 1e-6) {
            $remarks[] = new Remark('plate-on-slab', Severity::Stop, Said::of(
                'its plate reaches %s over the edge', Measure::size($this->width / 2 - $edge),
            ));
        }

        return $remarks;
    }
}
