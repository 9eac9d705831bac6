<?php

declare(strict_types=1);

namespace Ondergrond\SetOut;

use Ondergrond\Units\QuantityFormatter;

/** A height that a rod is held on: of the section, a pad, an end of a drain, a sleeve. Heights in m. */
final readonly class Target
{
    /**
     * @param  string  $id  `level:stone_top`, `pad:post-1`, or of an item, `<id>` or `<id>:2` for its other end
     * @param  string  $name  as people read it
     * @param  float  $level  in the survey's heights
     * @param  float  $low  how much lower it may lie; 0 or less
     * @param  float  $high  how much higher
     * @param  string  $note  where that is from, or where it is read
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $level,
        public float $low,
        public float $high,
        public string $note = '',
    ) {}

    /** How much lower or higher it may lie, in words. */
    public function off(QuantityFormatter $format): string
    {
        return abs($this->low + $this->high) < 1e-9 ? '±'.$format->tapedSmall($this->high)
            : '−'.$format->tapedSmall(-$this->low).' +'.$format->tapedSmall($this->high);
    }

    public function allows(float $deviation): bool
    {
        return $deviation >= $this->low - 1e-6 && $deviation <= $this->high + 1e-6;
    }
}
