<?php

declare(strict_types=1);

namespace Ondergrond\Plan\Kinds;

use Ondergrond\Design\Design;
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

/** A trial pit: how deep rock and water were found. */
final readonly class Pit implements Item
{
    use Placed;

    /**
     * @param  float  $depth  below the ground there, m
     * @param  float|null  $rock  below the ground there, m; null: none was met
     * @param  float|null  $water  below the ground there, m; null: none was met
     */
    public function __construct(
        public Placing $at,
        #[Size('dug to')]
        public float $depth = 1.5,
        #[Size('rock at')]
        public ?float $rock = null,
        #[Size('water at')]
        public ?float $water = null,
    ) {}

    public static function slug(): string
    {
        return 'pit';
    }

    public static function label(): string
    {
        return 'Trial pit';
    }

    public static function usual(): Placing
    {
        return new Placing(tolerance: 0.1, trade: Trade::Installer);
    }

    public static function isSet(): bool
    {
        return false;
    }

    public static function mayLeave(): bool
    {
        return true;
    }

    public function marks(): array
    {
        return [Mark::at(Sign::Cross, $this->at->x, $this->at->y, 0.6)];
    }

    public function about(): Said
    {
        return Said::of(
            'dug to %s'.($this->rock === null ? '' : ', rock at %s').($this->water === null ? '' : ', water at %s'),
            ...array_map(Measure::depth(...), array_values(array_filter(
                [$this->depth, $this->rock, $this->water], static fn (?float $v): bool => $v !== null,
            ))),
        );
    }

    public function remarks(Around $in): array
    {
        $remarks = [];
        $dig = -min($in->section->dig, $in->section->trench);
        if ($this->rock === null && $this->depth - $this->at->level < $dig - 1e-6) {
            $remarks[] = new Remark('deep-enough', Severity::NotChecked, Said::of(
                'goes %s deep: this design is dug to %s', Measure::depth($this->depth - $this->at->level), Measure::depth($dig),
            ));
        }

        return $remarks;
    }

    public static function from(Design $design): array
    {
        return ['level_m' => 0.0];
    }
}
